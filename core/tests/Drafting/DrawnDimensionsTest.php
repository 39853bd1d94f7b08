<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Carried;
use Heurema\Drafting\DrawnDimensions;
use Heurema\Drafting\MeasuredPlaces;
use Heurema\Drafting\MoveWall;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\JoinWalls;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Edit\SplitWall;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\DimensionKind;
use Heurema\Layout\Words\PlaceOn;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Dimensions placed by hand tell how far two places are from one another, however these are moved. */
final class DrawnDimensionsTest extends TestCase
{
    /** @return iterable<string, array{Layout}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'lantern-row', 'weir-cabin', 'ferry-cottage'] as $name) {
            yield $name => [self::unlocked((new LayoutReader())->read(
                (string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json"),
            ))];
        }
    }

    /** Between any two corners, jambs and edges of a storey, straight, across and up; then moved, turned and mirrored. */
    #[DataProvider('homes')]
    public function test_its_length_stays_when_the_home_is_drawn_elsewhere(Layout $layout): void
    {
        mt_srand(1129);
        $placed = $layout;
        foreach ($layout->storeys as $storey) {
            $places = self::caught(new Home($layout), $storey);
            for ($number = 0; $number < 12; ++$number) {
                [$from, $to] = [$places[mt_rand(0, count($places) - 1)], $places[mt_rand(0, count($places) - 1)]];
                $placed = self::placed($placed, $storey->id, "h{$storey->id}{$number}", $from, $to, [null, 0.0, 90.0][$number % 3]);
                $straight = $to->minus($from);
                $wanted = [$straight->length(), abs($straight->x), abs($straight->y)][$number % 3];
                self::assertEqualsWithDelta($wanted, self::lengths($placed)["h{$storey->id}{$number}"], 0.001, 'as it was pointed at');
            }
        }
        $before = self::lengths($placed);
        self::assertEqualsWithDelta($before, self::lengths(self::splitAndJoined($placed, $before)), 0.01, 'with walls split and joined');
        $axis = new Segment(new Point(1000, -300), new Point(1000 + cos(0.7), -300 + sin(0.7)));
        foreach ([
            'moved' => Motion::by(new Point(1234.5, -987.5)), 'turned' => Motion::turned(new Point(500, 700), 33),
            'mirrored' => Motion::mirrored($axis),
        ] as $how => $motion) {
            $there = self::done($placed, new Carried(self::ids($placed), $motion, 'all of it'));
            foreach (self::lengths($there) as $id => $length) {
                self::assertEqualsWithDelta($before[$id], $length, 0.01, "{$id}, {$how}");
            }
        }
    }

    /**
     * @param array<string, float> $lengths that stay, by id
     *
     * @return Layout with each wall made two and one again, the parts in either order
     */
    private static function splitAndJoined(Layout $layout, array $lengths): Layout
    {
        $parts = 0;
        foreach (array_merge(...array_map(static fn(Storey $storey): array => $storey->walls, $layout->storeys)) as $number => $wall) {
            try {
                $split = self::done($layout, new SplitWall($wall->id, 0.45 * $wall->line()->length(), 'new-part'));
            } catch (RefusedEdit) {
                // an opening lies there
                continue;
            }
            self::assertEqualsWithDelta($lengths, self::lengths($split), 0.01, "wall {$wall->id} split");
            $layout = self::done($split, new JoinWalls(...($number % 2 === 0 ? [$wall->id, 'new-part'] : ['new-part', $wall->id])));
            $layout = $number % 2 === 0 ? $layout : self::named($layout, 'new-part', $wall->id);
            ++$parts;
        }
        self::assertGreaterThan(3, $parts);

        return $layout;
    }

    /** The same with an element called otherwise wherever it is told of. */
    private static function named(Layout $layout, string $id, string $name): Layout
    {
        return (new LayoutReader())->read(str_replace("\"{$id}\"", "\"{$name}\"", (string) json_encode($layout->toArray())));
    }

    public function test_it_goes_along_with_the_walls_that_it_measures(): void
    {
        foreach ([0.0, 33.0, 90.0] as $degrees) {
            $turn = Motion::turned(new Point(0, 0), $degrees);
            $layout = self::turned(Sketch::room(4000, 3000)->layout(), $turn);
            $placed = self::placed($layout, 'G', 'd', $turn->point(new Point(0, 0)), $turn->point(new Point(4000, 0)));
            self::assertSame(['w4', 'w2'], self::drawn($placed)->measures(), "at {$degrees} degrees");
            $wider = self::done($placed, new MoveWall('w2', $turn->point(new Point(250, 0))));
            self::assertEqualsWithDelta(4250.0, self::lengths($wider)['d'], 0.01);
            // the face moves by half of what the wall becomes thicker
            $thicker = self::done($placed, new ChangeValues('w4', ['thickness' => 300]));
            self::assertEqualsWithDelta(3950.0, self::lengths($thicker)['d'], 0.01);
            self::assertSame([], self::lengths(self::done($wider, new Remove(['w2']))), 'what it measures is gone, and so is it');
        }
    }

    public function test_it_goes_along_with_openings_fixtures_and_outlines(): void
    {
        $layout = Sketch::room(4000, 3000)->door('w1', 1100, 800)->fixture('f', 'bed', 4000, 1500, 180, 1400, 2000)
            ->add('voids', ['id' => 'v', 'outline' => [[500, 1500], [1500, 1500], [1500, 2500], [500, 2500]]])->layout();
        $ends = [
            'from the jamb to the bed' => [new Point(600, 0), new Point(2000, 800), 'd', 'f'],
            'from a corner of the floor opening to the wall' => [new Point(1500, 1500), new Point(4000, 1500), 'v', 'w2'],
        ];
        foreach ($ends as $name => [$from, $to, $first, $second]) {
            $placed = self::placed($layout, 'G', 'm', $from, $to, 0.0);
            $of = self::drawn($placed)->measures();
            self::assertSame([$first, $second], $of, $name);
            $moved = self::done($placed, $of[0] === 'v'
                ? new Move(['v'], new Point(100, 50))
                : new ChangeValues($of[0], ['at' => 1200]));
            self::assertEqualsWithDelta(abs($to->x - $from->x) - 100, self::lengths($moved)['m'], 0.01, $name);
        }
        $long = self::placed($layout, 'G', 'm', new Point(0, 2200), new Point(2000, 2200), 0.0);
        $wide = self::done($long, new ChangeValues('f', ['depth' => 1800]));
        self::assertEqualsWithDelta(2200.0, self::lengths($wide)['m'], 0.01, 'to the foot of a shorter bed');
    }

    public function test_a_place_of_the_plan_stays_where_it_is(): void
    {
        $layout = self::placed(Sketch::room(4000, 3000)->layout(), 'G', 'd', new Point(1000, 1000), new Point(2000, 1700));
        self::assertSame([], self::drawn($layout)->measures());
        self::assertEqualsWithDelta(hypot(1000, 700), self::lengths($layout)['d'], 0.01);
    }

    public function test_copies_measure_the_copies(): void
    {
        $layout = self::placed(Sketch::room(4000, 3000)->layout(), 'G', 'd', new Point(0, 0), new Point(4000, 0));
        $copies = ['w1' => 'n1', 'w2' => 'n2', 'w3' => 'n3', 'w4' => 'n4', 'r' => 'n5', 'd' => 'n6'];
        $copied = self::done($layout, new Carried(array_keys($copies), Motion::by(new Point(6000, 0)), 'copied', $copies));
        self::assertSame(['n4', 'n2'], $copied->storeys[0]->dimensions[1]->measures());
        $apart = self::done($layout, new Carried(['d'], Motion::by(new Point(0, 500)), 'copied', ['d' => 'n6']));
        self::assertSame([], $apart->storeys[0]->dimensions[1]->measures(), 'copied alone it measures places of the plan');
        self::assertEqualsWithDelta(4000.0, self::lengths($apart)['n6'], 0.01);
    }

    /**
     * With both of its walls, on another storey too; an angle without one of them would be none.
     *
     * @param list<string> $ids
     */
    #[TestWith([['w1', 'w2', 'd'], true])]
    #[TestWith([['w1', 'd'], false])]
    #[TestWith([['d'], false])]
    public function test_an_angle_is_copied_with_its_walls(array $ids, bool $isCopied): void
    {
        $angle = new DrawnDimension(
            'd',
            new MeasuredPlace(new Point(500, 0), 'w1', along: 500),
            new MeasuredPlace(new Point(4000, 500), 'w2', along: 500),
            new Point(3500, 500),
            DimensionKind::Angle,
        );
        $layout = self::done(Sketch::room(4000, 3000)->upper(['rooms' => []])->layout(), new Add('G', $angle));
        $copies = array_combine($ids, array_map(static fn(string $id): string => "{$id}n", $ids));
        foreach ([null, $layout->storeys[1]->id] as $storey) {
            foreach ([
                new Carried($ids, Motion::by(new Point(9000, 0)), 'copied', $copies, $storey),
                new CopyElements($copies, new Point(9000, 0), $storey),
            ] as $edit) {
                try {
                    $copied = self::done($layout, $edit)->storeys[$storey === null ? 0 : 1]->dimensions;
                    self::assertTrue($isCopied);
                    self::assertSame(['w1n', 'w2n'], $copied[count($copied) - 1]->measures());
                } catch (RefusedEdit $refused) {
                    self::assertFalse($isCopied, $refused->getMessage());
                    self::assertSame('An angle is copied together with the two walls that it is between.', $refused->getMessage());
                }
            }
        }
    }

    public function test_the_angle_between_two_walls(): void
    {
        $layout = Sketch::room(4000, 3000)->wall([0, 1500], [1500, 3000], 100)->layout();
        $angle = static fn(Point $from, Point $to): float => array_values((new DrawnDimensions(
            ($home = new Home(self::done($layout, new Add('G', new DrawnDimension(
                'd',
                new MeasuredPlace($from, 'w5', along: 1000),
                new MeasuredPlace($to, 'w4', along: 500),
                new Point(500, 1500),
                DimensionKind::Angle,
            )))))->layout,
            $home->plans['G'],
        ))->angles())[0]->degrees();
        self::assertEqualsWithDelta(45.0, $angle(new Point(700, 2200), new Point(-100, 2500)), 0.01);
        $parallel = new DrawnDimension(
            'd',
            new MeasuredPlace(new Point(0, 0), 'w1', along: 10),
            new MeasuredPlace(new Point(0, 0), 'w3', along: 10),
            new Point(0, 0),
            DimensionKind::Angle,
        );
        $home = new Home(self::done($layout, new Add('G', $parallel)));
        $angles = (new DrawnDimensions($home->layout, $home->plans['G']))->angles();
        self::assertSame([], $angles, 'there is none between walls that run alike');
    }

    /** An angle that would be written 0.0 is none. */
    public function test_the_least_angle_between_two_walls(): void
    {
        foreach ([[0.0499, false], [0.0501, true], [1.0, true], [179.9, true], [179.96, false]] as [$degrees, $isShown]) {
            $end = Point::towards($degrees)->times(3000);
            $layout = (new Sketch())->wall([0, 0], [3000, 0])->wall([0, 0], [$end->x, $end->y])->layout();
            $drawn = new DrawnDimension(
                'd',
                new MeasuredPlace(new Point(500, 0), 'w1', along: 500),
                new MeasuredPlace($end->times(0.5), 'w2', along: 1500),
                new Point(500, 10),
                DimensionKind::Angle,
            );
            $shown = (new DrawnDimensions($layout, (new Home($layout))->plans['G']))->angle($drawn);
            self::assertSame($isShown, $shown !== null, "{$degrees} degrees");
        }
    }

    /** A place is pointed at within less than a millimetre, at a face, a corner and a jamb. */
    public function test_how_near_a_place_is_pointed_at(): void
    {
        $layout = Sketch::room(4000, 3000)->door('w1', 1100, 800)->layout();
        $places = new MeasuredPlaces($layout, (new Home($layout))->plans['G']);
        foreach ([[0.9, true], [1.0, false], [1.1, false]] as [$off, $isThere]) {
            $x = new Point(1, 0);
            self::assertSame($isThere ? 'w4' : null, $places->at(new Point($off, 1500), $x)->of, "a face, {$off}");
            self::assertSame($isThere ? 'w4' : null, $places->onWall(new Point($off, 1500))?->of, "a wall, {$off}");
            self::assertSame($isThere ? 'd' : null, $places->at(new Point(600 + $off, 0), $x)->of, "a jamb, {$off}");
        }
    }

    public function test_what_it_measures_is_drawn_on_its_storey(): void
    {
        $this->expectException(UnreadableLayout::class);
        $this->expectExceptionMessage('expected the id of an element of the storey or of an axis, found "nobody"');
        Sketch::room(4000, 3000)->add('dimensions', [
            'id' => 'd', 'from' => ['at' => [0, 0], 'of' => 'nobody'], 'to' => ['at' => [1, 1]], 'through' => [0, 0],
        ])->layout();
    }

    /** A fixture in a corner: a length across the room ends at the wall, one to its free corner at the fixture. */
    public function test_a_wall_across_is_meant_before_what_stands_at_it(): void
    {
        $layout = Sketch::room(4000, 3000)->fixture('f', 'wardrobe', 600, 0, 90, 1200, 600)->layout();
        $places = new MeasuredPlaces($layout, (new Home($layout))->plans['G']);
        self::assertSame('w4', $places->at(new Point(0, 0), new Point(1, 0))->of);
        $free = $places->at(new Point(1200, 600), new Point(1, 0));
        self::assertSame(['f', PlaceOn::Front], [$free->of, $free->place]);
    }

    /** @return list<Point> corners of faces, of fixtures and of openings */
    private static function caught(Home $home, Storey $storey): array
    {
        $points = [];
        foreach ([...$home->plans[$storey->id]->outsideSides(), ...array_merge(...array_map(
            static fn($space): array => $space->sides,
            $home->plans[$storey->id]->spaces,
        ))] as $side) {
            $points[] = $side->segment->from;
        }
        foreach ($home->fixturesOn($storey->id) as $fixture) {
            array_push($points, ...($fixture->fixture->outline === null ? $fixture->outline->points ?? [] : []));
        }
        foreach ($home->openingsOn($storey->id) as $opening) {
            $points[] = $opening->spanAt($opening->wall->thickness / 2)->from;
        }

        return $points;
    }

    private static function placed(Layout $layout, string $storey, string $id, Point $from, Point $to, ?float $way = null): Layout
    {
        $along = $way === null && $from->distanceTo($to) > 0 ? (new Segment($from, $to))->direction() : Point::towards($way ?? 0.0);
        $places = new MeasuredPlaces($layout, (new Home($layout))->plans[$storey]);

        return self::done($layout, new Add($storey, new DrawnDimension(
            $id,
            $places->at($from, $along),
            $places->at($to, $along),
            $from->plus(new Point(300, -700)),
            direction: $way,
        )));
    }

    /** @return array<string, float> mm, by id */
    private static function lengths(Layout $layout): array
    {
        $home = new Home($layout);
        $lengths = [];
        foreach ($home->plans as $plan) {
            foreach ((new DrawnDimensions($home->layout, $plan))->lengths() as $id => $shown) {
                $lengths[$id] = $shown->dimension->length();
            }
        }

        return $lengths;
    }

    private static function drawn(Layout $layout): DrawnDimension
    {
        return $layout->storeys[0]->dimensions[0];
    }

    private static function turned(Layout $layout, Motion $motion): Layout
    {
        return self::done($layout, new Carried(self::ids($layout), $motion, 'turned'));
    }

    private static function done(Layout $layout, Edit $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }

    private static function unlocked(Layout $layout): Layout
    {
        return (new LayoutReader())->read(str_replace('"locked":true', '"locked":false', (string) json_encode($layout->toArray())));
    }

    /** @return list<string> of all that is drawn */
    private static function ids(Layout $layout): array
    {
        $lists = array_map($layout->elements(...), array_filter(
            ElementList::ofDocument(),
            static fn(ElementList $list): bool => $list !== ElementList::Storeys,
        ));
        foreach ($layout->storeys as $storey) {
            array_push($lists, ...array_map($storey->elements(...), ElementList::ofStorey()));
        }

        return array_map(static fn(Element $element): string => $element->id(), array_merge(...$lists));
    }
}
