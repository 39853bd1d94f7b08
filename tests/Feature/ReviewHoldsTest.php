<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Actions\SubmitScheme;
use App\Examination\Packed;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What a review rests on changes only while it is open, by those who may rule on it, and its log says how; what was decided stays. */
final class ReviewHoldsTest extends TestCase
{
    use RefreshDatabase;

    private string $folder;

    private User $designer;

    private User $reviewer;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/heurema-shelf-'.bin2hex(random_bytes(6));
        File::copyDirectory(base_path('core/rulebooks'), $this->folder);
        $this->shelve();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]);
        $layout = (new LayoutReader())->read(File::get(self::demoFile('ferry-cottage')));
        $this->revision = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021', 'drawing']);
        $this->actingAs($this->reviewer);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{string, array<string, mixed>}> what of a review, and what is posted */
    public static function changes(): iterable
    {
        yield 'books' => ['books', ['books' => ['uk-space']]];
        yield 'settings' => ['books', ['books' => ['us-irc-2021', 'drawing'], 'settings' => ['heated' => 'no']]];
        yield 'a statement' => ['statements', ['element' => 'w1', 'key' => 'thickness', 'typed' => '200 mm']];
        yield 'a remark' => ['remarks', ['storey' => self::storey(), 'x' => 0, 'y' => 0, 'words' => 'Here?']];
        yield 'a ruling' => ['rulings', ['finding' => '', 'kind' => 'uphold']];
    }

    /** @param array<string, mixed> $posted */
    #[DataProvider('changes')]
    public function test_designers_change_nothing_of_a_review(string $what, array $posted): void
    {
        $before = $this->kept();
        $this->actingAs($this->designer)->post("/revisions/{$this->revision->id}/{$what}", $posted)->assertForbidden();
        self::assertSame($before, $this->kept());
    }

    /** @param array<string, mixed> $posted */
    #[DataProvider('changes')]
    public function test_nothing_changes_once_a_review_is_over(string $what, array $posted): void
    {
        $posted = ($posted['finding'] ?? null) === '' ? [...$posted, 'finding' => $this->firstOpen()->fingerprint()] : $posted;
        foreach ([
            'superseded' => $this->supersede(...),
            'signed off' => $this->signOff(...),
            'letter sent' => $this->sendLetter(...),
        ] as $state => $end) {
            DB::beginTransaction();
            $end();
            $before = $this->kept();
            $this->post("/revisions/{$this->revision->id}/{$what}", $posted)->assertSessionHasErrors();
            self::assertSame($before, $this->kept(), $state);
            DB::rollBack();
            // the session was noted within what was taken back
            $this->actingAs($this->reviewer);
            $this->revision->refresh();
        }
    }

    public function test_books_settings_and_brief_are_logged_from_what_to_what(): void
    {
        $this->books(['us-irc-2021', 'drawing', 'uk-space'])->assertSessionHasNoErrors();
        self::assertStringContainsString(
            'International Residential Code 2021, Coordination of the drawing → International Residential Code '
            .'2021, Coordination of the drawing, ',
            $this->lastEntry(),
        );
        $this->books(['in-nbc-2016'], ['climate' => 'cold'])->assertSessionHasNoErrors();
        self::assertStringContainsString('climate: as the book has it → cold', $this->lastEntry());
        $project = $this->revision->scheme->project_id;
        $this->put(
            "/projects/{$project}/brief",
            ['wishes' => ['2 bedrooms of 12 m2', 'a bath room']],
        )->assertRedirect("/projects/{$project}/brief");
        self::assertSame('wrote the brief: none → 2 bedrooms of 12 m2; a bath room', $this->lastEntry());
        $this->put("/projects/{$project}/brief", ['wishes' => ['60 m2 in all']])->assertSessionHasNoErrors();
        self::assertSame('wrote the brief: 2 bedrooms of 12 m2; a bath room → 60 m2 in all', $this->lastEntry());
        $entries = LogEntry::query()->count();
        $this->books(['in-nbc-2016'], ['climate' => 'cold'])->assertSessionHasNoErrors();
        self::assertSame($entries, LogEntry::query()->count(), 'the same again is no change');
    }

    public function test_the_brief_of_a_home_that_was_handed_in_is_the_reviewers(): void
    {
        $project = $this->revision->scheme->project_id;
        $brief = ['wishes' => ['2 bedrooms']];
        $this->actingAs($this->designer)->put("/projects/{$project}/brief", $brief)->assertForbidden();
        $this->get("/projects/{$project}/brief")->assertOk()->assertDontSee('Save the brief');
        $this->actingAs($this->reviewer);
        $this->signOff();
        $this->put("/projects/{$project}/brief", $brief)->assertSessionHasErrors('brief');
        self::assertNull($this->revision->scheme->project->fresh()?->brief);
        self::assertNull($this->revision->fresh()?->brief);
    }

    public function test_a_statement_is_made_once_and_taken_back(): void
    {
        [$first, $second] = ['un1', 'un2'];
        $state = fn(string $element, string $typed): TestResponse => $this->post(
            "/revisions/{$this->orchard()->id}/statements",
            ['element' => $element, 'key' => 'operation', 'typed' => $typed],
        );
        $orchard = $this->orchard();
        $state($first, 'casement')->assertSessionHasNoErrors();
        $state($first, 'casement')->assertSessionHasErrors([
            'ruling' => 'That has been stated already, as casement: take it back to state another value.',
        ]);
        $state($second, 'sliding')->assertSessionHasNoErrors();
        $this->get("/revisions/{$orchard->id}")->assertOk()->assertSee('stated by '.$this->reviewer->name)->assertSee('Take it back');
        // the first of two: the second one stands
        $this
            ->delete("/revisions/{$orchard->id}/statements/{$orchard->statements()->orderBy('id')->firstOrFail()->id}")
            ->assertRedirect()
            ->assertSessionHasNoErrors();
        self::assertSame([$second], $orchard->statements()->pluck('element')->all());
        $orchard = $orchard->fresh() ?? $orchard;
        self::assertNotEquals($orchard->layout, $orchard->examined());
        self::assertSame("took the statement back: {$first}.operation: casement → not said", $this->lastEntry());
        $state($first, 'fixed')->assertSessionHasNoErrors();
        $this->get("/revisions/{$orchard->id}")->assertOk();
        // of another review it is not to be had
        $this->delete("/revisions/{$this->revision->id}/statements/{$orchard->statements()->firstOrFail()->id}")->assertNotFound();
    }

    public function test_what_was_decided_is_shown_however_the_rules_change(): void
    {
        $this->signOff();
        $before = $this->report();
        $this->get("/revisions/{$this->revision->id}?show=all")->assertOk()->assertDontSee('Shown as it was decided');
        $book = "{$this->folder}/us-irc-2021.yaml";
        File::put(
            $book,
            str_replace(
                ['title: Floor area of a habitable room', '70 sq ft'],
                ['title: How large a room is', '170 sq ft'],
                File::get($book),
            ),
        );
        $this->shelve();
        $this
            ->get("/revisions/{$this->revision->id}?show=all")
            ->assertOk()
            ->assertSee('Shown as it was decided. By today')
            ->assertSee('Floor area of a habitable room')
            ->assertDontSee('How large a room is');
        self::assertEquals($before, $this->report());
        // nor when a book is gone, or makes no sense any more
        File::put($book, 'book: [unfinished');
        $this->shelve();
        $this->get("/revisions/{$this->revision->id}?show=all")->assertOk()->assertSee('Floor area of a habitable room');
        File::delete($book);
        $this->shelve();
        self::assertEquals($before, $this->report());
    }

    public function test_a_superseded_revision_keeps_the_report_that_its_letter_rested_on(): void
    {
        $this->sendLetter();
        $before = $this->report();
        $book = "{$this->folder}/us-irc-2021.yaml";
        File::put($book, str_replace('70 sq ft', '170 sq ft', File::get($book)));
        $this->shelve();
        $next = $this->app->make(SubmitScheme::class)->submit($this->revision->scheme, $this->designer);
        self::assertSame(RevisionState::Superseded, $this->revision->fresh()?->state);
        self::assertEquals($before, $this->report());
        self::assertNotEquals(
            $before,
            array_map(
                static fn(Finding $finding): array => $finding->toArray(),
                $this->app->make(ReviewPages::class)->report($next)->findings,
            ),
            'the next one is held against the rules of today',
        );
    }

    public function test_a_page_that_nobody_changed_works_nothing_out_again(): void
    {
        $this->get("/revisions/{$this->revision->id}?show=all")->assertOk()->assertDontSee('Kept words');
        $key = null;
        foreach ($this->cached() as $name => $packed) {
            $key = $name;
            Cache::put($name, Packed::pack(str_replace('"verdict":"met"', '"verdict":"advised"', (string) Packed::unpack($packed))), 60);
        }
        self::assertNotNull($key);
        // what the page shows is what was kept
        self::assertArrayNotHasKey(
            'met',
            array_filter(
                $this->app->make(ReviewPages::class)->report($this->revision)->counts(),
                static fn(int $count): bool => $count > 0,
            ),
        );
        $this->books(['us-irc-2021'])->assertSessionHasNoErrors();
        self::assertArrayHasKey(
            'met',
            array_filter(
                $this->app->make(ReviewPages::class)->report($this->revision->fresh() ?? $this->revision)->counts(),
                static fn(int $count): bool => $count > 0,
            ),
            'held against other books it is worked out',
        );
    }

    /** @return array<string, string> reports by their key */
    private function cached(): array
    {
        $store = Cache::getStore();
        $entries = (new \ReflectionProperty($store, 'storage'))->getValue($store);
        $reports = [];
        foreach (is_array($entries) ? $entries : [] as $key => $entry) {
            if (is_string($key) && str_starts_with($key, 'report ') && is_array($entry) && is_string($entry['value'])) {
                $reports[$key] = $entry['value'];
            }
        }

        return $reports;
    }

    private function shelve(): void
    {
        $this->app->instance(RuleBookLibrary::class, new RuleBookLibrary($this->folder, new RuleBookReader(Catalogue::standard())));
    }

    private static function storey(): string
    {
        return (new LayoutReader())->read((string) file_get_contents(self::demoFile('ferry-cottage')))->storeys[0]->id;
    }

    private function orchard(): Revision
    {
        static $revision = null;
        if (!$revision instanceof Revision || !$revision->exists || Revision::query()->whereKey($revision->id)->doesntExist()) {
            $revision = $this->app->make(OpenProject::class)->open(
                $this->designer,
                (new LayoutReader())->read(File::get(self::demoFile())),
                null,
                ['us-irc-2021'],
            );
        }

        return $revision;
    }

    private function supersede(): void
    {
        $this->app->make(SubmitScheme::class)->submit($this->revision->scheme, $this->designer);
    }

    private function signOff(): void
    {
        foreach ($this->open() as $finding) {
            $this->post(
                "/revisions/{$this->revision->id}/rulings",
                ['finding' => $finding->fingerprint(), 'kind' => 'waive', 'words' => 'It may stay.'],
            )->assertSessionHasNoErrors();
        }
        $this->post("/revisions/{$this->revision->id}/sign-off")->assertSessionHasNoErrors();
        self::assertSame(RevisionState::SignedOff, $this->revision->fresh()?->state);
    }

    private function sendLetter(): void
    {
        $this->post(
            "/revisions/{$this->revision->id}/rulings",
            ['finding' => $this->firstOpen()->fingerprint(), 'kind' => 'uphold'],
        )->assertSessionHasNoErrors();
        $this->post("/revisions/{$this->revision->id}/letter")->assertSessionHasNoErrors();
        self::assertSame(RevisionState::Returned, $this->revision->fresh()?->state);
    }

    /** @return list<Finding> */
    private function open(): array
    {
        return array_values(array_filter(
            $this->app->make(ReviewPages::class)->report($this->revision)->findings,
            static fn(Finding $finding): bool => $finding->verdict()->isOpen(),
        ));
    }

    private function firstOpen(): Finding
    {
        return $this->open()[0];
    }

    /**
     * @param list<string>          $books
     * @param array<string, string> $settings
     *
     * @return TestResponse<Response>
     */
    private function books(array $books, array $settings = []): TestResponse
    {
        return $this->post("/revisions/{$this->revision->id}/books", ['books' => $books, 'settings' => $settings]);
    }

    private function lastEntry(): string
    {
        return LogEntry::query()->latest('id')->firstOrFail()->words;
    }

    /** @return list<array<string, mixed>> */
    private function report(): array
    {
        return array_map(
            static fn(Finding $finding): array => $finding->toArray(),
            $this->app->make(ReviewPages::class)->report($this->revision->fresh() ?? $this->revision)->findings,
        );
    }

    /** @return array<string, mixed> all that a review rests on */
    private function kept(): array
    {
        $revision = Revision::query()->findOrFail($this->revision->id);

        return [
            ...$revision->getRawOriginal(),
            'statements' => $revision
                ->statements()
                ->count(), 'remarks' => $revision
                ->remarks()
                ->count(), 'rulings' => $revision
                ->rulings()
                ->count(), 'entries' => LogEntry::query()
                ->count(),
            'project' => $revision->scheme->project->getRawOriginal(),
        ];
    }
}
