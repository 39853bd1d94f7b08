<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\ClosedReview;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Ruling;
use App\Models\User;
use App\Pages\ReviewPages;
use App\Rulings\Rulings;
use Heurema\Layout\Edit\Patch;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Heurema\Review\FoundFacts;
use Heurema\Review\Report;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What was decided stays decided: the rows themselves refuse to change, and rulings follow what was found, not the words for it. */
final class ClosedReviewTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    private User $by;

    protected function setUp(): void
    {
        parent::setUp();
        $this->by = User::factory()->create();
        $this->revision = $this->app->make(OpenProject::class)->open(
            $this->by,
            (new LayoutReader())->read((string) file_get_contents(self::demoFile())),
            null,
            ['us-irc-2021'],
        );
    }

    /** @return iterable<string, array{0: RevisionState, 1: array<string, mixed>, 2: bool, 3?: string}> */
    public static function changes(): iterable
    {
        foreach (RevisionState::cases() as $state) {
            $isOpen = $state->isOpen();
            yield "{$state->value}: its number" => [$state, ['number' => 9], false];
            yield "{$state->value}: its answer" => [$state, ['answer' => 'other'], false];
            yield "{$state->value}: its books" => [$state, ['books' => ['uk-space']], $isOpen];
            yield "{$state->value}: its settings" => [$state, ['settings' => ['a' => 'b']], $isOpen];
            yield "{$state->value}: its brief" => [$state, ['brief' => 'book: brief'], $isOpen];
            // a letter that went out before reports were kept has none yet
            yield "{$state->value}: its counts" => [$state, ['counts' => []], $isOpen || $state === RevisionState::Returned];
            yield "{$state->value}: its report" => [$state, ['decided' => 'x'], $isOpen || $state === RevisionState::Returned];
            yield "{$state->value}: another report" => [$state, ['decided' => 'y', 'counts' => []], $isOpen, 'x'];
            yield "{$state->value}: signed off" => [
                $state,
                ['state' => RevisionState::SignedOff],
                $isOpen || $state === RevisionState::Returned || $state === RevisionState::SignedOff,
            ];
        }
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('changes')]
    public function test_a_revision_itself_refuses_what_may_not_change(
        RevisionState $state,
        array $change,
        bool $isTaken,
        ?string $decided = null,
    ): void {
        Revision::query()->whereKey($this->revision->id)->update(['state' => $state, 'decided' => $decided]);
        $this->revision->refresh();
        $before = $this->revision->getRawOriginal();
        try {
            $this->revision->update($change);
            self::assertTrue($isTaken);
        } catch (ClosedReview $e) {
            self::assertFalse($isTaken);
            self::assertStringContainsString($state->words(), $e->getMessage());
            self::assertSame($before, $this->revision->fresh()?->getRawOriginal());
        }
    }

    public function test_nothing_that_belongs_to_a_review_changes_once_it_is_over(): void
    {
        $ruling = $this->revision->rulings()->create([
            'user_id' => $this->by->id, 'finding' => 'a/b/c', 'kind' => 'uphold', 'facts' => 'x', 'batch' => 'y',
        ]);
        $remark = $this->revision->remarks()->create(['user_id' => $this->by->id, 'storey' => 'G', 'x' => 0, 'y' => 0, 'words' => 'Here?']);
        $statement = $this->revision->statements()->create([
            'user_id' => $this->by->id, 'element' => 'un1', 'key' => 'operation', 'typed' => 'casement', 'patch' => new Patch([], ''),
        ]);
        Revision::query()->whereKey($this->revision->id)->update(['state' => RevisionState::SignedOff]);
        $this->revision->refresh();
        $tries = [
            fn() => $this->revision->rulings()->create([
                'user_id' => $this->by->id, 'finding' => 'a/b/d', 'kind' => 'uphold', 'facts' => 'x', 'batch' => 'z',
            ]),
            fn() => $this->revision->remarks()->create([
                'user_id' => $this->by->id, 'storey' => 'G', 'x' => 0, 'y' => 0, 'words' => 'There?',
            ]),
            fn() => $ruling->fresh()?->update(['words' => 'other']),
            fn() => $remark->fresh()?->update(['in_letter' => true]),
            fn() => $statement->fresh()?->delete(),
            fn() => $remark->fresh()?->delete(),
        ];
        foreach ($tries as $number => $try) {
            try {
                $try();
                self::fail("{$number} was taken.");
            } catch (ClosedReview) {
                self::assertSame(
                    [1, 1, 1],
                    [$this->revision->rulings()->count(), $this->revision->remarks()->count(), $this->revision->statements()->count()],
                );
            }
        }
    }

    public function test_a_ruling_stands_though_the_words_for_it_are_others(): void
    {
        $finding = $this->rule();
        Ruling::query()->update(['facts' => 'in words that were usual then']);
        self::assertFalse(Rulings::of($this->revision)->isWaiting($finding));
        Ruling::query()->update(['found' => str_replace('"violated"', '"met"', $finding->foundFacts()->write())]);
        self::assertTrue(Rulings::of($this->revision)->isWaiting($finding), 'what was found is another');
    }

    public function test_rulings_of_before_are_brought_over(): void
    {
        $finding = $this->rule();
        $this->rule(1);
        $this
            ->another()
            ->rulings()
            ->create(['user_id' => $this->by->id, 'finding' => 'of/no/book', 'kind' => 'uphold', 'facts' => 'x', 'batch' => 'y']);
        Ruling::query()->update(['found' => null]);
        self::assertFalse(Rulings::of($this->revision)->isWaiting($finding), 'it stands by its words until then');
        Ruling::query()->where('finding', '!=', $finding->fingerprint())->update(['facts' => 'what had been found otherwise']);
        // on a review that is over too
        Revision::query()->whereKey($this->revision->id)->update(['state' => RevisionState::SignedOff]);
        self::assertSame(0, Artisan::call('heurema:rulings'));
        self::assertSame([$finding->foundFacts()->write(), null, null], Ruling::query()->orderBy('id')->pluck('found')->all());
        self::assertTrue(FoundFacts::read((string) Ruling::query()->firstOrFail()->found)->agreesWith($finding->foundFacts()));
        Artisan::call('heurema:rulings');
        self::assertStringContainsString('0 rulings', Artisan::output());
    }

    private function rule(int $number = 0): Finding
    {
        $finding = array_values(array_filter(
            $this->report()->findings,
            static fn(Finding $finding): bool => $finding->verdict()->isOpen(),
        ))[$number];
        $this->revision->rulings()->create([
            'user_id' => $this->by->id, 'finding' => $finding->fingerprint(), 'kind' => 'uphold', 'facts' => $finding->facts(),
            'found' => $finding->foundFacts()->write(), 'batch' => "b{$number}",
        ]);

        return $finding;
    }

    private function another(): Revision
    {
        return $this->app->make(OpenProject::class)->open(
            $this->by,
            (new LayoutReader())->read((string) file_get_contents(self::demoFile('ferry-cottage'))),
            null,
            ['us-irc-2021'],
        );
    }

    private function report(): Report
    {
        return $this->app->make(ReviewPages::class)->report($this->revision);
    }
}
