<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Scene\SunPosition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SunPositionTest extends TestCase
{
    /** Meeus, Astronomical Algorithms, 2nd edition, example 25.a: 1992 October 13, 0 h; the value from memory. */
    public function test_the_declination_is_that_of_the_published_example(): void
    {
        self::assertEqualsWithDelta(-7.78507, SunPosition::declination(2448908.5), 0.001);
        self::assertSame(2448908.5, SunPosition::julianDay(new \DateTimeImmutable('1992-10-13')));
    }

    /** At noon it stands 90 degrees less the latitude over the horizon, and its declination: 23.44 at the solstices. */
    #[DataProvider('noons')]
    public function test_at_noon(float $latitude, string $date, float $altitude, float $azimuth): void
    {
        $sun = SunPosition::at($latitude, new \DateTimeImmutable($date), 12.0);
        self::assertEqualsWithDelta($altitude, $sun->altitude, 0.05);
        self::assertEqualsWithDelta(0.0, sin(deg2rad($azimuth - $sun->azimuth)), 1e-6);
        self::assertEqualsWithDelta(1.0, cos(deg2rad($azimuth - $sun->azimuth)), 1e-6);
    }

    /** @return iterable<string, array{float, string, float, float}> */
    public static function noons(): iterable
    {
        yield 'summer' => [52.2, '2026-06-21', 90 - 52.2 + 23.44, 180.0];
        yield 'winter' => [52.2, '2026-12-21', 90 - 52.2 - 23.44, 180.0];
        yield 'within the tropics it stands in the north' => [10.0, '2026-06-21', 90 + 10.0 - 23.44, 0.0];
        yield 'south of the equator' => [-33.9, '2026-06-21', 90 - 33.9 - 23.44, 0.0];
        yield 'no sun at the pole in winter' => [90.0, '2026-12-21', -23.44, 180.0];
    }

    public function test_the_day_is_even_about_noon_and_the_sun_rises_in_the_east(): void
    {
        for ($latitude = -85.0; $latitude <= 85.0; $latitude += 17.0) {
            for ($hour = 0.5; $hour < 12.0; $hour += 1.0) {
                $day = new \DateTimeImmutable('2026-03-20');
                [$before, $after] = [SunPosition::at($latitude, $day, $hour), SunPosition::at($latitude, $day, 24.0 - $hour)];
                self::assertEqualsWithDelta($before->altitude, $after->altitude, 0.5);
                self::assertEqualsWithDelta(360.0, $before->azimuth + $after->azimuth, 3.0, "at {$latitude}, {$hour} h");
                self::assertLessThan(180.0, $before->azimuth);
            }
        }
        self::assertEqualsWithDelta(90.0, SunPosition::at(48.0, new \DateTimeImmutable('2026-03-20'), 6.0)->azimuth, 0.5);
    }

    /** North is where the plan says: 90 degrees is up the sheet. */
    public function test_the_direction_follows_the_north_of_the_plan(): void
    {
        $noon = SunPosition::at(48.0, new \DateTimeImmutable('2026-06-21'), 12.0);
        foreach ([[90.0, 0.0, -1.0], [0.0, -1.0, 0.0], [200.0, cos(deg2rad(20.0)), sin(deg2rad(20.0))]] as [$north, $right, $up]) {
            [$x, $y, $z] = $noon->direction($north);
            $long = hypot($x, $y);
            self::assertEqualsWithDelta($right, $x / $long, 1e-6);
            self::assertEqualsWithDelta($up, $y / $long, 1e-6);
            self::assertEqualsWithDelta(sin(deg2rad($noon->altitude)), $z, 1e-9);
            self::assertEqualsWithDelta(1.0, hypot($long, $z), 1e-9);
        }
    }
}
