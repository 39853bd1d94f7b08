<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\ImperialNotation;
use Heurema\Units\LengthReader;
use Heurema\Units\MetricNotation;
use Heurema\Units\ReadLength;
use Heurema\Units\SizeReader;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values: 1 in = 25.4 mm exactly (international yard and pound agreement, 1959; NIST Handbook 44, appendix C). */
final class LengthReaderTest extends TestCase
{
    /** @return iterable<string, array{string, float, string}> typed in an imperial layout, mm, in words */
    public static function imperial(): iterable
    {
        foreach ([
            ["12'", 3657.6, '12 feet'],
            ["12' - 6'", 1828.8, '12 feet less 6 feet: 6\'-0"'],
            ["12' - 6' 3\"", 1752.6, '12 feet less 6 feet 3 inches: 5\'-9"'],
            ["12' 6", 3810.0, '12 feet 6 inches'],
            ["12'6\"", 3810.0, '12 feet 6 inches'],
            ["12'-6\"", 3810.0, '12 feet 6 inches'],
            ["12'-6 1/2\"", 3822.7, '12 feet 6 1/2 inches'],
            ["12'-6-1/2\"", 3822.7, '12 feet 6 1/2 inches'],
            ["3'4-5/8", 1031.875, '3 feet 4 5/8 inches'],
            ["3' 4 5/8\"", 1031.875, '3 feet 4 5/8 inches'],
            ["7'2", 2184.4, '7 feet 2 inches'],
            ['7 ft 2', 2184.4, '7 feet 2 inches'],
            ['9 1/4', 234.95, '9 1/4 inches'],
            ['9-1/4"', 234.95, '9 1/4 inches'],
            ['.5"', 12.7, '0.5 inches'],
            ['1/2', 12.7, '1/2 inch'],
            ['4 ft 6 in', 1371.6, '4 feet 6 inches'],
            ['4ft6', 1371.6, '4 feet 6 inches'],
            ['4 Feet 6 Inches', 1371.6, '4 feet 6 inches'],
            ['12 ft. 6 in.', 3810.0, '12 feet 6 inches'],
            ["6.5'", 1981.2, '6.5 feet'],
            ["6,5'", 1981.2, '6.5 feet'],
            ["1 1/2'", 457.2, '1 1/2 feet'],
            ["1'", 304.8, '1 foot'],
            ["1' 1\"", 330.2, '1 foot 1 inch'],
            ['12’ 6”', 3810.0, '12 feet 6 inches'],
            ['12′ 6½″', 3822.7, '12 feet 6 1/2 inches'],
            ["12'\u{a0}6\"", 3810.0, '12 feet 6 inches'],
            ["6''", 152.4, '6 inches'],
            ['¾"', 19.05, '3/4 inch'],
            ['25/2', 317.5, '25/2 inch'],
            ['9/8"', 28.575, '9/8 inch'],
            ['11/16"', 17.4625, '11/16 inch'],
            ['.12346"', 3.135884, '0.1235 inches'],
            ["2' 11/16\"", 627.0625, '2 feet 11/16 inch'],
            ['5 15/16', 150.8125, '5 15/16 inches'],
            ['36', 914.4, '36 inches'],
            ['1', 25.4, '1 inch'],
            ['0', 0.0, '0 inches'],
            ['2470 mm', 2470.0, '2470 millimetres'],
            ['2.47m', 2470.0, '2.47 metres'],
            ['2,47 m', 2470.0, '2.47 metres'],
            ['247cm', 2470.0, '247 centimetres'],
            ["12'6 + 4\"", 3911.6, '12 feet 6 inches plus 4 inches: 12\'-10"'],
            ["12'6-4\"", 3708.4, '12 feet 6 inches less 4 inches: 12\'-2"'],
            ['90-14', 1930.4, '90 inches less 14 inches: 6\'-4"'],
            ["12'6\" /2", 1905.0, 'half of 12 feet 6 inches: 6\'-3"'],
            ["(12'6 + 4\")/2", 1955.8, 'half of (12 feet 6 inches plus 4 inches): 6\'-5"'],
            ['1,234.5"', 31356.3, '1234.5 inches'],
            ['≈ 9 5/8"', 244.475, '9 5/8 inches'],
        ] as [$typed, $mm, $words]) {
            yield $typed => [$typed, $mm, $words];
        }
    }

    #[DataProvider('imperial')]
    public function test_reads_as_people_type(string $typed, float $mm, string $words): void
    {
        $read = (new LengthReader(UnitSystem::Imperial))->read($typed);
        self::assertEqualsWithDelta($mm, $read->mm, 1e-4);
        self::assertSame($words, $read->reading);
    }

    /** @return iterable<array{string, float}> typed in a metric layout, mm */
    public static function metric(): iterable
    {
        yield ['2470', 2470.0];
        yield ['2470-90', 2380.0];
        yield ['2470/2', 1235.0];
        yield ['2470 / 2', 1235.0];
        yield ['21/2 + 5', 15.5];
        yield ['(2470-90)/2', 1190.0];
        yield ['2.47 m + 90', 2560.0];
        yield ['95cm', 950.0];
        yield ['12\'6"', 3810.0];
        yield ['9 1/4"', 234.95];
        yield ['639.7', 639.7];
    }

    #[DataProvider('metric')]
    public function test_a_bare_number_is_millimetres_in_a_metric_layout(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, (new LengthReader(UnitSystem::Metric))->read($typed)->mm, 1e-9);
    }

    /** @return iterable<array{UnitSystem, string, int, string, list<string>}> units, typed, position, part of the message, the readings */
    public static function refused(): iterable
    {
        $imperial = UnitSystem::Imperial;
        $metric = UnitSystem::Metric;
        yield [$imperial, "3' 45/8", 3, 'two ways', ["3' 4 5/8", "3' 5 5/8"]];
        yield [$imperial, '45/8', 0, 'two ways', ['4 5/8', '5 5/8']];
        yield [$imperial, '1,500', 0, 'two ways', ['1500', '1.500']];
        yield [$metric, '1,500', 0, 'two ways', ['1500', '1.500']];
        yield [$imperial, "12' - 6\"", 4, 'two ways', ["12'-6\"", "12' 0\" - 6\""]];
        yield [$imperial, "12' - 6 + 2'", 4, 'two ways', ["12'-6 + 2'", "12' 0\" - 6 + 2'"]];
        yield [$imperial, '9 - 1/4"', 2, 'two ways', ['9 1/4"', '9" - 1/4"']];
        yield [$imperial, '9 -1/4"', 2, 'two ways', ['9 1/4"', '9" - 1/4"']];
        yield [$imperial, '9- 1/4"', 1, 'two ways', ['9 1/4"', '9" - 1/4"']];
        yield [$imperial, '90-4', 2, 'two ways', ['90\' 4"', '90" - 4"']];
        yield [$imperial, "12'6/2", 3, 'two ways', ["12' 3\"", "(12' 6\")/2"]];
        yield [$imperial, "5' 14\"", 3, 'write 6\'-2"', []];
        yield [$imperial, "5' 14 1/64\"", 3, 'write 6\'-2 1/64"', []];
        yield [$imperial, "5' 12\"", 3, 'write 6\'-0"', []];
        yield [$imperial, "6.5' 3\"", 0, 'write 6\'-9"', []];
        yield [$imperial, '1/0"', 2, 'parted in 0', []];
        yield [$imperial, '-5', 0, 'never below 0', []];
        yield [$imperial, "4\" - 12'", 0, 'comes to -11\'-8"', []];
        yield [$imperial, "12' 30 cm", 7, 'Feet and cm do not mix', []];
        yield [$imperial, "12' + 30cm", 6, 'do not mix', []];
        yield [$imperial, '7 2', 2, 'what the first number counts', []];
        yield [$imperial, '', 0, 'Type a length', []];
        yield [$imperial, 'abc', 0, '"a"', []];
        yield [$imperial, '12$', 2, '"$"', []];
        yield [$imperial, '5 6/4', 2, 'smaller than 1', []];
        yield [$imperial, '5 4/4', 2, 'smaller than 1', []];
        yield [$imperial, '5.5 1/4', 4, 'takes no fraction', []];
        yield [$imperial, "12\"'", 3, 'Two units', []];
        yield [$imperial, '12 +', 4, 'missing at the end', []];
        yield [$imperial, '(12', 0, 'never closed', []];
        yield [$imperial, '12)', 2, 'Nothing fits in here', []];
        yield [$imperial, "12'6 + 4\" /2", 10, 'brackets', []];
        yield [$metric, '9 1/4', 0, 'Fractions are of inches', []];
        yield [$metric, '21/2 mm', 0, 'two ways', ['2.5 mm', '10.5 mm']];
        yield [$imperial, '45/8 cm', 0, 'two ways', ['4.625 cm', '5.625 cm']];
        yield [$metric, '45/8', 0, 'two ways', ['4 5/8"', '5 5/8"']];
        yield [$metric, '45/8"', 0, 'two ways', ['4 5/8"', '5 5/8"']];
        yield [$imperial, "45/8'", 0, 'two ways', ["4 5/8'", "5 5/8'"]];
        yield [$imperial, "12' - 30 cm", 6, 'do not mix', []];
        yield [$imperial, "2' 21/2", 3, 'two ways', ["2' 2 1/2\"", "2' 10.5\""]];
        yield [$metric, '2 m 47', 4, 'One number with one unit', []];
        yield [$metric, '47 cm 2 m', 6, 'One number with one unit', []];
        yield [$metric, '1 m 2 m', 4, 'One number with one unit', []];
        yield [$metric, '1 m 100 cm', 4, 'less than one metre', []];
        yield [$metric, '1 cm 10 mm', 5, 'less than one centimetre', []];
        yield [$metric, "12' + 30", 6, 'Say the unit', []];
        yield [$metric, '1.234,5', 0, 'no number', []];
        yield [$metric, '12 1/2 mm', 0, '12.5 mm', []];
        yield [$metric, str_repeat('1', 101), 100, 'at most 100', []];
    }

    /** @param list<string> $readings */
    #[DataProvider('refused')]
    public function test_refuses_with_the_position_and_never_guesses(
        UnitSystem $units,
        string $typed,
        int $position,
        string $message,
        array $readings,
    ): void {
        try {
            self::fail((string) (new LengthReader($units))->read($typed)->mm);
        } catch (UnreadableLength $e) {
            self::assertStringContainsString($message, $e->getMessage());
            self::assertSame($position, $e->position);
            self::assertSame($readings, $e->readings);
        }
    }

    public function test_the_readings_of_a_doubtful_one_can_be_typed(): void
    {
        foreach (self::refused() as [$units, , , , $readings]) {
            $values = array_map(static fn(string $reading): float => (new LengthReader($units))->read($reading)->mm, $readings);
            self::assertSame($values, array_unique($values));
        }
        self::addToAssertionCount(1);
    }

    /** Seeded: 20261124. Every 64th of an inch up to 30 feet that is drawn, in three precisions, and metric lengths. */
    public function test_what_is_written_reads_back(): void
    {
        mt_srand(20261124);
        $imperial = new LengthReader(UnitSystem::Imperial);
        $metric = new LengthReader(UnitSystem::Metric);
        for ($i = 0; $i < 600; ++$i) {
            $finest = [16, 32, 64][$i % 3];
            $mm = mt_rand(0, 360 * $finest) * 25.4 / $finest;
            self::assertEqualsWithDelta($mm, $imperial->read((new ImperialNotation($finest))->write(Amount::length($mm)))->mm, 1e-4);
            self::assertEqualsWithDelta($mm, $imperial->read((new ImperialNotation($finest, false))->write(Amount::length($mm)))->mm, 1e-4);
            $tenths = mt_rand(0, 200_000) / 10;
            foreach (['mm', 'cm', 'm'] as $unit) {
                self::assertEqualsWithDelta($tenths, $metric->read((new MetricNotation($unit))->write(Amount::length($tenths)))->mm, 1e-4);
            }
        }
    }

    /** @return iterable<array{string, float}> handbook conversions (NIST Handbook 44, appendix C; from memory) */
    public static function handbook(): iterable
    {
        yield ['1 in', 25.4];
        yield ['1 ft', 304.8];
        yield ['3 ft', 914.4];
        yield ['16 1/2 ft', 5029.2]; // a rod
        yield ['66 ft', 20116.8]; // a chain
        yield ['1/16"', 1.5875];
        yield ['1/32"', 0.79375];
        yield ['1/64"', 0.396875];
        yield ['39.37 in', 999.998];
        yield ['3.28084 ft', 1000.000032];
        yield ['1000 mm', 1000.0];
        yield ['1 m', 1000.0];
        yield ['2.54 cm', 25.4];
    }

    #[DataProvider('handbook')]
    public function test_handbook_conversions(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, (new LengthReader(UnitSystem::Imperial))->read($typed)->mm, 5.1e-5);
    }

    /** To the tenth of a micrometre, where a read length no longer differs from a written one. */
    public function test_it_is_rounded_to_four_decimals(): void
    {
        self::assertSame(0.3969, (new LengthReader(UnitSystem::Imperial))->read('1/64"')->mm);
        self::assertSame(0.1235, (new LengthReader(UnitSystem::Metric))->read('0.12346 mm')->mm);
    }

    public function test_a_smaller_unit_may_follow_a_larger_one(): void
    {
        foreach ([
            '1 m 10 cm' => 1100.0, '1m10cm' => 1100.0, '2 m 5 mm' => 2005.0, '12 cm 5mm' => 125.0, '1 m 9 cm 9 mm' => 1099.0,
            '1 m 99.9 cm' => 1999.0,
        ] as $typed => $mm) {
            self::assertSame($mm, (new LengthReader(UnitSystem::Metric))->read($typed)->mm, $typed);
        }
        self::assertSame('1 metre 10 centimetres', (new LengthReader(UnitSystem::Metric))->read('1 m 10 cm')->reading);
    }

    public function test_a_length_takes_a_hundred_characters(): void
    {
        self::assertSame(25.4, (new LengthReader(UnitSystem::Imperial))->read(str_repeat(' ', 99).'1')->mm);
    }

    public function test_a_bare_number_counts_in_the_unit_of_the_home(): void
    {
        foreach ([
            [TypingUnit::Millimetre, '97.5', 97.5, '97.5 millimetres'],
            [TypingUnit::Centimetre, '97.5', 975.0, '97.5 centimetres'],
            [TypingUnit::Metre, '3.6', 3600.0, '3.6 metres'],
            [TypingUnit::Centimetre, '36/2', 180.0, 'half of 36 centimetres: 180 mm'],
            [TypingUnit::Millimetre, '31/2', 15.5, 'half of 31 millimetres: 15.5 mm'],
            [TypingUnit::Metre, '900 mm', 900.0, '900 millimetres'],
        ] as [$unit, $typed, $mm, $words]) {
            $read = (new LengthReader(UnitSystem::Metric, $unit))->read($typed);
            self::assertSame([$mm, $words], [$read->mm, $read->reading]);
            // an imperial home types inches
            self::assertSame(25.4, (new LengthReader(UnitSystem::Imperial, $unit))->read('1')->mm);
        }
    }

    public function test_sizes_have_two_sides(): void
    {
        $imperial = new SizeReader(new LengthReader(UnitSystem::Imperial));
        $metric = new SizeReader(new LengthReader(UnitSystem::Metric, TypingUnit::Centimetre));
        foreach ([
            [$imperial, "11' x 13'4\"", 3352.8, 4064.0], [$imperial, '4 ft by 12 ft', 1219.2, 3657.6],
            [$metric, '920cm x 1060cm', 9200.0, 10600.0], [$metric, '920×1060', 9200.0, 10600.0],
            [$metric, '1 m 10 cm X 2m', 1100.0, 2000.0],
        ] as [$reader, $typed, $width, $depth]) {
            self::assertEqualsWithDelta(
                [$width, $depth],
                array_map(static fn(ReadLength $side): float => $side->mm, $reader->read($typed)),
                1e-6,
                $typed,
            );
        }
        foreach (['3 m', 'x 3 m', '3 m x', '3 m x deep', ''] as $typed) {
            try {
                $metric->read($typed);
                self::fail($typed);
            } catch (UnreadableLength $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
