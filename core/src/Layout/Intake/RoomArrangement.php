<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Geometry\Box;
use Heurema\Language\Text;
use Heurema\Layout\Block;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Units\UnitSystem;

/** A home of listed rooms in rows: with the walls around them, or as blocks that are arranged first. */
final readonly class RoomArrangement
{
    /**
     * @param float    $outer thickness of outer walls, mm
     * @param float    $inner thickness of partitions, mm
     * @param RoomSize $size  from which lines of the walls the listed sides run
     */
    public function __construct(
        private UnitSystem $units,
        private float $outer,
        private float $inner,
        private RoomSize $size = RoomSize::Inside,
    ) {}

    /** @param non-empty-list<ListedRoom> $rooms */
    public function layout(string $name, array $rooms): Layout
    {
        $boxes = (new RoomRows($this->inner, $this->size))->place($rooms);
        $walls = (new WallsAroundRooms($this->outer, $this->inner))->walls($boxes);

        return $this->home($name, [
            'walls' => array_map(
                static fn(array $wall, int $number): array => ['id' => 'w'.($number + 1), ...$wall],
                $walls,
                array_keys($walls),
            ),
            'rooms' => array_map(
                static fn(ListedRoom $room, Box $box, int $number): array => [
                    'id' => 'r'.($number + 1),
                    'name' => $room->name,
                    'use' => $room->use->value,
                    'at' => self::middle($box),
                ],
                $rooms,
                $boxes,
                array_keys($rooms),
            ),
        ]);
    }

    /** @param non-empty-list<ListedRoom> $rooms */
    public function blocks(string $name, array $rooms): Layout
    {
        $boxes = (new RoomRows($this->inner, $this->size))->place($rooms);

        return $this->home(
            $name,
            [
                'blocks' => array_map(
                    static fn(ListedRoom $room, Box $box, int $number): array => self::block('b'.($number + 1), $room, $box)->toArray(),
                    $rooms,
                    $boxes,
                    array_keys($rooms),
                ),
            ],
        );
    }

    public static function block(string $id, ListedRoom $room, Box $box): Block
    {
        return new Block($id, $room->name, $room->use, $box->middle(), round($box->width(), 4), round($box->height(), 4));
    }

    /** @param array<string, mixed> $lists of its one storey */
    private function home(string $name, array $lists): Layout
    {
        $isImperial = $this->units === UnitSystem::Imperial;
        $storey = [
            'id' => 'G',
            'name' => Text::of('Ground floor'),
            'elevation' => 0,
            'ceiling' => $isImperial ? 2438.4 : 2500,
            'floor_thickness' => $isImperial ? 304.8 : 300,
            ...$lists,
        ];

        return (new LayoutReader())->read(json_encode(
            [
                'format' => Layout::FORMAT, 'version' => Layout::VERSION, 'name' => $name, 'units' => $this->units->value,
                'storeys' => [$storey],
            ],
            JSON_THROW_ON_ERROR,
        ));
    }

    /** @return array{float, float} */
    private static function middle(Box $box): array
    {
        return [round($box->middle()->x, 4), round($box->middle()->y, 4)];
    }
}
