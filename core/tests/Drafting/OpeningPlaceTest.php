<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\OpeningPlace;
use Heurema\Drafting\Stretch;
use Heurema\Layout\Edit\RefusedEdit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Openings of 900 mm in a stretch of wall from 100 to 4100 mm. */
final class OpeningPlaceTest extends TestCase
{
    /** @return iterable<string, array{OpeningPlace, float, float}> the distance typed and the middle that comes of it */
    public static function places(): iterable
    {
        yield 'centred' => [OpeningPlace::Centred, 0, 2100];
        yield 'edge from its start' => [OpeningPlace::EdgeFromStart, 300, 850];
        yield 'middle from its start' => [OpeningPlace::MiddleFromStart, 600, 700];
        yield 'edge from its end' => [OpeningPlace::EdgeFromEnd, 300, 3350];
        yield 'middle from its end' => [OpeningPlace::MiddleFromEnd, 600, 3500];
        yield 'hard against the start' => [OpeningPlace::EdgeFromStart, 0, 550];
        yield 'hard against the end' => [OpeningPlace::EdgeFromEnd, 0, 3650];
    }

    #[DataProvider('places')]
    public function test_one_opening(OpeningPlace $place, float $distance, float $middle): void
    {
        self::assertSame([$middle], $place->middles(self::stretch(), 900, $distance));
    }

    public function test_equal_stretches_of_wall_between_and_beside(): void
    {
        // 4000 − 2 · 900 = 2200 in three: 733.3
        self::assertEqualsWithDelta(
            [100 + 2200 / 3 + 450, 4100 - 2200 / 3 - 450],
            OpeningPlace::Spaced->middles(self::stretch(), 900, count: 2),
            1e-9,
        );
        // 4000 − 3 · 900 = 1300 in four: 325
        self::assertEqualsWithDelta([875.0, 2100.0, 3325.0], OpeningPlace::Spaced->middles(self::stretch(), 900, count: 3), 1e-9);
        self::assertEqualsWithDelta([2100.0], OpeningPlace::Spaced->middles(self::stretch(), 900), 1e-9);
    }

    /** @return iterable<string, array{OpeningPlace, float, float, int, bool}> width, distance, count, whether they fit */
    public static function fits(): iterable
    {
        yield 'as wide as the stretch' => [OpeningPlace::Centred, 4000, 0, 1, true];
        yield 'wider than the stretch' => [OpeningPlace::Centred, 4001, 0, 1, false];
        yield 'its edge at the end' => [OpeningPlace::EdgeFromStart, 900, 3100, 1, true];
        yield 'its edge beyond the end' => [OpeningPlace::EdgeFromStart, 900, 3101, 1, false];
        yield 'its middle half its width from the start' => [OpeningPlace::MiddleFromStart, 900, 450, 1, true];
        yield 'its middle nearer' => [OpeningPlace::MiddleFromStart, 900, 449, 1, false];
        yield 'its middle half its width from the end' => [OpeningPlace::MiddleFromEnd, 900, 450, 1, true];
        yield 'its middle nearer the end' => [OpeningPlace::MiddleFromEnd, 900, 449, 1, false];
        yield 'four of a thousand' => [OpeningPlace::Spaced, 1000, 0, 4, true];
        yield 'four of a little more' => [OpeningPlace::Spaced, 1001, 0, 4, false];
    }

    #[DataProvider('fits')]
    public function test_what_does_not_fit_is_refused(OpeningPlace $place, float $width, float $distance, int $count, bool $fits): void
    {
        if (!$fits) {
            $this->expectException(RefusedEdit::class);
        }
        self::assertCount($count, $place->middles(self::stretch(), $width, $distance, $count));
    }

    public function test_which_ask_for_a_distance(): void
    {
        self::assertFalse(OpeningPlace::Centred->needsDistance());
        self::assertFalse(OpeningPlace::Spaced->needsDistance());
        self::assertTrue(OpeningPlace::EdgeFromEnd->needsDistance());
        self::assertCount(
            count(OpeningPlace::cases()),
            array_unique(array_map(static fn(OpeningPlace $place): string => $place->words(), OpeningPlace::cases())),
        );
    }

    private static function stretch(): Stretch
    {
        return new Stretch(100, 4100, 'a', 'b');
    }
}
