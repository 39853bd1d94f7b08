<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Revision;
use App\Rulings\Rulings;
use App\Sheets\Paper;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Review\MissingWords;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;

/** A corrections letter before it is sent: what was upheld and asked, by room or by clause, and what was met, assumed and not checked. */
final readonly class LetterDraft
{
    public const BY_ROOM = 'room';
    public const BY_CLAUSE = 'clause';

    /** @var list<LetterItem> in the order of their numbers */
    public array $items;

    /** @param bool $isInRound storeys are drawn in the round, too */
    public function __construct(
        public Revision $revision,
        public Report $report,
        Rulings $rulings,
        public string $groupedBy,
        public bool $isInRound = false,
    ) {
        $found = array_values(array_filter(
            $report->worstFirst(),
            static fn(Finding $finding): bool => $rulings->kind($finding)?->isForLetter() === true,
        ));
        $key = static fn(Finding $finding): string => $groupedBy === self::BY_CLAUSE
            ? "{$finding->book->title} {$finding->rule->clause}"
            : self::room($finding);
        usort($found, static fn(Finding $a, Finding $b): int => strnatcasecmp($key($a), $key($b)));
        $items = [];
        foreach ($found as $number => $finding) {
            $standing = $rulings->for($finding);
            if ($standing !== null) {
                $items[] = LetterItem::ofFinding($number + 1, $finding, $standing->ruling, self::room($finding));
            }
        }
        foreach ($revision->remarks->where('in_letter', true) as $remark) {
            $room = $report->home->plans[$remark->storey]->roomAt(new Point($remark->x, $remark->y));
            $items[] = LetterItem::ofRemark(count($items) + 1, $remark, $room?->name() ?? __('The home'));
        }
        $this->items = $items;
    }

    /** @return array<string, list<LetterItem>> */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->items as $item) {
            $groups[$this->groupedBy === self::BY_CLAUSE
                ? ($item->source() === '' ? __('Remarks') : $item->source())
                : $item->room][] = $item;
        }

        return $groups;
    }

    /** @return array<string, list<string>> what was checked and met, by book: clause and title */
    public function met(): array
    {
        $worst = [];
        foreach ($this->report->worstFirst() as $finding) {
            $worst[$finding->ruleName()] ??= $finding;
        }
        $met = [];
        foreach ($worst as $finding) {
            if ($finding->verdict() === Verdict::Met) {
                $met[$finding->book->title][] = "{$finding->rule->clause} {$finding->rule->title}";
            }
        }

        return $met;
    }

    /** @return list<string> what had to be taken for granted */
    public function assumptions(): array
    {
        $all = array_merge(...array_map(
            static fn(Finding $finding): array => $finding->verdict() === Verdict::NotApplicable ? [] : $finding->assumptions(),
            $this->report->findings,
        ));

        return array_values(array_unique($all));
    }

    /** @return list<string> what could not be decided, and why */
    public function notChecked(): array
    {
        $open = array_filter($this->report->findings, static fn(Finding $finding): bool => $finding->verdict() === Verdict::Undetermined);

        return array_values(array_map(
            fn(Finding $finding): string => "{$finding->rule->clause} {$finding->rule->title}, {$finding->subject->name()}: "
                .(
                    $finding->outcome->missing === []
                        ? (string) $finding->reason()
                        : __('not known :missing', ['missing' => implode('; ', $this->missing($finding))])
                ),
            $open,
        ));
    }

    /** @return list<string> what a finding lacks, in words */
    public function missing(Finding $finding): array
    {
        return (new MissingWords($this->report->home))->of($finding->outcome->missing);
    }

    public function crop(LetterItem $item): ?string
    {
        return $item->finding === null ? null : (new PlanPicture($this->report->home))->ofFinding($item->finding, 78.0);
    }

    /** Where one looks to see what an item is about: at what is measured, at the place of a remark, else at all of a storey. */
    public function frame(LetterItem $item): PlanFrame
    {
        $home = $this->report->home;
        $shown = $item->finding === null ? null : PlanFrame::ofFinding($item->finding);
        foreach ($shown === null ? array_keys($home->plans) : [] as $storey) {
            $place = $item->place($storey);
            $shown ??= $place === null ? null : PlanFrame::ofPoint($storey, $place);
        }

        return $shown ?? PlanFrame::ofStorey($home, $item->finding?->subject->storey() ?? array_key_first($home->plans) ?? '');
    }

    /** What it is set on: the office's own paper, else what is usual for the units of the home. */
    public function paper(): Paper
    {
        return Paper::tryFrom($this->revision->scheme->project->office->paper ?? '')
            ?? Paper::usualForLetters($this->report->home->layout->units);
    }

    /** @return array<string, string> by the storey's name: its plan with the numbers of the items on it */
    public function plans(): array
    {
        $plans = [];
        foreach ($this->report->home->layout->storeys as $storey) {
            $marks = [];
            foreach ($this->items as $item) {
                $place = $item->place($storey->id);
                if ($place !== null) {
                    $marks[] = [$place, (string) $item->number];
                }
            }
            $plans[$storey->name] = (new PlanPicture($this->report->home))->ofStorey($storey->id, 170.0, 115.0, $marks);
        }

        return $plans;
    }

    /** @return array<string, string> by the storey's name: in the round, where an item is pinned to it */
    public function storeysInTheRound(): array
    {
        $home = $this->report->home;
        $drawn = [];
        foreach ($this->isInRound ? $home->plans : [] as $plan) {
            $marks = [];
            foreach ($this->items as $item) {
                $place = $item->placeInSpace($plan, $home);
                $marks = [...$marks, ...$place === null ? [] : [[$place, (string) $item->number]]];
            }
            $drawn += $marks === [] ? [] : [$plan->storey->name => (new RoundPicture($home))->ofStorey($plan, 170.0, 115.0, $marks)];
        }

        return $drawn;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'project' => $this->revision->scheme->project->name,
            'address' => $this->revision->scheme->project->address,
            'scheme' => $this->revision->scheme->name,
            'revision' => $this->revision->number,
            'books' => $this->revision->books,
            'settings' => $this->revision->settings,
            'items' => array_map(static fn(LetterItem $item): array => $item->toArray(), $this->items),
            'met' => $this->met(),
            'assumptions' => $this->assumptions(),
            'not_checked' => $this->notChecked(),
        ];
    }

    private static function room(Finding $finding): string
    {
        $subject = $finding->subject;

        return match (true) {
            $subject instanceof RoomSpace => $subject->name(),
            $subject instanceof PlacedFixture => $subject->room?->name() ?? __('Outside every room'),
            $subject instanceof PlacedOpening => ($subject->left->room ?? $subject->right->room)?->name() ?? __('Outside'),
            default => __('The home'),
        };
    }
}
