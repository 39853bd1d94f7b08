<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;

/** Finds a place for a room's label that keeps off its walls and, where there is room, off what stands in it. */
final class LabelPlace
{
    private const LETTER_WIDTH = 6.6;
    private const LINE_HEIGHT = 17.0;
    private const SIGN = 11;
    private const STEPS = 16;

    /** A text that is covered costs so many times what a line does. */
    private const TEXT = 20.0;

    /** @var array<string, non-empty-list<string>> by room */
    private array $lines = [];

    /** @var array<string, Point> by room */
    private array $places = [];

    /** @var array<string, list<Box>> the dimensions inside rooms, by storey */
    private array $dimensions = [];

    /** @var array<string, list<Box>> what is written at places of its own, by storey */
    private array $texts = [];

    /** @var array<string, list<Box>> the steps of stairs, by storey */
    private array $steps = [];

    /**
     * @param float $scale    millimetres under a pixel
     * @param bool  $hasSigns signs of verdicts are drawn over the plan
     */
    public function __construct(
        private readonly Home $home,
        public readonly float $scale,
        private readonly DimensionStyle $style = new DimensionStyle(),
        private readonly bool $hasSigns = false,
    ) {}

    /** @return non-empty-list<string> the room's name, in two lines where the room is too narrow for one, then its floor area and level */
    public function lines(RoomSpace $room): array
    {
        return $this->lines[$room->id()] ??= $this->write($room);
    }

    /** @return non-empty-list<string> */
    private function write(RoomSpace $room): array
    {
        $figures = [
            ...$this->style->hides(PlanLayer::Areas) ? [] : [$this->area($room)],
            ...$this->style->hides(PlanLayer::Levels) ? [] : $this->level($room),
        ];

        return [...$this->name($room), ...$figures === [] ? [] : [implode('  ', $figures)]];
    }

    private function area(RoomSpace $room): string
    {
        $area = (new FloorArea())->of($room, $this->home, new Parameters());

        return $area instanceof Measured ? self::rounded($this->home->write($area->amount())) : 'no closed outline';
    }

    /** @return list<string> of its finished floor, with its sign; none where nobody said how high the storey lies */
    private function level(RoomSpace $room): array
    {
        $elevation = $this->home->plans[$room->storey()]->storey->elevation;

        return $elevation === null ? [] : [GroundLevels::words($elevation + ($room->room->level ?? 0.0), $this->home)];
    }

    /** @return non-empty-list<string> with its number where marks are shown; in two lines where the room is too narrow for one */
    public function name(RoomSpace $room): array
    {
        $number = $this->style->marks() === 'none' ? '' : $this->home->marks()->of($room->id());
        $name = trim("{$number} ".($room->room->name === $room->id() ? 'Room' : $room->room->name));
        $width = $room->outline()?->bounds()->width() ?? INF;
        $isTooLong = mb_strlen($name) * self::LETTER_WIDTH * $this->scale > $width;

        return $isTooLong ? explode("\n", wordwrap($name, max(6, intdiv(mb_strlen($name), 2)), "\n")) : [$name];
    }

    /** From the label's middle to its edge, room for a sign before the name included, px. */
    public function halfWidth(RoomSpace $room): int
    {
        return (int) round(max(array_map(mb_strlen(...), $this->lines($room))) * self::LETTER_WIDTH / 2) + self::SIGN;
    }

    /** Where the sign of a verdict goes, as seen from the label's middle: before the name, or above it where the room is too narrow. */
    public function signPlace(RoomSpace $room): string
    {
        return vsprintf('translate(%d %d)', $this->sign($room));
    }

    /** @return array{int, int} px to the right and down from the label's middle */
    private function sign(RoomSpace $room): array
    {
        $half = $this->halfWidth($room);
        $width = $room->outline()?->bounds()->width() ?? INF;

        return 2 * ($half + self::SIGN) * $this->scale < $width ? [-$half, -7] : [0, -(count($this->lines($room)) * 8 + 12)];
    }

    public function find(RoomSpace $room): Point
    {
        return $this->places[$room->id()] ??= $this->search($room);
    }

    /** @return list<Box> what the label covers where it stands, and its sign */
    public function boxes(RoomSpace $room): array
    {
        $half = $this->half($room, $room->outline());
        [$x, $y] = $this->sign($room);
        $sign = $this->find($room)->plus(new Point($x * $this->scale, -$y * $this->scale));

        return [
            Box::at($this->find($room), 2 * $half->x, 2 * $half->y),
            Box::at($sign, 2 * FixedTexts::SIGN * $this->scale, 2 * FixedTexts::SIGN * $this->scale),
        ];
    }

    /** @return Point half as wide and half as high as the label is, mm; where the room is too narrow, the sign goes above the name */
    private function half(RoomSpace $room, ?Polygon $outline): Point
    {
        $isNarrow = $outline !== null && 2 * $this->halfWidth($room) * $this->scale > $outline->bounds()->width();

        return new Point(
            ($this->halfWidth($room) - ($isNarrow ? self::SIGN : 0)) * $this->scale,
            count($this->lines($room)) * self::LINE_HEIGHT * $this->scale / 2,
        );
    }

    private function search(RoomSpace $room): Point
    {
        $outline = $room->outline();
        if ($outline === null) {
            return $room->room->at;
        }
        $half = $this->half($room, $outline);
        $around = $outline->bounds()->grown(max($half->x, $half->y));
        $obstacles = array_values(array_filter($this->obstacles($room), $around->overlaps(...)));
        $texts = [...$this->texts($room->storey()), ...$this->ofSmaller($room, $around)];
        $texts = array_values(array_filter($texts, $around->overlaps(...)));
        [$bounds, $middle] = [$outline->bounds(), $outline->bounds()->middle()];
        $best = [INF, $room->room->at];
        foreach (self::fromTheMiddle() as [$across, $along]) {
            [$x, $y] = [$bounds->width() * $across, $bounds->height() * $along];
            $cost = hypot($x, $y) / 1e3;
            if ($cost >= $best[0]) {
                continue;
            }
            $at = new Point($middle->x + $x, $middle->y + $y);
            $box = Box::at($at, 2 * $half->x, 2 * $half->y);
            $cost += self::covered($box, $obstacles, 1e3 * ($best[0] - $cost)) / 1e3;
            $cost += self::TEXT * self::covered($box, $texts, INF) / 1e3;
            if ($cost < $best[0] && $outline->contains($at)) {
                $cost += 1e9 * self::cornersOutside($box, $outline);
                $best = $cost < $best[0] ? [$cost, $at] : $best;
            }
        }

        return $best[1];
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

    /** A label speaks roughly; the findings speak exactly. */
    private static function rounded(string $text): string
    {
        return (string) preg_replace_callback(
            '/^≈? ?(\d+\.\d+)/u',
            static fn(array $found): string => (string) round((float) $found[1], 1),
            $text,
        );
    }

    /** @return list<Box> */
    private function obstacles(RoomSpace $room): array
    {
        $boxes = array_values(array_filter(array_map(
            static fn(PlacedFixture $fixture): ?Box => $fixture->bounds,
            $this->home->fixturesIn($room),
        )));
        foreach ($this->home->openingsOf($room) as $opening) {
            array_push($boxes, ...array_map(static fn(DoorLeaf $leaf): Box => $leaf->bounds, $this->home->leavesOf($opening)));
        }

        $storey = $room->storey();
        foreach ($this->home->openingsOf($room) as $window) {
            $outline = $window->roof?->outline();
            array_push($boxes, ...$outline === null ? [] : [$outline->bounds()]);
        }

        return [
            ...$boxes,
            ...($this->dimensions[$storey] ??= $this->dimensionsOn($storey)),
            ...($this->steps[$storey] ??= $this->stepsOn($storey)),
        ];
    }

    /** @return list<Box> */
    private function dimensionsOn(string $storey): array
    {
        return (new PlanDimensions($this->home, $this->home->plans[$storey], $this->style, $this->scale))->covers();
    }

    /** @return list<Box> labels of smaller rooms nearby, which are placed first, for they have less room */
    private function ofSmaller(RoomSpace $room, Box $around): array
    {
        $boxes = [];
        foreach ($this->home->plans[$room->storey()]->rooms as $other) {
            $isNear = $other->outline()?->bounds()->overlaps($around) ?? $around->contains($other->room->at);
            if ($isNear && [self::size($other), $other->id()] < [self::size($room), $room->id()]) {
                array_push($boxes, ...$this->boxes($other));
            }
        }

        return $boxes;
    }

    private static function size(RoomSpace $room): float
    {
        return $room->outline()?->area() ?? 0.0;
    }

    /** @return list<Box> what else is written on a storey */
    public function texts(string $storey): array
    {
        return $this->texts[$storey] ??= (new FixedTexts(
            $this->home,
            $this->home->plans[$storey],
            $this->scale,
            $this->hasSigns,
            !$this->style->hides(PlanLayer::Levels),
        ))->boxes();
    }

    /** @return list<Box> */
    private function stepsOn(string $storey): array
    {
        $boxes = [];
        foreach ($this->home->ramps as $ramp) {
            foreach ($ramp->storey() === $storey ? $ramp->shape->parts : [] as $part) {
                $boxes[] = $part->outline->bounds();
            }
        }
        foreach ($this->home->stairs as $stair) {
            foreach ($stair->storey() === $storey || $stair->to->id === $storey ? $stair->shape->treads() : [] as $tread) {
                $boxes[] = $tread->bounds();
            }
        }

        return $boxes;
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

    private static function cornersOutside(Box $box, Polygon $outline): int
    {
        $corners = [
            new Point($box->left, $box->bottom),
            new Point($box->right, $box->bottom),
            new Point($box->right, $box->top),
            new Point($box->left, $box->top),
        ];

        return count(array_filter($corners, static fn(Point $corner): bool => !$outline->contains($corner)));
    }
}
