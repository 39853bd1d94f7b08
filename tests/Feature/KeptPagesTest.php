<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Actions\SubmitScheme;
use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A review page is drawn once, and anew with every change of what it shows. */
final class KeptPagesTest extends TestCase
{
    use RefreshDatabase;

    private User $designer;

    private User $reviewer;

    private Revision $revision;

    private int $drawn = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021', 'drawing']);
        Event::listen('composing: review', function (): void {
            ++$this->drawn;
        });
        // with all that the database has of him, as at signing in
        $this->actingAs($this->reviewer->refresh());
    }

    public function test_it_is_drawn_once_for_everybody_who_sees_it(): void
    {
        $first = $this->page();
        self::assertSame([$first, $first], [$this->page(), $this->page()]);
        self::assertSame(1, $this->drawn);
        $this->actingAs($this->designer);
        self::assertStringNotContainsString('Sign off', $this->page(), 'a designer is offered no rulings');
        $this->page();
        self::assertSame(2, $this->drawn);
        $this->actingAs(User::factory()->create())->get("/revisions/{$this->revision->id}")->assertForbidden();
    }

    public function test_each_session_gets_its_own_token(): void
    {
        $this->page();
        session()->regenerateToken();
        self::assertStringContainsString('"'.session()->token().'"', $this->page());
        self::assertSame(1, $this->drawn);
        self::assertStringNotContainsString('@@', $this->page());
    }

    /** @return iterable<string, array{callable(self): mixed}> */
    public static function changes(): iterable
    {
        yield 'a ruling' => [
            static fn(self $test) => $test->post(
                $test->address('rulings'),
                ['finding' => $test->open()->fingerprint(), 'kind' => 'uphold'],
            ),
        ];
        yield 'a statement' => [
            static fn(self $test) => $test->post(
                $test->address('statements'),
                ['element' => 'un1', 'key' => 'operation', 'typed' => 'casement'],
            ),
        ];
        yield 'a remark' => [
            static fn(self $test) => $test->post(
                $test->address('remarks'),
                ['storey' => $test->revision->layout->storeys[0]->id, 'x' => 0, 'y' => 0, 'words' => 'Here?'],
            ),
        ];
        yield 'other books' => [static fn(self $test) => $test->post($test->address('books'), ['books' => ['uk-space', 'drawing']])];
        yield 'a name' => [
            static fn(self $test) => $test->put("/projects/{$test->revision->scheme->project_id}", ['name' => 'Another name']),
        ];
        yield 'the next revision' => [
            static fn(self $test) => $test->app->make(SubmitScheme::class)->submit($test->revision->scheme, $test->designer),
        ];
        yield 'another name of a scheme' => [static fn(self $test) => $test->revision->scheme->update(['name' => 'Scheme Z'])];
        yield 'another role' => [static fn(self $test) => $test->reviewer->update(['role' => Role::Designer])];
        yield 'another code' => [static fn() => config()->set('pages.code', 'other'), false];
    }

    /** @param callable(self): mixed $change */
    #[DataProvider('changes')]
    public function test_what_changes_shows(callable $change, bool $isSeen = true): void
    {
        $before = $this->page();
        $change($this);
        self::assertFalse(session()->has('errors'), 'it was taken');
        $this->actingAs($this->reviewer->refresh());
        $drawn = $this->drawn;
        $after = $this->page();
        self::assertSame($drawn + 1, $this->drawn);
        self::assertSame($isSeen, self::bare($before) !== self::bare($after));
        Cache::flush();
        self::assertSame(self::bare($this->page()), self::bare($after), 'as if nothing were kept');
    }

    public function test_a_page_with_an_error_on_it_is_that_answers_alone(): void
    {
        $plain = $this->page();
        $this
            ->from($this->address())
            ->post($this->address('rulings'), ['finding' => $this->open()->fingerprint(), 'kind' => 'waive', 'words' => ''])
            ->assertRedirect();
        self::assertNotSame($plain, $this->page(), 'the error shows');
        self::assertSame($plain, $this->page());
        self::assertSame(2, $this->drawn);
    }

    public function test_what_is_kept_and_makes_no_sense_is_drawn_anew(): void
    {
        $keys = [];
        Event::listen(static function (KeyWritten $written) use (&$keys): void {
            $keys[] = $written->key;
        });
        $page = $this->page();
        $kept = array_values(array_filter($keys, static fn(string $key): bool => str_starts_with($key, 'page ')));
        self::assertCount(1, $kept);
        Cache::put($kept[0], 'nonsense', 60);
        self::assertSame([$page, 2], [$this->page(), $this->drawn]);
    }

    public function test_nothing_is_written_by_looking(): void
    {
        $this->page();
        DB::enableQueryLog();
        $this->page();
        self::assertSame(
            [],
            array_filter(array_column(DB::getQueryLog(), 'query'), static fn(string $sql): bool => !str_starts_with($sql, 'select')),
        );
    }

    private function page(): string
    {
        return (string) $this->get($this->address())->assertOk()->getContent();
    }

    private function address(string $of = ''): string
    {
        return rtrim("/revisions/{$this->revision->id}/{$of}", '/');
    }

    private function open(): Finding
    {
        $report = $this->app->make(KeptReports::class)->report(new Home($this->revision->examined()), Basis::ofRevision($this->revision));

        return array_values(array_filter($report->findings, static fn(Finding $finding): bool => $finding->verdict()->isOpen()))[0];
    }

    private static function bare(string $html): string
    {
        return (string) preg_replace('/"[A-Za-z0-9]{40}"/', '', $html);
    }
}
