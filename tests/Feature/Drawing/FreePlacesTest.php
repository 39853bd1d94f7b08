<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\FreePlaces;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Texts find the first place that is clear of texts, and of walls and lines as far as that is worth it. */
final class FreePlacesTest extends TestCase
{
    public function test_no_text_lies_over_another_as_long_as_there_is_room(): void
    {
        $places = new FreePlaces(60.0);
        $wished = array_map(static fn(int $number): Box => self::text(100.0 * $number), range(0, 9));
        self::assertSame(range(0, 9), array_map(static fn(): int => $places->find($wished), $wished));
        self::assertSame(0, $places->find($wished), 'where all is full, the one wished for most');
    }

    /** A text 100 wide beside one that ends at 100: just clear of it, at it, just over it. */
    #[TestWith([100.1, 0])]
    #[TestWith([100.0, 0])]
    #[TestWith([99.9, 1])]
    public function test_however_little_of_a_text_is_covered(float $left, int $found): void
    {
        $places = new FreePlaces(60.0);
        $places->take(self::text(0.0));
        self::assertSame($found, $places->find([self::text($left), self::text(500.0)]));
    }

    /** Wholly over a wall costs as much as 30 places farther on, over a line or a fixture as 8. */
    #[TestWith([FreePlaces::WALL, 29, 29])]
    #[TestWith([FreePlaces::WALL, 30, 0])]
    #[TestWith([FreePlaces::WALL, 31, 0])]
    #[TestWith([FreePlaces::LINE, 7, 7])]
    #[TestWith([FreePlaces::LINE, 8, 0])]
    #[TestWith([FreePlaces::AREA, 7, 7])]
    #[TestWith([FreePlaces::AREA, 8, 0])]
    public function test_how_far_one_goes_to_be_clear_of_what_is_drawn(string $of, int $free, int $found): void
    {
        self::assertContains($of, [FreePlaces::WALL, FreePlaces::LINE, FreePlaces::AREA]);
        $places = new FreePlaces(60.0);
        $places->avoid($of, new Box(-1e3, -1e3, 1e3, 1e3));
        self::assertSame($found, $places->find([...array_fill(0, $free, self::text(0.0)), self::text(5e3)]));
    }

    public function test_what_belongs_to_a_fixture_may_stand_in_it(): void
    {
        $places = new FreePlaces(60.0);
        $places->avoid(FreePlaces::AREA, new Box(-1e3, -1e3, 1e3, 1e3));
        self::assertSame(1, $places->find([self::text(0.0), self::text(5e3)]));
        self::assertSame(0, $places->find([self::text(0.0), self::text(5e3)], isWithin: true));
    }

    private static function text(float $left): Box
    {
        return Box::at(new Point($left + 50.0, 0.0), 100.0, 20.0);
    }
}
