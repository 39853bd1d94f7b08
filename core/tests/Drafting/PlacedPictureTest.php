<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\PlacedPicture;
use Heurema\Drafting\UntraceablePicture;
use Heurema\Geometry\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlacedPictureTest extends TestCase
{
    public function test_begins_upright_with_its_lower_left_corner_at_the_origin(): void
    {
        $picture = PlacedPicture::of(1200, 800);
        self::assertEqualsWithDelta([0.0, 0.0], $picture->toPlan(0, 800)->toArray(), 1e-6);
        self::assertEqualsWithDelta([12000.0, 8000.0], $picture->toPlan(1200, 0)->toArray(), 1e-6);
    }

    public function test_one_known_distance_puts_it_to_scale_and_the_first_place_stays(): void
    {
        $picture = PlacedPicture::of(1200, 800);
        [$from, $to] = [$picture->toPlan(100, 700), $picture->toPlan(500, 400)];
        $scaled = $picture->scaled($from, $to, 2500);
        self::assertEqualsWithDelta(5.0, $scaled->mmPerPixel, 1e-9);
        self::assertEqualsWithDelta($from->toArray(), $scaled->toPlan(100, 700)->toArray(), 1e-6);
        self::assertEqualsWithDelta(2500.0, $scaled->toPlan(100, 700)->distanceTo($scaled->toPlan(500, 400)), 1e-6);
    }

    /** @return iterable<string, array{float, float}> the angle of the line that is pointed at, and what it becomes */
    public static function lines(): iterable
    {
        yield 'nearly across' => [3.7, 0.0];
        yield 'nearly across, downwards' => [-12.0, 0.0];
        yield 'nearly up' => [86.0, 90.0];
        yield 'nearly down' => [-95.0, -90.0];
        yield 'from right to left' => [176.0, 180.0];
        yield 'straight already' => [90.0, 90.0];
        yield 'just nearer to across' => [44.9, 0.0];
        yield 'just nearer to up' => [45.1, 90.0];
    }

    #[DataProvider('lines')]
    public function test_a_line_is_straightened_about_its_first_place(float $angle, float $becomes): void
    {
        $picture = new PlacedPicture(1200, 800, new Point(-500, 900), 7.5, 20.0);
        $from = $picture->toPlan(300, 200);
        $to = $from->plus(Point::towards($angle)->times(3000));
        $straight = $picture->straightened($from, $to);
        self::assertEqualsWithDelta($from->toArray(), $straight->toPlan(300, 200)->toArray(), 1e-3);
        self::assertEqualsWithDelta(20.0 + $becomes - $angle, $straight->angle, 1e-9);
        self::assertSame(7.5, $straight->mmPerPixel);
    }

    public function test_is_moved_without_being_changed(): void
    {
        $moved = (new PlacedPicture(10, 10, new Point(0, 0), 1, 30))->moved(new Point(5, 5), new Point(15, 0));
        self::assertEqualsWithDelta([10.0, -5.0], $moved->corner->toArray(), 1e-9);
        self::assertSame([1.0, 30.0], [$moved->mmPerPixel, $moved->angle]);
    }

    public function test_places_that_tell_nothing_are_refused(): void
    {
        $picture = PlacedPicture::of(1200, 800);
        $origin = new Point(0, 0);
        self::assertSame(10.0, $picture->mmPerPixel);
        $picture->straightened($origin, new Point(50.0, 0));
        foreach ([
            static fn() => $picture->straightened($origin, new Point(49.9, 0)),
            static fn() => $picture->scaled($origin, new Point(49.9, 0), 1000),
            static fn() => $picture->scaled($origin, new Point(1000, 0), 0),
            static fn() => $picture->scaled($origin, new Point(100, 0), 1e9),
            static fn() => $picture->scaled($origin, new Point(1e6, 0), 1),
        ] as $place) {
            try {
                $place();
                self::fail('Not refused.');
            } catch (UntraceablePicture $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
