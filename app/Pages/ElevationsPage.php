<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use App\Sheets\ViewsOfSheet;
use Heurema\Drafting\HomeSide;
use Heurema\Drafting\NearHeights;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\UprightView;
use Heurema\Drafting\WallCrossings;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Point;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** A home seen upright: its faces, its sections, and the walls of each room from the front. */
final readonly class ElevationsPage
{
    /** mm under a pixel; the style sheet has it too. */
    private const SCALE = 11.0;

    public ?RoomSpace $room;

    /** @var list<WallElevation> */
    public array $walls;

    /** @var array<string> of openings and fixtures, by id */
    private array $marks;

    /** @var list<list<array{Point, Finding}>> what is found on each wall, and where */
    private array $found;

    /** What is open instead of a room. */
    public ?UprightFigure $figure;

    /** @var non-empty-list<HomeSide> */
    public array $sides;

    /**
     * @param string            $address where the page lies, and what it goes back to
     * @param string            $asked   what is open, as `open` has it; none of those: the first room that has walls around it
     * @param Report            $report  whose findings are shown
     */
    public function __construct(
        public string $title,
        public string $address,
        public string $back,
        public Home $home,
        private DimensionStyle $style,
        public string $asked,
        private Report $report,
    ) {
        $this->sides = HomeSide::of($this->home);
        $this->figure = $this->figure();
        $rooms = $this->figure === null ? $this->rooms() : [];
        $this->room = array_values(array_filter(
            $rooms,
            static fn(RoomSpace $one): bool => self::open('room', $one->id()) === $asked,
        ))[0] ?? $rooms[0] ?? null;
        $this->walls = $this->room === null ? [] : RoomElevations::of($this->room, $this->home);
        $this->found = array_map($this->foundOn(...), $this->walls);
        $this->marks = $this->style->marks() === 'none' ? [] : $this->home->marks()->all();
    }

    /** What the address says for one of the things that can be open. */
    public static function open(string $kind, string $id): string
    {
        return "{$kind} {$id}";
    }

    public function sideName(HomeSide $side): string
    {
        return $this->home->wording()->say($side->name());
    }

    private function figure(): ?UprightFigure
    {
        foreach ($this->sides as $side) {
            if (self::open('face', $side->key) === $this->asked) {
                return $this->framed($this->sideName($side), UprightView::face($this->home, $side));
            }
        }
        foreach ($this->home->layout->sections as $section) {
            if (self::open('section', $section->id) === $this->asked) {
                return $this->framed(__('Section :name', ['name' => $section->name]), UprightView::section($this->home, $section));
            }
        }

        return null;
    }

    private function framed(string $name, ?UprightView $view): ?UprightFigure
    {
        return $view === null ? null : new UprightFigure($name, $view, $this->style, array_values(array_filter(
            $this->report->findings,
            static fn(Finding $finding): bool => $finding->verdict() === Verdict::Violated,
        )));
    }

    /** @return list<RoomSpace> that walls close around */
    public function rooms(): array
    {
        return array_values(array_filter($this->home->rooms, static fn(RoomSpace $room): bool => $room->outline() !== null));
    }

    public function storey(RoomSpace $room): string
    {
        return $this->home->plans[$room->storey()]->storey->name;
    }

    /** `A: wall between Kitchen and Hall`. */
    public function name(int $number): string
    {
        $wall = $this->walls[$number];

        $called = $this->room === null ? '' : $this->home->plans[$this->room->storey()]->wallCalled($wall->wall);

        return ViewsOfSheet::letter($number).": {$called}";
    }

    public function draw(int $number): string
    {
        $places = array_column($this->found[$number], 0);
        $marks = array_map(static fn(Point $at, int $place): array => [$place + 1, $at], $places, array_keys($places));
        $drawing = new ElevationDrawing(
            $this->walls[$number],
            $this->home,
            $this->style,
            self::SCALE,
            $this->marks,
            PlacesInView::apart($marks, 20.0 * self::SCALE),
        );

        return $drawing->figure($this->words($number));
    }

    /** What of it is not drawn, in a sentence. */
    public function missing(int $number): ?string
    {
        $wall = $this->walls[$number];
        $said = [
            ...$wall->ceiling === [] && !$wall->isOpen ? [__('how high the ceiling is')] : [],
            ...array_map(static fn(string $name): string => __('how high :name is', ['name' => $name]), $wall->unknown),
        ];

        return $said === [] ? null : __('Not known: :said.', ['said' => implode(', ', $said)]);
    }

    /** `Floor +0 mm, oak boards`: how high the floor lies above the building's zero, and what it is finished with. */
    public function floor(): string
    {
        $storey = $this->room === null ? null : $this->home->plans[$this->room->storey()]->storey;
        $level = $storey?->elevation === null ? null : $storey->elevation + $this->room->level();

        $finish = $this->room->room->floorFinish ?? '';

        $at = $level === null
            ? __('How high the floor lies is not known')
            : __('Floor at :level', ['level' => $this->home->length($level)]);

        return $finish === '' ? $at : "{$at}, {$finish}";
    }

    /** @return list<Finding> violations seen on a wall, in the order of their numbers there */
    public function findings(int $number): array
    {
        return array_column($this->found[$number], 1);
    }

    /** @return list<array{Point, Finding}> */
    private function foundOn(WallElevation $wall): array
    {
        $places = [];
        foreach ($wall->openings as $one) {
            $places[$one->opening->id()] = new Point(($one->left + $one->right) / 2, ($one->sill + ($one->head ?? $one->sill)) / 2);
        }
        foreach ($wall->fixtures as $one) {
            $middle = new Point(($one->left() + $one->right()) / 2, ($one->bottom() + $one->top()) / 2);
            $places += $one->isAtWall ? [$one->fixture->id() => $middle] : [];
        }
        $found = [];
        foreach ($places === [] ? [] : $this->report->findings as $finding) {
            $place = $places[$finding->subject->id()] ?? null;
            if ($place !== null && in_array($finding->verdict(), [Verdict::Violated, Verdict::Advised], true)) {
                $found[] = [$place, $finding];
            }
        }

        return $found;
    }

    /** @return list<string> heights in the room that nearly agree */
    public function heights(): array
    {
        return $this->home->wording()->all(NearHeights::of($this->walls));
    }

    /** @return list<string> what covers what on a wall */
    public function crossings(int $number): array
    {
        return $this->home->wording()->all(WallCrossings::of($this->walls[$number]));
    }

    /** For whoever does not see it. */
    private function words(int $number): string
    {
        $wall = $this->walls[$number];
        $seen = [
            ...array_map(static fn($one): string => $one->opening->name(), $wall->openings),
            ...array_map(
                static fn($one): string => $one->fixture->name(),
                array_filter($wall->fixtures, static fn($one): bool => $one->isAtWall),
            ),
        ];

        return __(':number, :length long:it', [
            'number' => $this->name($number),
            'length' => $this->home->length($wall->length()),
            'it' => $seen === [] ? '' : ': '.implode(', ', $seen),
        ]);
    }
}
