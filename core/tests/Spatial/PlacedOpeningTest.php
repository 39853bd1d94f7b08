<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class PlacedOpeningTest extends TestCase
{
    public function test_a_door_in_an_outer_wall_leads_outside(): void
    {
        [$door] = Sketch::room(4000, 3000)->door('w1', 2000, 900)->home()->openings;
        self::assertTrue($door->isToOutside());
        self::assertSame(['R', 'outside'], [$door->left->words(), $door->right->words()]);
    }

    public function test_a_door_between_rooms_does_not(): void
    {
        [$door] = Sketch::room(6000, 3000)
            ->wall([2500, -100], [2500, 3100])
            ->use('b', 'study', 500, 500)
            ->door('w5', 1500, 800)
            ->home()->openings;
        self::assertFalse($door->isToOutside());
    }

    public function test_a_balcony_is_open_air(): void
    {
        [$door] = Sketch::room(6000, 3000)
            ->wall([2500, -100], [2500, 3100])
            ->use('b', 'balcony', 500, 500)
            ->door('w5', 1500, 800)
            ->home()->openings;
        self::assertTrue($door->isToOutside());
    }

    public function test_a_space_that_nobody_named_leaves_it_open(): void
    {
        [$door] = Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100])->door('w5', 1500, 800)->home()->openings;
        self::assertNull($door->isToOutside());
        self::assertStringContainsString('a room for the unnamed space', $door->missingSides()[0]);
    }
}
