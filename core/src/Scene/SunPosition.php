<?php

declare(strict_types=1);

namespace Heurema\Scene;

/**
 * Where the sun stands, by the hour of true solar time: at 12 it is due south or north. The declination is that of Meeus, Astronomical
 * Algorithms, chapter 25, low accuracy (0.01 degrees); refraction is left out.
 */
final readonly class SunPosition
{
    /** Days from the epoch J2000.0 in a Julian century, and the Julian day of that epoch. */
    private const CENTURY = 36525.0;
    private const EPOCH = 2451545.0;

    /** Julian day of the Unix epoch. */
    private const UNIX = 2440587.5;

    private const DEGREES_AN_HOUR = 15.0;

    /**
     * @param float $altitude over the horizon, degrees; negative at night
     * @param float $azimuth  from north through east, degrees from 0 up to 360
     */
    private function __construct(public float $altitude, public float $azimuth) {}

    /**
     * @param float $latitude degrees, north positive, from -90 to 90
     * @param float $hour     of the day, true solar time, from 0 to 24
     */
    public static function at(float $latitude, \DateTimeImmutable $date, float $hour): self
    {
        $declination = deg2rad(self::declination(self::julianDay($date) + ($hour - 12.0) / 24.0 + 0.5));
        $turned = deg2rad(($hour - 12.0) * self::DEGREES_AN_HOUR);
        $place = deg2rad($latitude);
        $up = sin($place) * sin($declination) + cos($place) * cos($declination) * cos($turned);
        $east = -cos($declination) * sin($turned);
        $north = cos($place) * sin($declination) - sin($place) * cos($declination) * cos($turned);

        return new self(rad2deg(asin(max(-1.0, min(1.0, $up)))), fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0));
    }

    /** @return float how far the sun stands north of the equator, degrees */
    public static function declination(float $julianDay): float
    {
        $t = ($julianDay - self::EPOCH) / self::CENTURY;
        $mean = 280.46646 + 36000.76983 * $t + 0.0003032 * $t ** 2;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t ** 2);
        $centre = (1.914602 - 0.004817 * $t) * sin($anomaly)
            + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly)
            + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $t);
        $longitude = deg2rad($mean + $centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(23.4392911 - 0.0130042 * $t + 0.00256 * cos($node));

        return rad2deg(asin(sin($obliquity) * sin($longitude)));
    }

    /** @return float at midnight of the date, UTC */
    public static function julianDay(\DateTimeImmutable $date): float
    {
        $midnight = new \DateTimeImmutable($date->format('Y-m-d'), new \DateTimeZone('UTC'));

        return self::UNIX + $midnight->getTimestamp() / 86400.0;
    }

    /**
     * From the home to the sun, of length 1: right and up on the plan, and up.
     *
     * @param float $north where true north lies on the plan, degrees counter-clockwise from the right
     *
     * @return array{float, float, float}
     */
    public function direction(float $north): array
    {
        $on = deg2rad($north - $this->azimuth);
        $flat = cos(deg2rad($this->altitude));

        return [$flat * cos($on), $flat * sin($on), sin(deg2rad($this->altitude))];
    }
}
