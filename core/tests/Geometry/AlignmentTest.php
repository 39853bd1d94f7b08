<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Alignment;
use Heurema\Geometry\Point;
use PHPUnit\Framework\TestCase;

final class AlignmentTest extends TestCase
{
    public function test_coordinates_that_nearly_agree_become_one_and_others_stay(): void
    {
        $alignment = new Alignment([new Point(0, 0), new Point(0.04, 10), new Point(0.08, 10.06), new Point(5, 20)], 0.05);
        self::assertEquals(new Point(0, 0), $alignment->point(new Point(0, 0)));
        self::assertEquals(new Point(0, 10), $alignment->point(new Point(0.04, 10)));
        self::assertEquals(new Point(0, 10.06), $alignment->point(new Point(0.08, 10.06)), 'a chain of steps each within, and 0.06 apart');
        self::assertEquals(new Point(5, 20), $alignment->point(new Point(5, 20)));
    }
}
