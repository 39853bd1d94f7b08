<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\AreaReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use PHPUnit\Framework\TestCase;

/** 1 sq ft = 0.09290304 m2 exactly, from 1 ft = 0.3048 m. */
final class AreaReaderTest extends TestCase
{
    public function test_reads_both_systems(): void
    {
        $imperial = new AreaReader(UnitSystem::Imperial);
        $metric = new AreaReader(UnitSystem::Metric);
        foreach ([
            '70 sq ft' => 6.5032128, '70' => 6.5032128, '70 SQ. FT.' => 6.5032128, '70 ft²' => 6.5032128, '6.5 m²' => 6.5, '6,5 m2' => 6.5,
        ] as $typed => $m2) {
            self::assertEqualsWithDelta($m2, $imperial->read((string) $typed)->number, 1e-9, (string) $typed);
        }
        self::assertEqualsWithDelta(70.0, $metric->read('70')->number, 1e-9);
    }

    public function test_what_is_written_reads_back_to_what_is_shown(): void
    {
        foreach (UnitSystem::cases() as $units) {
            foreach ([1, 650, 12345] as $hundredths) {
                $shown = $units === UnitSystem::Imperial ? $hundredths / 100 * Amount::M2_PER_SQUARE_FOOT : $hundredths / 100;
                $text = $units->notation()->write(Amount::area($shown));
                self::assertEqualsWithDelta($shown, (new AreaReader($units))->read($text)->number, 1e-9, $text);
            }
        }
    }

    public function test_refuses_what_is_doubtful_or_no_area(): void
    {
        foreach ([
            '1,500 sq ft' => 'two ways',
            'big' => 'Type an area',
            '12 ft' => 'Type an area',
            '-3' => 'Type an area',
        ] as $typed => $message) {
            try {
                (new AreaReader(UnitSystem::Imperial))->read((string) $typed);
                self::fail((string) $typed);
            } catch (UnreadableLength $e) {
                self::assertStringContainsString($message, $e->getMessage());
            }
        }
    }
}
