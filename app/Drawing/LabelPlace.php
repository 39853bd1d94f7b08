<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/**
 * Finds how much of a room's label there is room for, and where: with its area, in two lines, turned, its name alone, at last beside the
 * room with a line that leads to it. It keeps off walls, texts, and what stands in the room.
 */
final class LabelPlace
{
    private const STEPS = 16;

    /** A text that is covered costs so many times what a line does. */
    private const TEXT = 20.0;

    /** What a form of the label that comes later in the list costs more, and what the whole of it costs when it covers what is drawn. */
    private const COVERED = 50.0;
    private const OUTSIDE = 100.0;
    private const OVER_TEXT = 100.0;
    private const BESIDE = 8.0;

    /** How far beside a room its label may stand, in lines of letters, px each. */
    private const ROWS = [1, 2, 3, 4, 6, 8, 11, 14, 18];
    private const ROW = 14.0;

    /** Seen so much nearer, step by step, there may be room for all of it. */
    private const NEARER = 1.3;
    private const STEPS_NEARER = 9;

    /** @var array<string, RoomLabel> by room */
    private array $labels = [];

    private readonly LabelObstacles $obstacles;

    /**
     * @param float $scale    millimetres under a pixel
     * @param bool  $isOnPage one goes nearer and farther there, and signs of verdicts are drawn over the plan
     */
    public function __construct(
        private readonly Home $home,
        public readonly float $scale,
        private readonly DimensionStyle $style = new DimensionStyle(),
        private readonly bool $isOnPage = false,
    ) {
        $this->obstacles = new LabelObstacles($home, $scale, $style, $isOnPage);
    }

    public function of(RoomSpace $room): RoomLabel
    {
        return $this->labels[$room->id()] ??= $this->search($room);
    }

    /** @return non-empty-list<string> all that is said of a room on a plan */
    public function words(RoomSpace $room): array
    {
        return [$this->name($room), ...$this->figures($room)];
    }

    /** @return list<Box> what is written on a storey beside the labels */
    public function texts(string $storey): array
    {
        return $this->obstacles->texts($storey);
    }

    /** @return array{RoomLabel, float}|null all of a label that is shortened, and at which scale there is room for it, mm under a pixel */
    public function nearer(RoomSpace $room): ?array
    {
        $outline = $room->outline();
        $full = $this->forms($room)[0];
        if (!$this->isOnPage || $outline === null || $this->of($room)->lines() === $full->lines()) {
            return null;
        }
        $at = $outline->contains($this->of($room)->at) ? $this->of($room)->at : $room->room->at;
        for ($scale = $this->scale, $step = 0; $step < self::STEPS_NEARER; ++$step) {
            $scale /= self::NEARER;
            $label = $full->at($at);
            if (self::outside($label->box($scale), $outline) === 0) {
                return [$label, $scale];
            }
        }

        return null;
    }

    private function name(RoomSpace $room): string
    {
        $number = $this->style->marks() === 'none' ? '' : $this->home->marks()->of($room->id());

        return trim("{$number} ".($room->room->name === $room->id() ? __('Room') : $room->room->name));
    }

    /** @return list<string> its floor area and level in a line */
    private function figures(RoomSpace $room): array
    {
        $figures = [
            ...$this->style->hides(PlanLayer::Areas) ? [] : [$this->area($room)],
            ...$this->style->hides(PlanLayer::Levels) ? [] : $this->level($room),
        ];

        return $figures === [] ? [] : [implode('  ', $figures)];
    }

    private function area(RoomSpace $room): string
    {
        $area = (new FloorArea())->of($room, $this->home, new Parameters());

        return $area instanceof Measured ? self::rounded($this->home->write($area->amount())) : __('no closed outline');
    }

    /** @return list<string> of its finished floor, with its sign; none where nobody said how high the storey lies */
    private function level(RoomSpace $room): array
    {
        $elevation = $this->home->plans[$room->storey()]->storey->elevation;

        return $elevation === null ? [] : [GroundLevels::words($elevation + $room->level(), $this->home)];
    }

    /** A label speaks roughly; the findings speak exactly. */
    private static function rounded(string $text): string
    {
        return (string) preg_replace_callback(
            '/^≈? ?(\d+\.\d+)/u',
            static fn(array $found): string => (string) round((float) $found[1], 1),
            $text,
        );
    }

    /** @return non-empty-list<RoomLabel> what may be written in a room, the best first */
    private function forms(RoomSpace $room): array
    {
        $name = $this->name($room);
        $lines = [$name];
        if (str_contains($name, ' ')) {
            $lines = explode("\n", wordwrap($name, max(6, intdiv(mb_strlen($name), 2)), "\n"));
        }
        $forms = [];
        foreach (array_unique([$this->figures($room), []], SORT_REGULAR) as $figures) {
            $isLong = $this->isLong($room, $name);
            array_push(
                $forms,
                ...$isLong && $lines !== [$name] ? [] : [$this->form($room, [$name], $figures)],
                ...$lines === [$name] ? [] : [$this->form($room, $lines, $figures)],
                ...[new RoomLabel($room->room->at, [$name], $figures, true)],
            );
        }

        return $forms;
    }

    private function isLong(RoomSpace $room, string $name): bool
    {
        return 2 * RoomLabel::half($name) * $this->scale > ($room->outline()?->bounds()->width() ?? INF);
    }

    /**
     * @param non-empty-list<string> $name
     * @param list<string>           $figures
     */
    private function form(RoomSpace $room, array $name, array $figures): RoomLabel
    {
        $needed = 2 * (RoomLabel::half(...$name, ...$figures) + 2 * RoomLabel::BESIDE) * $this->scale;

        return new RoomLabel(
            $room->room->at,
            $name,
            $figures,
            hasSignBefore: $needed < ($room->outline()?->bounds()->width() ?? INF),
        );
    }

    private function search(RoomSpace $room): RoomLabel
    {
        $outline = $room->outline();
        $forms = $this->forms($room);
        if ($outline === null) {
            return $forms[0];
        }
        $isNear = $outline->bounds()->overlaps(...);
        $obstacles = array_values(array_filter($this->obstacles->in($room), $isNear));
        $texts = array_values(array_filter($this->textsAround($room, $outline->bounds()), $isNear));
        [$best, $least] = [$forms[0], INF];
        foreach ($forms as $number => $form) {
            if ($number >= $least) {
                break;
            }
            $placed = $this->within($form, $outline, $obstacles, $texts);
            $cost = $number + $this->cost($placed, $outline, $obstacles, $texts);
            [$best, $least] = $cost < $least ? [$placed, $cost] : [$best, $least];
        }

        return $least <= self::BESIDE ? $best : $this->beside($room, $outline, $forms) ?? $best;
    }

    /**
     * @param list<Box> $obstacles
     * @param list<Box> $texts
     */
    private function cost(RoomLabel $label, Polygon $outline, array $obstacles, array $texts): float
    {
        $box = $label->box($this->scale);
        $area = $box->width() * $box->height();

        return self::OUTSIDE * self::outside($box, $outline)
            + self::COVERED * self::covered($box, $obstacles, INF) / $area
            + (self::covered($box, $texts, INF) > 0.0 ? self::OVER_TEXT : 0.0);
    }

    /**
     * Where it is best in the room.
     *
     * @param list<Box> $obstacles
     * @param list<Box> $texts
     */
    private function within(RoomLabel $label, Polygon $outline, array $obstacles, array $texts): RoomLabel
    {
        [$bounds, $middle] = [$outline->bounds(), $outline->bounds()->middle()];
        [$best, $least] = [$label, INF];
        foreach (self::fromTheMiddle() as [$across, $along]) {
            [$x, $y] = [$bounds->width() * $across, $bounds->height() * $along];
            $cost = hypot($x, $y) / 1e3;
            if ($cost >= $least) {
                continue;
            }
            $placed = $label->at(new Point($middle->x + $x, $middle->y + $y));
            $box = $placed->box($this->scale);
            $cost += self::covered($box, $obstacles, 1e3 * ($least - $cost)) / 1e3;
            $cost += self::TEXT * self::covered($box, $texts, INF) / 1e3;
            if ($cost < $least && $outline->contains($placed->at)) {
                $cost += 1e9 * self::outside($box, $outline);
                [$best, $least] = $cost < $least ? [$placed, $cost] : [$best, $least];
            }
        }

        return $best;
    }

    /**
     * The nearest place beside a room where its name is clear of everything.
     *
     * @param non-empty-list<RoomLabel> $forms
     */
    private function beside(RoomSpace $room, Polygon $outline, array $forms): ?RoomLabel
    {
        $name = new RoomLabel($room->room->at, $forms[0]->name);
        $inside = $outline->contains($outline->bounds()->middle()) ? $outline->bounds()->middle() : $room->room->at;
        $reach = $outline->bounds()->grown((2 * max(self::ROWS) * self::ROW + 2 * RoomLabel::half(...$name->name)) * $this->scale);
        $taken = $this->takenBeside($room, $reach);
        // a view on paper has room for what is in the building, and for its dimensions
        $drawing = $this->isOnPage ? $reach : Sheet::of($this->home->layout)->building;
        foreach (self::ROWS as $row) {
            $around = $outline->bounds()->grown($row * self::ROW * $this->scale);
            foreach (self::around($around) as [$at, $direction]) {
                $placed = $name->led($at, $direction, $inside);
                $box = $placed->box($this->scale);
                if ($drawing->covers($box) && array_filter($taken, $box->overlaps(...)) === []) {
                    return $placed;
                }
            }
        }

        return null;
    }

    /** @return list<array{Point, Point}> places on the sides of a box, and the way out there */
    private static function around(Box $box): array
    {
        $places = [];
        foreach ([0.5, 0.25, 0.75, 0.0, 1.0] as $share) {
            [$x, $y] = [$box->left + $share * $box->width(), $box->bottom + $share * $box->height()];
            array_push(
                $places,
                [new Point($x, $box->top), new Point(0, 1)],
                [new Point($x, $box->bottom), new Point(0, -1)],
                [new Point($box->right, $y), new Point(1, 0)],
                [new Point($box->left, $y), new Point(-1, 0)],
            );
        }

        return $places;
    }

    /** @return list<Box> walls, and what stands and is written around a room, within reach */
    private function takenBeside(RoomSpace $room, Box $reach): array
    {
        $plan = $this->home->plans[$room->storey()];
        $obstacles = new PlanObstacles($this->home, $plan, $this->style, $this->scale);
        $taken = [
            ...$this->textsAround($room, $reach),
            ...$obstacles->walls(),
            ...$obstacles->dimensions(),
        ];
        foreach ($plan->rooms as $other) {
            array_push($taken, ...$this->obstacles->in($other));
        }

        return array_values(array_filter($taken, $reach->overlaps(...)));
    }

    /** @return list<Box> what is written around a room, labels of smaller rooms among it: they are placed first, for they have less room */
    private function textsAround(RoomSpace $room, Box $bounds): array
    {
        $around = $bounds->grown(max(self::ROWS) * self::ROW * $this->scale);
        $boxes = array_values(array_filter($this->obstacles->texts($room->storey()), $around->overlaps(...)));
        foreach ($this->home->plans[$room->storey()]->rooms as $other) {
            $isNear = $other->outline()?->bounds()->overlaps($around) ?? $around->contains($other->room->at);
            if ($isNear && [self::size($other), $other->id()] < [self::size($room), $room->id()]) {
                array_push($boxes, ...$this->of($other)->boxes($this->scale));
            }
        }

        return $boxes;
    }

    private static function size(RoomSpace $room): float
    {
        return $room->outline()?->area() ?? 0.0;
    }

    /** @return list<array{float, float}> places all over a box as shares of its width and height from its middle, the nearest first */
    private static function fromTheMiddle(): array
    {
        static $places = [];
        if ($places === []) {
            foreach (range(1, self::STEPS - 1) as $column) {
                foreach (range(1, self::STEPS - 1) as $row) {
                    $places[] = [$column / self::STEPS - 0.5, $row / self::STEPS - 0.5];
                }
            }
            usort($places, static fn(array $a, array $b): int => hypot(...$a) <=> hypot(...$b));
        }

        /** @var list<array{float, float}> $places */
        return $places;
    }

    /**
     * @param list<Box> $obstacles
     * @param float     $enough    mm² from which it does not matter how much more
     */
    private static function covered(Box $box, array $obstacles, float $enough): float
    {
        $covered = 0.0;
        foreach ($obstacles as $other) {
            $covered += $box->common($other);
            if ($covered >= $enough) {
                break;
            }
        }

        return $covered;
    }

    /** How many corners of a box are outside of an outline, and of the outline's in the box. */
    private static function outside(Box $box, Polygon $outline): int
    {
        $corners = [
            new Point($box->left, $box->bottom),
            new Point($box->right, $box->bottom),
            new Point($box->right, $box->top),
            new Point($box->left, $box->top),
        ];
        $bends = array_merge(...array_map(static fn(Ring $ring): array => $ring->points, $outline->rings()));

        return count(array_filter($corners, static fn(Point $corner): bool => !$outline->contains($corner)))
            + count(array_filter($bends, $box->contains(...)));
    }
}
