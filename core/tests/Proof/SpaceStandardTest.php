<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The book uk-space against Table 1 of "Technical housing standards, nationally described space standard" (Department for
 * Communities and Local Government, March 2015), row by row, written down here again from memory of the document.
 */
final class SpaceStandardTest extends BookProof
{
    /** bedrooms, bed spaces, m² on one, two and three storeys (null: no such home in the table), m² of built-in storage */
    private const TABLE_1 = [
        [1, 1, 39, null, null, 1.0],
        [1, 2, 50, 58, null, 1.5],
        [2, 3, 61, 70, null, 2.0],
        [2, 4, 70, 79, null, 2.0],
        [3, 4, 74, 84, 90, 2.5],
        [3, 5, 86, 93, 99, 2.5],
        [3, 6, 95, 102, 108, 2.5],
        [4, 5, 90, 97, 103, 3.0],
        [4, 6, 99, 106, 112, 3.0],
        [4, 7, 108, 115, 121, 3.0],
        [4, 8, 117, 124, 130, 3.0],
        [5, 6, 103, 110, 116, 3.5],
        [5, 7, 112, 119, 125, 3.5],
        [5, 8, 121, 128, 134, 3.5],
        [6, 7, 116, 123, 129, 4.0],
        [6, 8, 125, 132, 138, 4.0],
    ];

    /** @return iterable<string, array{int, int, int, int|null}> bedrooms, bed spaces, storeys, m² */
    public static function areas(): iterable
    {
        foreach (self::TABLE_1 as [$bedrooms, $bedspaces, $one, $two, $three]) {
            foreach ([1 => $one, 2 => $two, 3 => $three] as $storeys => $area) {
                yield "{$bedrooms}b{$bedspaces}p on {$storeys}" => [$bedrooms, $bedspaces, $storeys, $area];
            }
        }
    }

    #[DataProvider('areas')]
    public function test_internal_area(int $bedrooms, int $bedspaces, int $storeys, ?int $area): void
    {
        $home = [
            'dwelling.bedrooms' => $bedrooms,
            'dwelling.bedspaces' => $bedspaces,
            'dwelling.storey_count' => $storeys,
            'dwelling.baths' => 1,
        ];
        $verdict = static fn(float $measured): string => self::verdict(
            'uk-space/internal-area',
            [...$home, 'dwelling.internal_area' => "{$measured} m2"],
        );
        if ($area === null) {
            self::assertSame('undetermined', $verdict(500));

            return;
        }
        self::assertSame(['violated', 'met', 'met'], [$verdict($area - 0.01), $verdict($area), $verdict($area + 0.01)]);
    }

    /** @return iterable<string, array{int, int, float}> */
    public static function stores(): iterable
    {
        foreach (self::TABLE_1 as [$bedrooms, $bedspaces, , , , $area]) {
            yield "{$bedrooms}b{$bedspaces}p" => [$bedrooms, $bedspaces, $area];
        }
    }

    #[DataProvider('stores')]
    public function test_storage(int $bedrooms, int $bedspaces, float $area): void
    {
        $verdict = static fn(float $measured): string => self::verdict(
            'uk-space/storage',
            ['dwelling.bedrooms' => $bedrooms, 'dwelling.bedspaces' => $bedspaces, 'dwelling.storage_area' => "{$measured} m2"],
        );
        self::assertSame(['violated', 'met', 'met'], [$verdict($area - 0.01), $verdict($area), $verdict($area + 0.01)]);
    }
}
