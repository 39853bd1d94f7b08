<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\ScheduleKind;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Illuminate\Database\Eloquent\Builder;

/**
 * What is found by typing a few words: pages, homes, what is drawn on the home in sight, its findings, rules. All words must be found in an
 * entry, in its title or beside it.
 */
final readonly class SearchPage
{
    /** Of one group so many are shown. */
    private const MOST = 7;

    private const DRAWN = [
        SubjectType::Room, SubjectType::Door, SubjectType::Window, SubjectType::Fixture, SubjectType::Stair, SubjectType::Ramp,
        SubjectType::Wall, SubjectType::Soffit, SubjectType::Guard,
    ];

    /** @var list<string> in small letters */
    private array $words;

    /**
     * @param Scheme|null   $scheme   the one on whose board, or other page, it is searched
     * @param Revision|null $revision the one whose review is in sight
     * @param \Closure(): Report|null $report of what is in sight
     */
    public function __construct(
        string $typed,
        private User $user,
        private RuleBookLibrary $library,
        private ?Scheme $scheme = null,
        private ?Revision $revision = null,
        private ?\Closure $report = null,
    ) {
        $this->words = array_values(array_filter(
            explode(' ', (string) preg_replace('/\s+/u', ' ', mb_strtolower($typed))),
            static fn(string $word): bool => $word !== '',
        ));
    }

    /** @return array<string, list<FoundEntry>> the best of each group, by its name */
    public function groups(): array
    {
        if ($this->words === []) {
            return [];
        }

        $report = $this->report === null ? null : ($this->report)();

        return array_filter([
            __('Pages') => $this->best($this->pages()),
            __('Homes') => $this->best($this->homes()),
            __('On the plan') => $this->best($report === null ? [] : $this->drawn($report->home)),
            __('Findings') => $this->best($report === null ? [] : $this->findings($report)),
            __('Rules') => $this->best($this->rules()),
            __('Help') => $this->best($this->help()),
        ], static fn(array $entries): bool => $entries !== []);
    }

    /**
     * @param iterable<FoundEntry> $entries
     *
     * @return list<FoundEntry>
     */
    private function best(iterable $entries): array
    {
        $ranked = [];
        foreach ($entries as $entry) {
            $rank = $entry->rank($this->words);
            if ($rank !== null) {
                $ranked[$rank][] = $entry;
            }
        }
        ksort($ranked);

        return array_slice(array_merge(...array_values($ranked)), 0, self::MOST);
    }

    /** @return \Generator<FoundEntry> */
    private function pages(): \Generator
    {
        yield new FoundEntry(__('Desk'), __('reviews in hand'), route('desk'));
        yield new FoundEntry(__('Rule books'), __('codes, standards, practice'), route('rule-books'));
        yield new FoundEntry(__('Measures'), __('what rules can ask'), route('measures'));
        yield new FoundEntry(__('People'), __('of the office, invitations'), route('people'));
        yield new FoundEntry(__('Account'), __('password, sessions, tokens'), route('account'));
        if ($this->user->can('invite', User::class)) {
            yield new FoundEntry(__('Outbox'), __('mails of the office'), route('outbox'));
        }
        yield from $this->scheme === null ? [] : $this->pagesOfScheme($this->scheme);
        yield from $this->revision === null ? [] : $this->pagesOfReview($this->revision);
    }

    /** @return \Generator<FoundEntry> */
    private function pagesOfScheme(Scheme $scheme): \Generator
    {
        $of = $scheme->project->name;
        yield new FoundEntry(__('Board'), __('draw :of', ['of' => $of]), route('board', $scheme));
        yield new FoundEntry(
            __('In the round'),
            __('the home in three dimensions, walking, sun, :of', ['of' => $of]),
            route('board.round', $scheme),
        );
        yield new FoundEntry(
            __('Elevations'),
            __('faces, sections, walls of rooms of :of', ['of' => $of]),
            route('board.elevations', $scheme),
        );
        yield new FoundEntry(__('Kitchen'), __('lay out kitchens of :of', ['of' => $of]), route('board.kitchen', $scheme));
        yield new FoundEntry(__('Sheets'), __('drawings on paper of :of', ['of' => $of]), route('board.sheets', $scheme));
        yield new FoundEntry(__('Taped on site'), __('site measurements of :of', ['of' => $of]), route('board.survey', $scheme));
        yield new FoundEntry(__('Files'), __('hand out, take in :of', ['of' => $of]), route('board.file', $scheme));
        yield new FoundEntry(__('Project'), $of, route('project', $scheme->project));
        yield new FoundEntry(__('Brief'), __('wishes for :of', ['of' => $of]), route('brief', $scheme->project));
    }

    /** @return \Generator<FoundEntry> */
    private function pagesOfReview(Revision $revision): \Generator
    {
        $of = __('revision :number of :name', ['number' => $revision->number, 'name' => $revision->scheme->project->name]);
        yield new FoundEntry(__('Review'), $of, route('review', $revision));
        yield new FoundEntry(__('Corrections letter'), $of, route('review.letter', $revision));
        foreach (ScheduleKind::cases() as $kind) {
            $title = __('Schedule of :kind', ['kind' => $kind->words()]);
            yield new FoundEntry($title, $of, route('review.schedule', [$revision, $kind->value]));
        }
    }

    /** @return \Generator<FoundEntry> */
    private function homes(): \Generator
    {
        $like = '%'.addcslashes($this->words[0], '%_\\').'%';
        $found = Project::query()->where('office_id', $this->user->office_id)
            ->where(static fn(Builder $either): Builder => $either->whereLike('name', $like)->orWhereLike('address', $like))
            ->latest('id')->limit(50)->get();
        foreach ($found as $project) {
            yield new FoundEntry($project->name, $project->address ?? '', route('project', $project));
        }
    }

    /** @return \Generator<FoundEntry> */
    private function drawn(Home $home): \Generator
    {
        foreach (self::DRAWN as $type) {
            foreach ($home->subjects($type) as $subject) {
                $mark = $home->marks()->of($subject->id());
                $title = $subject instanceof RoomSpace ? trim("{$mark} {$subject->room->name}") : $subject->name();
                yield new FoundEntry($title, implode(', ', array_filter([
                    str_contains($title, $mark) ? '' : $mark,
                    $home->layout->storey((string) $subject->storey())->name ?? '',
                ], static fn(string $part): bool => $part !== '')), $this->addressOf($subject));
            }
        }
    }

    private function addressOf(Subject $subject): string
    {
        return $this->revision === null
            ? route('board', [$this->scheme, 'storey' => $subject->storey(), 'select' => $subject->id()])
            : route('review', [$this->revision, 'subject' => $subject->id(), 'show' => 'all']);
    }

    /** @return \Generator<FoundEntry> those that are open first */
    private function findings(Report $report): \Generator
    {
        $findings = array_filter(
            $report->worstFirst(),
            static fn(Finding $one): bool => $one->verdict() !== Verdict::NotApplicable,
        );
        foreach ($findings as $finding) {
            yield new FoundEntry(
                $finding->rule->title,
                "{$finding->verdict()->words()}, {$finding->subject->name()}, {$finding->rule->clause}",
                $this->revision === null
                    ? route('board', [$this->scheme, 'storey' => $finding->subject->storey(), 'finding' => $finding->fingerprint()])
                    : route('review', [$this->revision, 'finding' => $finding->fingerprint(), 'show' => 'all']),
            );
        }
    }

    /** @return \Generator<FoundEntry> */
    private function help(): \Generator
    {
        foreach (array_keys(HelpPage::PAGES) as $key) {
            yield from HelpPage::of($key)?->headings() ?? [];
        }
    }

    /** @return \Generator<FoundEntry> of all books */
    private function rules(): \Generator
    {
        foreach ($this->library->readable() as $book) {
            foreach ($book->rules as $rule) {
                $address = route('rule-book', $book->id)."#{$rule->id}";
                yield new FoundEntry($rule->title, "{$rule->clause}, {$book->title}", $address);
            }
        }
    }
}
