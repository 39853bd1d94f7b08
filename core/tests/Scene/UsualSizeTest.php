<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Opening;
use Heurema\Layout\Soffit;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Scene\UsualSize;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class UsualSizeTest extends TestCase
{
    /** @param array{float, float, float} $usual */
    #[TestWith([OpeningKind::Door, [900.0, 0.0, 2000.0]])]
    #[TestWith([OpeningKind::Bare, [900.0, 0.0, 2000.0]])]
    #[TestWith([OpeningKind::Window, [1200.0, 900.0, 1200.0]])]
    public function test_only_what_nobody_said_of_an_opening_is_usual(OpeningKind $kind, array $usual): void
    {
        $opening = new Opening('o', $kind, 'w', 1000.0);
        self::assertSame($usual, UsualSize::ofOpening($opening));
        self::assertSame([700.0, $usual[1], 2100.0], UsualSize::ofOpening(new Opening('o', $kind, 'w', 1000.0, 700.0, 2100.0)));
        self::assertSame([$usual[0], 150.0, $usual[2]], UsualSize::ofOpening(new Opening('o', $kind, 'w', 1000.0, sill: 150.0)));
    }

    /** A soffit reaches the ceiling, and is 100 mm thick at the least. */
    #[TestWith([null, null, 2100.0, 2400.0])]
    #[TestWith([null, 2700.0, 2100.0, 2700.0])]
    #[TestWith([2599.0, 2700.0, 2599.0, 2700.0])]
    #[TestWith([2600.0, 2700.0, 2600.0, 2700.0])]
    #[TestWith([2601.0, 2700.0, 2601.0, 2701.0])]
    public function test_a_soffit_reaches_the_ceiling(?float $underside, ?float $ceiling, float $under, float $top): void
    {
        $outline = Ring::rectangle(new Point(0, 0), new Point(1000, 0), new Point(0, 500));
        $storey = new Storey('G', 'Ground', ceiling: $ceiling);
        self::assertSame([$under, $top], UsualSize::ofSoffit(new Soffit('s', $outline, $underside), $storey));
    }
}
