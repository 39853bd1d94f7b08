<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;

/** A hall of 6 by 4 m with a door of 900 in one of its walls, however it lies. */
final class HomeWithDoor
{
    /**
     * @return iterable<string, array{int, float, bool}> number of the wall, turn of the home in degrees, whether its walls run the other
     *                                                   way
     */
    public static function doors(): iterable
    {
        foreach ([0.0, 17.3, 90.0, 211.0] as $turn) {
            foreach ([0, 1, 2, 3] as $wall) {
                foreach ([false, true] as $isReversed) {
                    yield "wall {$wall} turned by {$turn}".($isReversed ? ', reversed' : '') => [$wall, $turn, $isReversed];
                }
            }
        }
    }

    public static function door(Home $home): PlacedOpening
    {
        return $home->openings[0];
    }

    /** @param array<string, mixed> $door what is otherwise with it; null is not said */
    public static function layout(int $wall, float $turn, bool $isReversed, ?float $grade, array $door = []): Layout
    {
        $corners = [[0, 0], [6000, 0], [6000, 4000], [0, 4000]];
        $place = static fn(float $x, float $y): array => Point::towards($turn)
            ->times($x)
            ->plus(Point::towards($turn)->left()->times($y))
            ->toArray();
        $walls = [];
        foreach ($corners as $number => $corner) {
            $ends = [$place(...$corner), $place(...$corners[($number + 1) % 4])];
            $walls[] = [
                'id' => "w{$number}", 'from' => $ends[$isReversed ? 1 : 0], 'to' => $ends[$isReversed ? 0 : 1], 'thickness' => 200,
                'type' => 'exterior',
            ];
        }
        $opening = array_filter(
            [
                'id' => 'd1', 'kind' => 'door', 'wall' => "w{$wall}", 'at' => 1500, 'width' => 900, 'height' => 2000,
                'operation' => 'hinged', ...$door,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
        $storey = [
            'id' => 'G',
            'elevation' => 0,
            'ceiling' => 2400,
            'walls' => $walls,
            'openings' => [$opening],
            'rooms' => [['id' => 'r1', 'use' => 'hall', 'at' => $place(3000, 2000)]],
        ];
        $document = [
            'format' => 'heurema-layout',
            'version' => 1,
            'name' => 'Steps',
            'units' => 'metric',
            ...($grade === null ? [] : ['grade' => $grade]),
            'storeys' => [$storey],
        ];

        return (new LayoutReader())->read((string) json_encode($document));
    }
}
