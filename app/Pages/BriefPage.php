<?php

declare(strict_types=1);

namespace App\Pages;

use App\Briefs\KeptBrief;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Models\Project;
use Heurema\Brief\Brief;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\WishReader;
use Heurema\Layout\Layout;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;

/** The wishes of a client, each with how it is understood and what the home as it stands has of it. */
final readonly class BriefPage
{
    /** Sentences that show what can be said, by the units of the home. */
    public const EXAMPLES = [
        'metric' => [
            '3 bedrooms of 10 to 14 m2, each with a wardrobe', 'the largest bedroom with a bathroom of its own',
            'a bathroom with a bath or a shower', 'the kitchen opening from the dining room, not beside a bedroom',
            'the living room overlooking the terrace, facing south or west', 'the study with its own outside door',
            'every bedroom at least 2.7 m wide, not through the kitchen', 'circulation at most 15 %', 'all rooms together 90 to 120 m2',
        ],
        'imperial' => [
            '3 bedrooms of 110 to 150 sq ft, each with a wardrobe', 'the largest bedroom with a bathroom of its own',
            'a bathroom with a bath or a shower', 'the kitchen opening from the dining room, not beside a bedroom',
            'the living room overlooking the terrace, facing south or west', 'the study with its own outside door',
            'every bedroom at least 9 ft wide, not through the kitchen', 'circulation at most 15 %',
            'all rooms together 1000 to 1300 sq ft',
        ],
    ];

    public Home $home;

    public function __construct(public Project $project, private BookCheck $check)
    {
        $this->home = new Home(self::layout($project));
    }

    /** The home as it was submitted last; of a draft as it is drawn. */
    public static function layout(Project $project): Layout
    {
        return $project->latestRevision?->examined()
            ?? $project->firstScheme->layout
            ?? throw new \LogicException('A project without a home.');
    }

    /**
     * @param array<int, string|null>|null $typed what was typed and not taken; null: the wishes that are kept
     * @param array<int, string>           $refused why, by number
     *
     * @return list<ReadWish>
     */
    public function wishes(?array $typed, array $refused): array
    {
        $sentences = $typed === null ? KeptBrief::sentences($this->project->brief) : array_map(strval(...), $typed);
        $wishes = [];
        foreach (array_filter($sentences, static fn(string $sentence): bool => trim($sentence) !== '') as $number => $sentence) {
            $wishes[] = isset($refused[$number]) ? new ReadWish($sentence, problem: $refused[$number]) : $this->wish($sentence);
        }

        return $wishes;
    }

    public function wish(string $sentence): ReadWish
    {
        if ($sentence === '') {
            return new ReadWish('');
        }
        try {
            $wish = (new WishReader())->read($sentence);
        } catch (UnreadableWish $e) {
            return new ReadWish($sentence, problem: $e->getMessage());
        }
        $units = $this->home->layout->units;
        $report = $this->check->report($this->home, new Basis([], brief: (new Brief([$wish]))->book($units)));

        return new ReadWish($sentence, $wish->says($units), $report->findings);
    }

    /** Rules of its own, as they were typed. */
    public function free(): string
    {
        $free = $this->project->brief['free'] ?? '';

        return is_string($free) ? $free : '';
    }

    /** Where a finding of a wish is looked at on the plan. */
    public function address(Finding $finding): string
    {
        $revision = $this->project->latestRevision;

        return $revision === null
            ? route('board', [$this->project->firstScheme, 'finding' => $finding->fingerprint(), 'storey' => $finding->subject->storey()])
            : route('review', [$revision, 'finding' => $finding->fingerprint()]);
    }
}
