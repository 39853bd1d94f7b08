<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StairShape;

/** Finds a place for a room's label that keeps off its walls and, where there is room, off what stands in it. */
final class LabelPlace
{
    private const LETTER_WIDTH = 6.6;
    private const LINE_HEIGHT = 17.0;
    private const SIGN = 11;
    private const STEPS = 20;

    /** @var array<string, non-empty-list<string>> by room */
    private array $lines = [];

    /** @var array<string, Point> by room */
    private array $places = [];

    /** @var array<string, list<Box>> the steps of stairs, by storey */
    private array $steps = [];

    /** @param float $scale millimetres under a pixel */
    public function __construct(private readonly Home $home, private readonly float $scale) {}

    /** @return non-empty-list<string> the room's name, in two lines where the room is too narrow for one, and its floor area */
    public function lines(RoomSpace $room): array
    {
        return $this->lines[$room->id()] ??= $this->write($room);
    }

    /** @return non-empty-list<string> */
    private function write(RoomSpace $room): array
    {
        $area = (new FloorArea())->of($room, $this->home, new Parameters());

        return [...$this->name($room), $area instanceof Measured ? self::rounded($this->home->write($area->amount())) : 'no closed outline'];
    }

    /** @return non-empty-list<string> */
    private function name(RoomSpace $room): array
    {
        $width = $room->outline()?->bounds()->width() ?? INF;
        $isTooLong = mb_strlen($room->name()) * self::LETTER_WIDTH * $this->scale > $width;

        return $isTooLong ? explode("\n", wordwrap($room->name(), max(6, intdiv(mb_strlen($room->name()), 2)), "\n")) : [$room->name()];
    }

    /** From the label's middle to its edge, room for a sign before the name included, px. */
    public function halfWidth(RoomSpace $room): int
    {
        return (int) round(max(array_map(mb_strlen(...), $this->lines($room))) * self::LETTER_WIDTH / 2) + self::SIGN;
    }

    /** Where the sign of a verdict goes, as seen from the label's middle: before the name, or above it where the room is too narrow. */
    public function signPlace(RoomSpace $room): string
    {
        $half = $this->halfWidth($room);
        $width = $room->outline()?->bounds()->width() ?? INF;

        return 2 * ($half + self::SIGN) * $this->scale < $width ? "translate(-{$half} -7)" : 'translate(0 -'.(count($this->lines($room)) * 8 + 12).')';
    }

    public function find(RoomSpace $room): Point
    {
        return $this->places[$room->id()] ??= $this->search($room);
    }

    private function search(RoomSpace $room): Point
    {
        $lines = $this->lines($room);
        $outline = $room->outline();
        if ($outline === null) {
            return $room->room->at;
        }
        $half = new Point($this->halfWidth($room) * $this->scale, count($lines) * self::LINE_HEIGHT * $this->scale / 2);
        $obstacles = $this->obstacles($room);
        $best = [INF, $room->room->at];
        foreach (self::fromTheMiddle($outline->bounds()) as [$distance, $at]) {
            if ($distance / 1e3 >= $best[0]) {
                break;
            }
            $box = new Box($at->x - $half->x, $at->y - $half->y, $at->x + $half->x, $at->y + $half->y);
            $cost = $this->covered($box, $obstacles) / 1e3 + $distance / 1e3;
            if ($cost >= $best[0] || !$outline->contains($at)) {
                continue;
            }
            $outside = count(array_filter(self::corners($box), static fn(Point $corner): bool => !$outline->contains($corner)));
            if ($cost + 1e9 * $outside < $best[0]) {
                $best = [$cost + 1e9 * $outside, $at];
            }
        }

        return $best[1];
    }

    /** @return list<array{float, Point}> places all over a box, the nearest to its middle first, with their distance from it */
    private static function fromTheMiddle(Box $box): array
    {
        $places = [];
        for ($column = 1; $column < self::STEPS; ++$column) {
            for ($row = 1; $row < self::STEPS; ++$row) {
                [$x, $y] = [$box->width() * ($column / self::STEPS - 0.5), $box->height() * ($row / self::STEPS - 0.5)];
                $places[] = [hypot($x, $y), new Point($box->middle()->x + $x, $box->middle()->y + $y)];
            }
        }
        usort($places, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $places;
    }

    /** A label speaks roughly; the findings speak exactly. */
    private static function rounded(string $text): string
    {
        return (string) preg_replace_callback('/^≈? ?(\d+\.\d+)/u', static fn(array $found): string => (string) round((float) $found[1], 1), $text);
    }

    /** @return list<Box> */
    private function obstacles(RoomSpace $room): array
    {
        $boxes = [];
        foreach ($this->home->fixturesOn($room->storey()) as $fixture) {
            if ($fixture->room === $room && $fixture->outline !== null) {
                $boxes[] = $fixture->outline->bounds();
            }
        }
        foreach ($this->home->openingsOf($room) as $opening) {
            array_push($boxes, ...array_map(static fn(DoorLeaf $leaf): Box => $leaf->bounds(), DoorLeaf::of($opening)));
        }

        return [...$boxes, ...($this->steps[$room->storey()] ??= $this->stepsOn($room->storey()))];
    }

    /** @return list<Box> */
    private function stepsOn(string $storey): array
    {
        $boxes = [];
        foreach ($this->home->stairs as $stair) {
            foreach ($stair->storey() === $storey || $stair->to->id === $storey ? StairShape::of($stair->stair)->treads : [] as $tread) {
                $boxes[] = $tread->bounds();
            }
        }

        return $boxes;
    }

    /** @param list<Box> $obstacles */
    private function covered(Box $box, array $obstacles): float
    {
        $covered = 0.0;
        foreach ($obstacles as $other) {
            $width = min($box->right, $other->right) - max($box->left, $other->left);
            $height = min($box->top, $other->top) - max($box->bottom, $other->bottom);
            $covered += $width > 0 && $height > 0 ? $width * $height : 0.0;
        }

        return $covered;
    }

    /** @return list<Point> */
    private static function corners(Box $box): array
    {
        return [new Point($box->left, $box->bottom), new Point($box->right, $box->bottom), new Point($box->right, $box->top), new Point($box->left, $box->top)];
    }
}
