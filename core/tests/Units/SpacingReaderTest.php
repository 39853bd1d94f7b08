<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\ReadLength;
use Heurema\Units\SpacingReader;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpacingReaderTest extends TestCase
{
    /** @return iterable<string, array{UnitSystem, string, list<float>}> */
    public static function typed(): iterable
    {
        $metric = UnitSystem::Metric;
        $imperial = UnitSystem::Imperial;
        yield 'metres though millimetres are typed' => [$metric, '3.6 4.2 3.6', [3600.0, 4200.0, 3600.0]];
        yield 'decimal commas' => [$metric, '3,6 4,2', [3600.0, 4200.0]];
        yield 'at the limit of what is metres' => [$metric, '99.9 100 100.1', [99900.0, 100.0, 100.1]];
        yield 'millimetres' => [$metric, '3600; 4200, 3600', [3600.0, 4200.0, 3600.0]];
        yield 'commas without a space' => [$metric, '3600,4200', [3600.0, 4200.0]];
        yield 'units of their own' => [$metric, '3.6 m 420 cm 3600mm', [3600.0, 4200.0, 3600.0]];
        yield 'several alike' => [$metric, '3 x 3.6 4', [3600.0, 3600.0, 3600.0, 4000.0]];
        yield 'feet' => [$imperial, "12' 14' 10'", [3657.6, 4267.2, 3048.0]];
        yield 'feet and inches' => [$imperial, "12' 6\" 14'6 10'-3 1/2\" 8 ft 6 in", [3810.0, 4419.6, 3136.9, 2590.8]];
        yield 'several alike in feet' => [$imperial, "2 × 12'6", [3810.0, 3810.0]];
        yield 'inches' => [$imperial, '144" 96', [3657.6, 2438.4]];
    }

    /** @param list<float> $expected */
    #[DataProvider('typed')]
    public function test_distances_one_after_the_other(UnitSystem $units, string $typed, array $expected): void
    {
        self::assertEqualsWithDelta(
            $expected,
            array_map(static fn(ReadLength $one): float => $one->mm, (new SpacingReader($units))->read($typed)),
            1e-6,
        );
    }

    public function test_no_more_than_a_hundred_are_read(): void
    {
        $reader = new SpacingReader(UnitSystem::Metric);
        self::assertCount(100, $reader->read('50 x 3.6; 50 x 4.2'));
        $this->expectExceptionMessage('At most 100 distances are read at once.');
        $reader->read('50 x 3.6; 51 x 4.2');
    }

    public function test_a_bare_number_counts_as_the_home_is_typed(): void
    {
        $read = (new SpacingReader(UnitSystem::Metric, TypingUnit::Centimetre))->read('420 3.6');
        self::assertEqualsWithDelta([4200.0, 3600.0], array_map(static fn(ReadLength $one): float => $one->mm, $read), 1e-6);
    }

    /** @return iterable<string, array{UnitSystem, string, string}> and what is said */
    public static function unreadable(): iterable
    {
        yield 'nothing' => [UnitSystem::Metric, '  ', 'one after the other'];
        yield 'a word' => [UnitSystem::Metric, '3.6 wide', 'Nothing fits in here: "wide"'];
        yield 'feet or inches' => [UnitSystem::Imperial, '12 14', 'two ways'];
        yield 'just below eight feet' => [UnitSystem::Imperial, '95.9', 'two ways'];
        yield 'too little' => [UnitSystem::Metric, '99 mm', 'too little'];
        yield 'none' => [UnitSystem::Metric, '0 3', 'too little'];
        yield 'too many' => [UnitSystem::Metric, '99 x 3.6 2 x 3', 'At most 100'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_told(UnitSystem $units, string $typed, string $expected): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessage($expected);
        (new SpacingReader($units))->read($typed);
    }
}
