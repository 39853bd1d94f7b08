<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\DimensionStyle;
use App\Drawing\LabelPlace;
use App\Drawing\PlanObstacles;
use App\Drawing\WitnessFigure;
use App\Drawing\WitnessFigures;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\RandomPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Labels of rooms and figures of findings in made homes, oblique and crowded ones too, looked at from afar and from near. */
final class RoomLabelsTest extends TestCase
{
    /** @return iterable<string, array{string, int, float}> which home, and the scale that it is looked at, mm under a pixel */
    public static function homes(): iterable
    {
        foreach (range(1, 16) as $seed) {
            foreach ([6.0, 14.0, 25.0] as $scale) {
                yield "furnished {$seed} at {$scale}" => ['furnished', $seed, $scale];
                yield "turned {$seed} at {$scale}" => ['turned', $seed, $scale];
            }
        }
    }

    private static function home(string $kind, int $seed): Home
    {
        $document = $kind === 'furnished' ? FurnishedPlan::document($seed, 4 + $seed % 5) : RandomPlan::document($seed, 7);

        return new Home((new LayoutReader())->read(json_encode($document, JSON_THROW_ON_ERROR)));
    }

    #[DataProvider('homes')]
    public function test_no_label_lies_over_another(string $kind, int $seed, float $scale): void
    {
        $home = self::home($kind, $seed);
        $labels = new LabelPlace($home, $scale, isOnPage: true);
        foreach ($home->plans as $plan) {
            $boxes = array_map(static fn(RoomSpace $room): Box => $labels->of($room)->box($scale), array_values($plan->rooms));
            foreach ($boxes as $number => $box) {
                self::assertFalse(self::haveCommon([$box], array_slice($boxes, $number + 1)), "label {$number} over another");
            }
        }
    }

    #[DataProvider('homes')]
    public function test_a_label_stands_in_its_room_or_a_line_leads_from_it(string $kind, int $seed, float $scale): void
    {
        $home = self::home($kind, $seed);
        $labels = new LabelPlace($home, $scale, isOnPage: true);
        foreach ($home->rooms as $room) {
            $outline = $room->outline();
            if ($outline === null) {
                continue;
            }
            $label = $labels->of($room);
            $isLed = str_contains($label->draw(), 'label-leader');
            self::assertTrue($isLed || $outline->contains($label->at), $room->name());
            self::assertSame(implode(' ', $label->name), explode("\n", $labels->words($room)[0])[0], 'the name is whole');
            $nearer = $labels->nearer($room);
            if ($nearer !== null) {
                self::assertLessThan($scale, $nearer[1]);
                self::assertTrue($outline->contains($nearer[0]->at), "{$room->name()} as seen from near");
            }
        }
    }

    /** Where the rooms are small and the plan is looked at from so far that there is no room around it either, walls are covered. */
    public function test_figures_of_findings_stand_clear_of_walls_and_of_each_other(): void
    {
        [$placed, $covered] = [0, []];
        foreach (self::homes() as $name => [$kind, $seed, $scale]) {
            $home = self::home($kind, $seed);
            $plan = array_values($home->plans)[0];
            $walls = (new PlanObstacles($home, $plan, new DimensionStyle(), $scale))->walls();
            $places = new WitnessFigures($home, $plan, new LabelPlace($home, $scale));
            foreach (array_slice(array_values($plan->rooms), 0, 6) as $number => $room) {
                $boxes = self::figures($places, $room->room->at, $number, $scale);
                if (self::haveCommon(array_merge(...$boxes), $walls) || self::haveCommon(...$boxes)) {
                    $covered[] = "{$name}, {$room->name()}";
                }
                $placed += 2;
            }
        }
        self::assertGreaterThan(800, $placed);
        self::assertLessThanOrEqual(0.005 * $placed, count($covered), implode("\n", $covered));
    }

    /** @return array{list<Box>, list<Box>} what the figures of two dimensions from a place cover, at the scale and somewhat nearer */
    private static function figures(WitnessFigures $places, Point $at, int $number, float $scale): array
    {
        $across = new Segment($at, $at->plus(Point::towards(37.0 * $number)->times(40.0 + 400.0 * $number)));
        $up = new Segment($at, $at->plus(new Point(0, 700)));
        $wished = [WitnessFigure::ofDimension($across, ["5'-6 1/2\"", 'required 36"']), WitnessFigure::ofDimension($up, ['1234 mm'])];
        $scales = [$scale, $scale / 1.5];
        $placed = $places->place($scales, $wished, [$across, $up]);

        return [
            array_merge(...array_map($placed[0]->boxes(...), $scales)),
            array_merge(...array_map($placed[1]->boxes(...), $scales)),
        ];
    }

    /**
     * @param list<Box> $some
     * @param list<Box> $others
     */
    private static function haveCommon(array $some, array $others): bool
    {
        foreach ($some as $one) {
            foreach ($others as $other) {
                if ($one->common($other) > 1.0) {
                    return true;
                }
            }
        }

        return false;
    }
}
