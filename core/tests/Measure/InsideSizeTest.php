<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;

/** The inside of a shower: as large as it is between walls, less a shell of 25 mm all round elsewhere. */
final class InsideSizeTest extends MeasureTestCase
{
    /** In a room of 900 by 3000 mm it stands against the short wall; each side may be off its wall by 5 mm. */
    #[TestWith([900.0, 450.0, 900.0])]
    #[TestWith([892.0, 450.0, 892.0])]
    #[TestWith([890.0, 450.0, 890.0])]
    #[TestWith([889.8, 450.0, 839.8])]
    #[TestWith([890.0, 450.2, 840.0])]
    #[TestWith([890.0, 449.8, 840.0])]
    #[TestWith([800.0, 400.0, 750.0])]
    public function test_a_shower_between_walls_has_no_shell(float $width, float $middle, float $inside): void
    {
        $shower = Sketch::room(900, 3000, 'bathroom')->fixture('f', 'shower', $middle, 0, 90, $width, 1200);
        $depth = $inside === $width ? 1200.0 : 1150.0;
        self::assertEqualsWithDelta($inside, self::number('fixture.inside_least', $shower, 'f'), 1e-6);
        self::assertEqualsWithDelta($depth, self::number('fixture.inside_longest', $shower, 'f'), 1e-6);
        self::assertEqualsWithDelta($inside * $depth / 1e6, self::number('fixture.inside_area', $shower, 'f'), 1e-9);
    }

    /** Against the left, right, near and far wall of a room of 900 by 900 mm, between the two others. */
    #[TestWith([450.0, 0.0, 90.0])]
    #[TestWith([450.0, 900.0, 270.0])]
    #[TestWith([0.0, 450.0, 0.0])]
    #[TestWith([900.0, 450.0, 180.0])]
    public function test_on_every_wall(float $x, float $y, float $facing): void
    {
        $shower = Sketch::room(900, 900, 'bathroom')->fixture('f', 'shower', $x, $y, $facing, 900, 800);
        self::assertEqualsWithDelta(800.0, self::number('fixture.inside_least', $shower, 'f'), 1e-6);
        self::assertEqualsWithDelta(900.0, self::number('fixture.inside_longest', $shower, 'f'), 1e-6);
    }

    public function test_nothing_is_left_of_what_is_thinner_than_its_shell(): void
    {
        $shower = Sketch::room(3000, 3000, 'bathroom')->fixture('f', 'shower', 1500, 0, 90, 900, 40);
        self::assertEqualsWithDelta(0.0, self::number('fixture.inside_least', $shower, 'f'), 1e-9);
        self::assertEqualsWithDelta(0.0, self::number('fixture.inside_area', $shower, 'f'), 1e-9);
    }

    public function test_what_it_lacks(): void
    {
        $shower = Sketch::room(3000, 3000, 'bathroom')
            ->add('fixtures', ['id' => 'f', 'kind' => 'shower', 'at' => [1500, 0], 'facing' => 90]);
        self::assertUnknown(['f.width', 'f.depth'], self::measure('fixture.inside_least', $shower, 'f'));
    }
}
