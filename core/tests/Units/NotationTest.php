<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\ImperialNotation;
use Heurema\Units\MetricNotation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Conversions: 1 in = 25.4 mm and 1 ft = 12 in exactly (international yard and pound agreement, 1959). */
final class NotationTest extends TestCase
{
    /** @return iterable<string, array{float, string}> */
    public static function imperialLengths(): iterable
    {
        yield 'feet and no inches' => [2133.6, "7'-0\""];
        yield 'feet, inches and a fraction' => [3822.7, "12'-6 1/2\""];
        yield 'inches alone' => [381.0, '15"'];
        yield 'a fraction alone' => [12.7, '1/2"'];
        yield 'a fraction behind feet' => [317.5, "1'-0 1/2\""];
        yield 'reduced' => [25.4 * 9 / 16, '9/16"'];
        yield 'eight sixteenths are a half' => [25.4 * 24 / 16, '1 1/2"'];
        yield 'up to the next inch' => [25.4 * 11.99, '≈ 1\'-0"'];
        yield 'rounded and marked' => [245.0, '≈ 9 5/8"'];
        yield 'less than 0.05 mm off is not rounded' => [381.04, '15"'];
        yield 'nothing' => [0.0, '0"'];
        yield 'negative' => [-381.0, '-1\'-3"'];
        yield 'less than a millimetre' => [0.9, '≈ 1/16"'];
        yield 'the least that is written, below nothing' => [-25.4 / 16, '-1/16"'];
        yield 'below nothing, but for rounding' => [-0.7, '≈ 0"'];
    }

    #[DataProvider('imperialLengths')]
    public function test_imperial_lengths(float $mm, string $text): void
    {
        $inFeet = str_contains($text, "'") || abs($mm) < 304.8;
        self::assertSame($text, (new ImperialNotation(feet: $inFeet))->write(Amount::length($mm)));
    }

    public function test_inches_go_on_counting_where_feet_are_not_wanted(): void
    {
        self::assertSame('36 1/8"', (new ImperialNotation(feet: false))->write(Amount::length(917.575)));
    }

    public function test_finer_fractions_on_demand(): void
    {
        $length = Amount::length(25.4 * 5 / 32);
        self::assertSame('≈ 3/16"', (new ImperialNotation(16))->write($length));
        self::assertSame('5/32"', (new ImperialNotation(32))->write($length));
        self::assertSame('1 1/64"', (new ImperialNotation(64))->write(Amount::length(25.4 * 65 / 64)));
    }

    /** @return iterable<array{Amount, string, string}> */
    public static function others(): iterable
    {
        yield [Amount::area(6.5032128), '70 sq ft', '≈ 6.5 m²'];
        yield [Amount::area(10.0), '107.64 sq ft', '10 m²'];
        yield [Amount::area(0.01234), '≈ 0.13 sq ft', '0.0123 m²'];
        yield [Amount::area(0.1004), '1.08 sq ft', '≈ 0.1 m²'];
        yield [Amount::area(0.0999), '≈ 1.08 sq ft', '0.0999 m²'];
        yield [Amount::ratio(0.08), '8 %', '8 %'];
        yield [Amount::angle(38.5), '38.5°', '38.5°'];
        yield [Amount::count(3), '3', '3'];
        yield [Amount::airFlow(12.34), '26.1 cfm', '12.3 l/s'];
        yield [Amount::airFlowInFeet(50.0), '50 cfm', '23.6 l/s'];
    }

    #[DataProvider('others')]
    public function test_other_quantities(Amount $amount, string $imperial, string $metric): void
    {
        self::assertSame($imperial, (new ImperialNotation())->write($amount));
        self::assertSame($metric, (new MetricNotation())->write($amount));
    }

    public function test_metric_lengths(): void
    {
        $metric = new MetricNotation();
        self::assertSame('2470 mm', $metric->write(Amount::length(2470)));
        self::assertSame('639.7 mm', $metric->write(Amount::length(639.7)));
        self::assertSame('640 mm', $metric->write(Amount::length(640.02)));
        self::assertSame('1.2346 m', (new MetricNotation('m'))->write(Amount::length(1234.56)));
        self::assertSame('123.46 cm', (new MetricNotation('cm'))->write(Amount::length(1234.56)));
    }
}
