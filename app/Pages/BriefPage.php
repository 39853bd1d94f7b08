<?php

declare(strict_types=1);

namespace App\Pages;

use App\Briefs\KeptBrief;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Models\Project;
use Heurema\Brief\Brief;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\Wish;
use Heurema\Brief\WishReader;
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
        // as it was submitted last; of a draft as it is drawn
        $this->home = new Home(
            $project->latestRevision?->examined()
                ?? $project->firstScheme->layout
                ?? throw new \LogicException('A project without a home.'),
        );
    }

    /**
     * @param array<int, string|null>|null $typed what was typed and not taken; null: the wishes that are kept
     * @param array<int, string>           $refused why, by number
     *
     * @return list<ReadWish>
     */
    public function wishes(?array $typed, array $refused): array
    {
        $sentences = array_filter(
            array_map(static fn(?string $one): string => trim((string) $one), $typed ?? KeptBrief::sentences($this->project->brief)),
            static fn(string $one): bool => $one !== '',
        );
        [$wishes, $problems] = [[], $refused];
        foreach (array_diff_key($sentences, $refused) as $number => $sentence) {
            try {
                $wishes[$number] = (new WishReader())->read($sentence);
            } catch (UnreadableWish $e) {
                $problems[$number] = $e->getMessage();
            }
        }
        $findings = $this->findings($wishes);
        $read = [];
        foreach ($sentences as $number => $sentence) {
            $wish = $wishes[$number] ?? null;
            $read[] = $wish === null
                ? new ReadWish($sentence, problem: $problems[$number] ?? null)
                : new ReadWish($sentence, $wish->says($this->home->layout->units), self::of($wish, $findings));
        }

        return $read;
    }

    /** One that is being typed. */
    public function wish(string $sentence): ReadWish
    {
        return $this->wishes([$sentence], [])[0] ?? new ReadWish('');
    }

    /**
     * What the home has of all of them, the worst first.
     *
     * @param array<int, Wish> $wishes
     *
     * @return list<Finding>
     */
    private function findings(array $wishes): array
    {
        $book = (new Brief(array_values($wishes)))->book($this->home->layout->units);

        return $wishes === [] ? [] : $this->check->report($this->home, new Basis([], brief: $book))->worstFirst();
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> those of the rules that a wish comes to
     */
    private static function of(Wish $wish, array $findings): array
    {
        $rules = array_column($wish->rules(), 'id');

        return array_values(array_filter($findings, static fn(Finding $one): bool => in_array($one->rule->id, $rules, true)));
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
