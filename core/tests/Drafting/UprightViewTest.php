<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\HomeSide;
use Heurema\Drafting\NamedLevel;
use Heurema\Drafting\SeenOpening;
use Heurema\Drafting\UprightView;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\SectionLine;
use Heurema\Layout\Words\WallSide;
use Heurema\Projection\Facet;
use Heurema\Scene\Material;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Faces and sections of homes, held against their plans. */
final class UprightViewTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [(string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$home}.json")];
        }
    }

    /** A room of 4 by 3 m within walls of 200 mm, with a door of 900 in the lower wall and a window of 1200 in the right one. */
    private static function room(float $turn = 0.0): Home
    {
        $at = static function (float $x, float $y) use ($turn): array {
            $direction = Point::towards($turn);
            $place = $direction->times($x)->plus($direction->left()->times($y));

            return [round($place->x, 6), round($place->y, 6)];
        };
        $corners = [$at(-100, -100), $at(4100, -100), $at(4100, 3100), $at(-100, 3100)];

        return (new Sketch())->chain($corners)->use('r', 'bedroom', ...$at(2000, 1500))
            ->door('w1', 1100, 900, ['height' => 2100])
            ->window('w2', 1600, 1200, 1300, ['sill' => 800])
            ->with(['elevation' => 0, 'ceiling' => 2500, 'floor_thickness' => 300])
            ->document(['grade' => -450])
            ->home();
    }

    #[TestWith([0.0])]
    #[TestWith([90.0])]
    #[TestWith([30.0])]
    #[TestWith([-17.5])]
    public function test_a_face_is_as_wide_as_the_home_and_has_its_openings_where_they_are(float $turn): void
    {
        $home = self::room($turn);
        $widths = [];
        $openings = [];
        foreach (HomeSide::of($home) as $side) {
            $view = UprightView::face($home, $side);
            self::assertNotNull($view);
            $widths[] = round($view->box->width());
            array_push($openings, ...array_map(static fn(SeenOpening $one): array => [
                $one->opening->id(), round($one->left - $view->box->left), round($view->box->right - $one->right),
                round($one->sill), round($one->head),
            ], $view->openings));
            self::assertEqualsWithDelta([-450.0, 2500.0], [$view->box->bottom, $view->box->top], 0.01);
        }
        sort($widths);
        self::assertSame([3400.0, 3400.0, 4400.0, 4400.0], $widths);
        // the door from the left seen from below, the window from the left seen from the right
        self::assertEqualsCanonicalizing([['d', 750.0, 2750.0, 0.0, 2100.0], ['n', 1100.0, 1100.0, 800.0, 2100.0]], $openings);
    }

    public function test_a_section_cuts_walls_floor_and_ceiling(): void
    {
        $home = self::room();
        $view = UprightView::section($home, new SectionLine('c', 'A', new Point(-1000, 1500), new Point(6000, 1500)));
        self::assertNotNull($view);
        $cut = static fn(Material $material): array => array_map(
            static fn(Facet $facet): array => [
                round($facet->left - 1000), round($facet->right - 1000), round($facet->bottom), round($facet->top),
            ],
            array_values(array_filter($view->cuts, static fn(Facet $facet): bool => $facet->part->material === $material)),
        );
        self::assertSame([[-200.0, 4200.0, -300.0, 0.0]], $cut(Material::Floor));
        self::assertSame([[0.0, 4000.0, 2500.0, 2515.0]], $cut(Material::Ceiling));
        self::assertSame([[-200.0, 4200.0, -450.0, -300.0]], $cut(Material::Plinth));
        // the left wall whole, the right one below and above its window
        self::assertEqualsCanonicalizing(
            [[-200.0, 0.0, 0.0, 2500.0], [4000.0, 4200.0, 0.0, 800.0], [4000.0, 4200.0, 2100.0, 2500.0]],
            $cut(Material::Wall),
        );
        self::assertSame([], $view->openings, 'there is none in the wall beyond');
        $back = UprightView::section($home, new SectionLine('b', 'B', new Point(-1000, 1500), new Point(6000, 1500), WallSide::Right));
        self::assertSame(['d'], array_map(static fn(SeenOpening $one): string => $one->opening->id(), $back->openings ?? []));
    }

    /** In a mirrored home a section looks at what it looked at. */
    public function test_a_section_is_mirrored_with_its_home(): void
    {
        $section = new SectionLine('c', 'A', new Point(-1000, 1500), new Point(6000, 1500));
        $mirrored = $section->carried(Motion::mirrored(new Segment(new Point(0, 0), new Point(0, 1000))));
        self::assertSame(WallSide::Right, $mirrored->looks);
        self::assertEqualsWithDelta(1.0, $mirrored->line()->direction()->left()->y, 1e-9);
    }

    /** Every outer opening that is square to a side is seen in one of the four, unless something stands before it. */
    #[DataProvider('homes')]
    public function test_openings_of_outer_walls_are_seen_from_outside(string $json): void
    {
        $home = new Home((new LayoutReader())->read($json));
        $seen = [];
        foreach (HomeSide::of($home) as $side) {
            foreach (UprightView::face($home, $side)->openings ?? [] as $one) {
                $seen[] = $one->opening->id();
                self::assertEqualsWithDelta($one->opening->span()->length(), $one->right - $one->left, 0.01);
            }
        }
        $outer = array_map(
            static fn(PlacedOpening $one): string => $one->id(),
            array_filter($home->openings, static fn(PlacedOpening $one): bool => $one->isToOutside() === true
                && !$one->isInPartyWall() && $one->opening->kind->value !== 'gap'),
        );
        self::assertNotSame([], $seen);
        self::assertGreaterThanOrEqual(0.6 * count($outer), count(array_intersect($outer, $seen)));
    }

    public function test_levels_are_named_and_in_order(): void
    {
        $home = self::room();
        $view = UprightView::face($home, HomeSide::of($home)[0]);
        self::assertNotNull($view);
        self::assertSame(
            [
                ['Ground', -450.0], ['Ground, under its floor', -300.0], ['Ground, floor', 0.0],
                ['Ground, lintel', 2100.0], ['Ground, ceiling', 2500.0], ['Highest', 2500.0],
            ],
            array_map(
                static fn(NamedLevel $one): array => [$home->wording()->say($one->name), round($one->height, 3)],
                $view->levels(),
            ),
        );
    }

    public function test_nothing_is_seen_of_a_home_without_walls(): void
    {
        $home = (new Sketch())->home();
        self::assertNull(UprightView::face($home, HomeSide::of($home)[0]));
        self::assertNull(UprightView::section(self::room(), new SectionLine('c', 'A', new Point(0, 9000), new Point(4000, 9000))));
    }

    /** North up the sheet: the lower side looks south; north to the right: it looks east. */
    #[TestWith([90.0, 'South face'])]
    #[TestWith([0.0, 'East face'])]
    #[TestWith([45.0, 'South-east face'])]
    #[TestWith([112.0, 'South face'])]
    #[TestWith([113.0, 'South-west face'])]
    #[TestWith([null, 'Face at the bottom of the plan'])]
    public function test_sides_are_called_by_the_compass(?float $north, string $name): void
    {
        $home = Sketch::room(4000, 3000)->document(['north' => $north])->home();
        self::assertSame($name, $home->wording()->say(HomeSide::of($home)[0]->name()));
    }
}
