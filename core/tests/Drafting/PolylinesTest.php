<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Polylines;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\TestCase;

final class PolylinesTest extends TestCase
{
    public function test_stretches_that_meet_are_one_line_straight_where_they_go_straight_on(): void
    {
        $lines = Polylines::of([
            self::segment(0, 0, 1000, 0),
            self::segment(1000, 0, 1000, 500),
            self::segment(3000, 0, 2000, 0),
            self::segment(-500, 0, 0, 0),
        ]);
        self::assertSame([[[-500.0, 0.0], [1000.0, 0.0], [1000.0, 500.0]], [[3000.0, 0.0], [2000.0, 0.0]]], self::written($lines));
    }

    public function test_a_closed_outline_comes_round_to_where_it_began(): void
    {
        $lines = self::written(Polylines::of([
            self::segment(0, 0, 1000, 0),
            self::segment(1000, 800, 0, 800),
            self::segment(1000, 0, 1000, 800),
            self::segment(0, 800, 0, 0),
        ]));
        self::assertCount(1, $lines);
        self::assertCount(5, $lines[0]);
        self::assertSame($lines[0][0], $lines[0][4]);
    }

    public function test_nothing_is_lost_in_whatever_order_and_direction_stretches_come(): void
    {
        mt_srand(7);
        for ($times = 0; $times < 60; ++$times) {
            $segments = [];
            $corners = array_map(static fn(): Point => new Point(mt_rand(0, 20) * 100, mt_rand(0, 20) * 100), range(0, mt_rand(2, 9)));
            foreach (array_slice($corners, 1) as $number => $to) {
                if ($to->distanceTo($corners[$number]) > 1.0) {
                    $segments[] = mt_rand(0, 1) === 0 ? new Segment($corners[$number], $to) : new Segment($to, $corners[$number]);
                }
            }
            $length = array_sum(array_map(static fn(Segment $segment): float => $segment->length(), $segments));
            shuffle($segments);
            self::assertEqualsWithDelta($length, array_sum(array_map(self::length(...), Polylines::of($segments))), 0.1);
        }
    }

    /** @param list<Point> $line */
    private static function length(array $line): float
    {
        $length = 0.0;
        foreach (array_slice($line, 1) as $number => $to) {
            $length += $line[$number]->distanceTo($to);
        }

        return $length;
    }

    private static function segment(float $x1, float $y1, float $x2, float $y2): Segment
    {
        return new Segment(new Point($x1, $y1), new Point($x2, $y2));
    }

    /**
     * @param list<list<Point>> $lines
     *
     * @return list<list<array{float, float}>>
     */
    private static function written(array $lines): array
    {
        return array_map(static fn(array $line): array => array_map(static fn(Point $point): array => $point->toArray(), $line), $lines);
    }
}
