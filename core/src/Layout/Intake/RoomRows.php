<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;

/** Listed rooms side by side in rows, the thickness of a partition apart. */
final readonly class RoomRows
{
    /** How much wider than deep the whole is meant to be. */
    private const PROPORTION = 1.4;

    /**
     * @param float    $partition thickness of partitions, mm
     * @param RoomSize $size      from which lines of the walls the listed sides run
     */
    public function __construct(private float $partition, private RoomSize $size = RoomSize::Inside) {}

    /**
     * @param non-empty-list<ListedRoom> $rooms
     * @param Point                      $corner the lower left one of the first room
     *
     * @return non-empty-list<Box> the clear floor of each
     */
    public function place(array $rooms, Point $corner = new Point(0, 0)): array
    {
        $cut = $this->size->walls() * $this->partition;
        $area = array_sum(array_map(static fn(ListedRoom $room): float => $room->width * $room->depth, $rooms));
        $rowWidth = sqrt($area * self::PROPORTION);
        [$x, $y, $rowDepth] = [0.0, 0.0, 0.0];
        $boxes = [];
        foreach ($rooms as $room) {
            [$width, $depth] = [$room->width - $cut, $room->depth - $cut];
            if ($x > 0 && $x + $width / 2 > $rowWidth) {
                [$x, $y, $rowDepth] = [0.0, $y + $rowDepth + $this->partition, 0.0];
            }
            $boxes[] = new Box($corner->x + $x, $corner->y + $y, $corner->x + $x + $width, $corner->y + $y + $depth);
            $x += $width + $this->partition;
            $rowDepth = max($rowDepth, $depth);
        }

        return $boxes;
    }
}
