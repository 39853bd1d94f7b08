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
final readonly class LabelPlace
{
    private const LETTER_WIDTH = 6.6;
    private const LINE_HEIGHT = 17.0;
    private const SIGN = 11;
    private const STEPS = 20;

    /** @param float $scale millimetres under a pixel */
    public function __construct(private Home $home, private float $scale) {}

    /** @return non-empty-list<string> the room's name, in two lines where the room is too narrow for one, and its floor area */
    public function lines(RoomSpace $room): array
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
        $lines = $this->lines($room);
        $outline = $room->outline();
        if ($outline === null) {
            return $room->room->at;
        }
        $half = new Point($this->halfWidth($room) * $this->scale, count($lines) * self::LINE_HEIGHT * $this->scale / 2);
        $obstacles = $this->obstacles($room);
        $best = [INF, $room->room->at];
        $bounds = $outline->bounds();
        for ($column = 1; $column < self::STEPS; ++$column) {
            for ($row = 1; $row < self::STEPS; ++$row) {
                $at = new Point($bounds->left + $bounds->width() * $column / self::STEPS, $bounds->bottom + $bounds->height() * $row / self::STEPS);
                $box = new Box($at->x - $half->x, $at->y - $half->y, $at->x + $half->x, $at->y + $half->y);
                $outside = count(array_filter(self::corners($box), static fn(Point $corner): bool => !$outline->contains($corner)));
                $cost = 1e9 * $outside + 1e3 * $this->covered($box, $obstacles) / 1e6 + $at->distanceTo($bounds->middle()) / 1e3;
                if ($cost < $best[0] && $outline->contains($at)) {
                    $best = [$cost, $at];
                }
            }
        }

        return $best[1];
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
        foreach ($this->home->stairs as $stair) {
            foreach (StairShape::of($stair->stair)->treads as $tread) {
                $boxes[] = $tread->bounds();
            }
        }

        return $boxes;
    }

    /** @param list<Box> $obstacles */
    private function covered(Box $box, array $obstacles): float
    {
        return array_sum(array_map(static fn(Box $other): float => max(0.0, min($box->right, $other->right) - max($box->left, $other->left))
            * max(0.0, min($box->top, $other->top) - max($box->bottom, $other->bottom)), $obstacles));
    }

    /** @return list<Point> */
    private static function corners(Box $box): array
    {
        return [new Point($box->left, $box->bottom), new Point($box->right, $box->bottom), new Point($box->right, $box->top), new Point($box->left, $box->top)];
    }
}
