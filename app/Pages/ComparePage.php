<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\ChangedMarks;
use App\Drawing\LabelPlace;
use App\Drawing\OverlaidPlans;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\Svg;
use App\Models\Project;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Difference;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Review\ReportDifference;
use Heurema\Review\Verdict;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;

/** Two or three homes beside one another, at the same scale: what differs, and what each gives up in numbers. */
final readonly class ComparePage
{
    /**
     * @param non-empty-list<ComparedSide> $sides  the others are compared with the first
     * @param bool                         $isOver one plan is laid over the other, where there are two
     */
    public function __construct(public Project $project, public array $sides, public int $level, private bool $isOver = false) {}

    /** @return list<string> names of the storeys that any of them has, lowest first */
    public function storeys(): array
    {
        $most = [];
        foreach ($this->sides as $side) {
            $names = array_map(static fn($storey): string => $storey->name, $side->report->home->layout->storeys);
            $most = count($names) > count($most) ? $names : $most;
        }

        return $most;
    }

    public function isOver(): bool
    {
        return $this->isOver && count($this->sides) === 2;
    }

    /** The second plan over the first, with what moved and how far. */
    public function overlay(): string
    {
        $plans = array_map(function (ComparedSide $side): ?StoreyPlan {
            $storey = $side->report->home->layout->storeys[$this->level] ?? null;

            return $storey === null ? null : $side->report->home->plans[$storey->id];
        }, $this->sides);
        if (($plans[0] ?? null) === null || ($plans[1] ?? null) === null) {
            return '';
        }
        [$before, $after] = [$this->sides[0]->report->home, $this->sides[1]->report->home];
        $box = $this->box();
        $scale = max($box->width() / 1200, $box->height() / 640);

        return Svg::element(
            'svg',
            [
                'class' => 'drawing drawing-over',
                'data-scale' => Svg::number($scale),
                'viewBox' => implode(' ', array_map(Svg::number(...), [$box->left, -$box->top, $box->width(), $box->height()])),
                'role' => 'img',
                'aria-label' => __(':name, :sides, over :sides2: :changes', [
                    'name' => $plans[1]->storey->name,
                    'sides' => $this->sides[1]->name(),
                    'sides2' => $this->sides[0]->name(),
                    'changes' => implode(' ', $this->changes($this->sides[1])),
                ]),
            ],
            (new OverlaidPlans($before, $plans[0], $after, $plans[1], $this->difference($this->sides[1])->ids(), $scale))->draw(),
        );
    }

    public function plan(ComparedSide $side): string
    {
        $storey = $side->report->home->layout->storeys[$this->level] ?? null;
        $plan = $storey === null ? null : $side->report->home->plans[$storey->id];
        if ($plan === null) {
            return '';
        }
        $box = $this->box();
        // as large as the page shows it: 26 rem high, the sides beside one another
        $scale = max($box->width() * count($this->sides) / 1200, $box->height() / 416);
        $labels = new LabelPlace($side->report->home, $scale);
        $changed = $side === $this->sides[0]
            ? array_merge(
                ...array_map(fn(ComparedSide $other): array => $this->difference($other)->ids()['before'], array_slice($this->sides, 1)),
                ...[[]],
            )
            : $this->difference($side)->ids()['after'];
        $viewBox = implode(' ', array_map(Svg::number(...), [$box->left, -$box->top, $box->width(), $box->height()]));

        return Svg::element(
            'svg',
            [
                'class' => 'drawing',
                'data-scale' => Svg::number($scale),
                'viewBox' => $viewBox,
                'role' => 'img',
                'aria-label' => __('Plan of :name, :side', ['name' => $plan->storey->name, 'side' => $side->name()]),
            ],
            (new PlanDrawing($side->report->home, $plan, $labels))->layers()
                .(new ChangedMarks($side->report->home, $plan, array_values(array_unique($changed))))->draw(),
        );
    }

    /** @return list<string> what is drawn otherwise than in the first, in words */
    public function changes(ComparedSide $side): array
    {
        return $side === $this->sides[0] ? [] : $this->difference($side)->words();
    }

    public function findings(ComparedSide $side): ReportDifference
    {
        return new ReportDifference($this->sides[0]->report, $side->report);
    }

    /**
     * Area and windows of every room on each side. One row holds what has the same id as long as its use and its name are the same too;
     * where they are not, the row says what is there instead.
     *
     * @return array<string, list<string>>
     */
    public function rooms(): array
    {
        $rows = [];
        foreach ($this->sides as $number => $side) {
            foreach ($side->report->home->rooms as $room) {
                $rows[self::key($room)] ??= [
                    $room->name(),
                    ...array_map(static fn(ComparedSide $other): string => self::instead($room, $other), $this->sides),
                ];
                $rows[self::key($room)][$number + 1] = $this->roomWords($side, $room);
            }
        }

        return $rows;
    }

    private static function key(RoomSpace $room): string
    {
        return "{$room->id()} {$room->room->use?->value} {$room->name()}";
    }

    /** What a side has in place of a room that it does not have. */
    private static function instead(RoomSpace $room, ComparedSide $side): string
    {
        foreach ($side->report->home->rooms as $other) {
            if ($other->id() === $room->id() && self::key($other) !== self::key($room)) {
                $use = $other->room->use === null ? __('of no use that is said') : Text::word($other->room->use->value);

                return __(':room (:use) instead', ['room' => $other->name(), 'use' => $use]);
            }
        }

        return '';
    }

    /** @return array<string, list<string>> what each of them comes to, by what is counted */
    public function numbers(): array
    {
        $numbers = [];
        foreach ([
            __('Internal area') => 'dwelling.internal_area',
            __('Bedrooms') => 'dwelling.bedrooms',
            __('Storage') => 'dwelling.storage_area',
            __('Storeys') => 'dwelling.storey_count',
        ] as $words => $name) {
            $numbers[$words] = array_map(static fn(ComparedSide $side): string => self::dwelling($side, $name), $this->sides);
        }
        $numbers[__('Windows')] = array_map(
            static fn(ComparedSide $side): string => (string) count($side->report->home->subjects(SubjectType::Window)),
            $this->sides,
        );
        foreach ([Verdict::Violated, Verdict::Advised, Verdict::Undetermined, Verdict::Met] as $verdict) {
            $numbers[Text::capital($verdict->words())] = array_map(
                static fn(ComparedSide $side): string => (string) $side->report->counts()[$verdict->value],
                $this->sides,
            );
        }

        return $numbers;
    }

    /** @param list<string> $keys */
    public function address(array $keys, ?int $level = null, ?bool $isOver = null): string
    {
        return route('compare', [
            'with' => $keys, 'level' => $level ?? $this->level, ...($isOver ?? $this->isOver) ? ['over' => 1] : [],
        ]);
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(static fn(ComparedSide $side): string => $side->key, $this->sides);
    }

    /** @return array<int|string, string> what else of the project could be put beside them: name by key */
    public function others(): array
    {
        $others = [];
        foreach ($this->project->schemes as $scheme) {
            $others["s{$scheme->id}"] = __(':name, as it is drawn', ['name' => $scheme->name]);
            foreach ($scheme->revisions as $revision) {
                $others[(string) $revision->id] = __(':name, revision :number', ['name' => $scheme->name, 'number' => $revision->number]);
            }
        }

        return array_diff_key($others, array_flip($this->keys()));
    }

    private function difference(ComparedSide $side): Difference
    {
        return LayoutChanges::between($this->sides[0]->report->home, $side->report->home);
    }

    private function box(): Box
    {
        $boxes = array_map(static fn(ComparedSide $side): Box => Sheet::of($side->report->home->layout, 1500.0)->box, $this->sides);

        return Box::around(array_merge(...array_map(
            static fn(Box $box): array => [new Point($box->left, $box->bottom), new Point($box->right, $box->top)],
            $boxes,
        )));
    }

    private function roomWords(ComparedSide $side, RoomSpace $room): string
    {
        $area = Catalogue::standard()->get('room.floor_area')?->of($room, $side->report->home, new Parameters());
        $windows = count(array_filter(
            $side->report->home->openingsOf($room),
            static fn($opening): bool => $opening->opening->kind->value === 'window',
        ));

        return ($area instanceof Measured ? $side->report->home->write($area->amount()) : '?').', '
            .($windows === 1 ? __('one window') : __(':windows windows', ['windows' => $windows]));
    }

    private static function dwelling(ComparedSide $side, string $name): string
    {
        $measured = Catalogue::standard()->get($name)?->of($side->report->home, $side->report->home, new Parameters());

        return $measured instanceof Measured && $measured->value instanceof Amount ? $side->report->home->write($measured->value) : '?';
    }
}
