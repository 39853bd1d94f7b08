<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\StairBetween;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\Stair;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A straight stair fitted between two edges in any direction: its last nosing lies on the second one. */
final class StairBetweenTest extends TestCase
{
    private const RISE = 2800.0;

    /** @return list<array<string, array<string, float|int>>> */
    private static function landed(): array
    {
        return [
            ['flight' => ['risers' => 5, 'tread' => 250]],
            ['landing' => ['depth' => 900]],
            ['flight' => ['risers' => 9, 'tread' => 250]],
        ];
    }

    public function test_its_first_and_last_nosings_lie_on_the_edges(): void
    {
        foreach ([[['flight' => ['risers' => 15, 'tread' => 250]]], self::landed()] as $parts) {
            foreach ([0, 37, 90, 180, 200.5, 270] as $degrees) {
                [$home, $stair] = self::stair($parts);
                $from = new Point(1000, 500);
                $line = new Segment($from, $from->plus(Point::towards($degrees)->times(4321.5)));
                $fitted = StairBetween::fit($stair, $line, self::RISE, 190.0);
                $placed = (new Home((new Editor())->apply($home->layout, new Replace($fitted))->layout))->stairs[0];
                self::assertSame(15, $fitted->risers(), 'the fewest that are not higher than 190 mm');
                [$first, $last] = [$placed->shape->steps[0]->front, $placed->shape->head];
                self::assertLessThan(0.05, $first->middle()->distanceTo($line->from), "{$degrees}");
                self::assertLessThan(0.05, $last?->middle()->distanceTo($line->to) ?? INF, "{$degrees}");
            }
        }
    }

    #[TestWith([200.0, 14])]
    #[TestWith([199.9, 15])]
    #[TestWith([186.6666666667, 15])]
    #[TestWith([140.0, 20])]
    #[TestWith([139.99, 21])]
    public function test_no_riser_is_higher_than_wanted(float $riser, int $risers): void
    {
        [, $stair] = self::stair([['flight' => ['risers' => 3, 'tread' => 250]]]);
        $fitted = StairBetween::fit($stair, new Segment(new Point(0, 0), new Point(4000, 0)), self::RISE, $riser);
        self::assertSame($risers, $fitted->risers());
    }

    #[TestWith([699.9, false])]
    #[TestWith([700.0, true])]
    #[TestWith([700.1, true])]
    public function test_a_tread_is_at_least_50_mm(float $length, bool $fits): void
    {
        [, $stair] = self::stair([['flight' => ['risers' => 15, 'tread' => 250]]]);
        if (!$fits) {
            $this->expectException(RefusedEdit::class);
        }
        $line = new Segment(new Point(0, 0), new Point($length, 0));
        self::assertSame(15, StairBetween::fit($stair, $line, self::RISE, 190.0)->risers());
    }

    /** @return list<array{list<array<string, mixed>>, float, float, string}> */
    private static function refused(): array
    {
        $flight = [['flight' => ['risers' => 15, 'tread' => 250]]];

        return [
            [$flight, 600.0, 190.0, 'do not fit'],
            [$flight, 4000.0, 0.0, 'above zero'],
            [
                [['flight' => ['risers' => 5]], ['landing' => ['depth' => 900, 'turn' => 'left']], ['flight' => ['risers' => 9]]],
                4000.0, 190.0, 'runs straight',
            ],
            [
                [['flight' => ['risers' => 5]], ['landing' => ['turn' => 'none']], ['flight' => ['risers' => 9]]],
                4000.0, 190.0, 'how deep its landings are',
            ],
        ];
    }

    public function test_what_cannot_be_fitted_is_refused(): void
    {
        foreach (self::refused() as [$parts, $length, $riser, $why]) {
            [, $stair] = self::stair($parts);
            try {
                StairBetween::fit($stair, new Segment(new Point(0, 0), new Point($length, 0)), self::RISE, $riser);
                self::fail("{$why} is not refused");
            } catch (RefusedEdit $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $parts
     *
     * @return array{Home, Stair}
     */
    private static function stair(array $parts): array
    {
        $home = Sketch::room(9000, 9000)->stair(['parts' => $parts, 'width' => 900, 'kind' => 'straight'])->home();

        return [$home, $home->stairs[0]->stair];
    }
}
