<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\Slope;
use PHPUnit\Framework\TestCase;

final class SlopeTest extends TestCase
{
    public function test_written_and_read_back(): void
    {
        foreach (['1:12', '1:20', '1:8.5', 'level'] as $text) {
            $ratio = Slope::read($text);
            self::assertNotNull($ratio);
            self::assertSame($text, Slope::write($ratio));
        }
        self::assertSame('≈ 1:12.05', Slope::write(Amount::ratio(0.083)));
        self::assertSame('≈ 1:12.34', Slope::write(Amount::ratio(1 / 12.344)));
        self::assertSame('1:12.34', Slope::write(Amount::ratio(1 / 12.34)));
    }

    public function test_other_ways_to_write_it(): void
    {
        self::assertEqualsWithDelta(1 / 12, Slope::read('1 in 12')?->number, 1e-12);
        self::assertEqualsWithDelta(0.0833, Slope::read('8.33 %')?->number, 1e-12);
        self::assertNull(Slope::read('1:0'));
        self::assertNull(Slope::read('steep'));
    }
}
