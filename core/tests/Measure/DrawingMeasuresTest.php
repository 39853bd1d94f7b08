<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Survey\TapeSlip;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;

/** What the coordination checks of a drawing measure, with the places they show. */
final class DrawingMeasuresTest extends MeasureTestCase
{
    public function test_gaps_and_doubles_of_walls_with_their_places(): void
    {
        $gap = self::measure('wall.gaps', Sketch::room(5000, 4000)->wall([2000, -100], [2000, 3960]), 'w5');
        self::assertSame(['Ends 40 mm short of w3.'], self::working($gap));
        self::assertEqualsWithDelta([2000.0, 4030.0], self::place($gap), 1e-6);
        $closed = self::measure('wall.gaps', Sketch::room(5000, 4000)->wall([2000, -100], [2000, 3992]), 'w5');
        self::assertSame(['Ends 8 mm short of w3, taken as meeting it.'], self::working($closed));
        $double = self::measure('wall.doubles', Sketch::room(5000, 4000)->wall([1000, -90], [3000, -90]), 'w1');
        self::assertSame(['w5 runs along in it over 2000 mm.'], self::working($double));
    }

    /** The usual widths of each kind: so much narrower is asked about, and so much is not. */
    public function test_unlikely_widths_by_kind(): void
    {
        foreach ([
            'water_closet' => [199, 200],
            'bed' => [249, 250],
            'counter' => [249, 250],
            'base_cabinet' => [149, 150],
            'mirror' => [149, 150],
        ] as $kind => [$unlikely, $usual]) {
            foreach ([[$unlikely, 1.0], [$usual, 0.0]] as [$width, $count]) {
                $room = Sketch::room(4000, 3000)->fixture('f', $kind, 2000, 0, 90, $width, 100);
                self::assertSame($count, self::number('fixture.unlikely_sizes', $room, 'f'), "{$kind} {$width}");
            }
        }
    }

    /** A window may run into the other wall of a corner where one of that wall goes on around it, in each of the corners. */
    public function test_glass_turns_a_corner(): void
    {
        foreach ([['w1', 'w2', 4200], ['w2', 'w3', 3200], ['w3', 'w4', 4200], ['w4', 'w1', 3200]] as [$one, $next, $long]) {
            $alone = Sketch::room(4000, 3000)->window($one, $long - 500, 1000, 1200, ['id' => 'n', 'sill' => 900]);
            self::assertSame(1.0, self::number('window.overlaps', $alone, 'n'), $one);
            $around = $alone->window($next, 500, 1000, 1200, ['id' => 'm', 'sill' => 900]);
            foreach (['n', 'm'] as $window) {
                self::assertSame(0.0, self::number('window.overlaps', $around, $window), $one);
            }
            $blind = Sketch::room(4000, 3000)->window($one, $long - 500, 1000, 1200, ['id' => 'n', 'sill' => 900])
                ->door($next, 500, 1000);
            self::assertSame(1.0, self::number('window.overlaps', $blind, 'n'), 'a door is no glass that goes on');
        }
    }

    public function test_spaces_tell_their_uses(): void
    {
        $home = Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100])->home();
        $uses = [];
        foreach ($home->plans['G']->closedSpaces() as $space) {
            $uses[$space->name()] = self::number('space.uses', $home, $space->id());
        }
        ksort($uses);
        self::assertSame(['Space of R' => 1.0, 'Unnamed space' => 0.0], $uses);
        $two = Sketch::room(4000, 3000)->use('b', 'study', 500, 500)->home();
        self::assertSame(2.0, self::number('space.uses', $two, $two->plans['G']->closedSpaces()[0]->id()));
    }

    public function test_rooms_tell_their_walls_and_ways_in(): void
    {
        $home = Sketch::room(4000, 3000)->use('lost', 'study', 9000, 9000);
        self::assertSame(1.0, self::number('room.spaces', $home, 'r'));
        self::assertSame(0.0, self::number('room.spaces', $home, 'lost'));
        self::assertSame(0.0, self::number('room.doors', $home, 'r'));
        self::assertUnknown(['walls closed around lost.at'], self::measure('room.doors', $home, 'lost'));
        self::assertSame(1.0, self::number('room.doors', Sketch::room(4000, 3000)->door('w1', 2000, 900), 'r'));
        self::assertSame(
            1.0,
            self::number(
                'room.doors',
                Sketch::room(4000, 3000)->add('openings', ['id' => 'g', 'kind' => 'gap', 'wall' => 'w1', 'at' => 2000, 'width' => 900]),
                'r',
            ),
        );
        self::assertSame(
            0.0,
            self::number('room.doors', Sketch::room(4000, 3000)->window('w1', 2000, 900, 900), 'r'),
            'a window is no way in',
        );
        $open = Sketch::room(6000, 4000)->wall([2500, -100], [2500, 4100], 0, 'divider')->use('b', 'living', 500, 500);
        self::assertSame(1.0, self::number('room.doors', $open, 'b'));
    }

    public function test_openings_on_one_another(): void
    {
        self::assertSame(0.0, self::number('door.overlaps', self::doorAndWindow(2950), 'd'), 'side by side');
        self::assertSame(1.0, self::number('door.overlaps', self::doorAndWindow(2949), 'd'));
        self::assertSame(1.0, self::number('window.overlaps', self::doorAndWindow(2949), 'n'));
        self::assertSame(0.0, self::number('window.overlaps', self::doorAndWindow(2000, ['sill' => 2040]), 'n'), 'a light over the door');
        self::assertSame(1.0, self::number('window.overlaps', self::doorAndWindow(2000, ['sill' => 2039]), 'n'));
        $crossed = Sketch::room(6000, 3000)->door('w1', 2000, 900)->wall([2000, -100], [2000, 3100]);
        self::assertSame(['In its stretch of the wall: Left wall of R.'], self::working(self::measure('door.overlaps', $crossed, 'd')));
        $beside = Sketch::room(6000, 3000)->door('w1', 2000, 900)->wall([2400, -100], [2400, 3100]);
        self::assertSame(0.0, self::number('door.overlaps', $beside, 'd'), 'the door ends at 2350, the wall begins there');
    }

    public function test_the_clear_way_of_a_door_is_held_against_its_opening(): void
    {
        self::assertSame(0.0, self::number('door.leaf_excess', self::door(['clear_width' => 900]), 'd'));
        self::assertEqualsWithDelta(0.5, self::number('door.leaf_excess', self::door(['clear_width' => 900.5]), 'd'), 1e-9);
        self::assertEqualsWithDelta(
            60.0,
            self::number('door.leaf_excess', self::door(['clear_width' => 800, 'clear_height' => 2100]), 'd'),
            1e-9,
        );
        self::assertInstanceOf(NotApplicable::class, self::measure('door.leaf_excess', self::door([]), 'd'));
    }

    public function test_two_things_in_one_place(): void
    {
        self::assertSame(0.0, self::number('fixture.overlaps', self::wardrobeAndBed(1950), 'a'), 'side by side');
        self::assertSame(0.0, self::number('fixture.overlaps', self::wardrobeAndBed(1949.1), 'a'), 'a strip of 0.9 mm is rounding');
        self::assertSame(1.0, self::number('fixture.overlaps', self::wardrobeAndBed(1948), 'a'));
        self::assertSame(['Also there: Bed BD1 in R.'], self::working(self::measure('fixture.overlaps', self::wardrobeAndBed(1900), 'a')));
        self::assertSame(0.0, self::number('fixture.overlaps', self::wardrobeAndBed(1500, ['base' => 900]), 'a'), 'above it');
        self::assertSame(
            0.0,
            self::number(
                'fixture.overlaps',
                Sketch::room(6000, 3000)->fixture('a', 'counter', 1000, 0, 90, 1000, 600)->fixture('b', 'sink', 1000, 50, 90, 500, 500),
                'a',
            ),
            'set in',
        );
        self::assertUnknown(
            ['a.width', 'a.depth'],
            self::measure(
                'fixture.overlaps',
                Sketch::room(6000, 3000)->add('fixtures', ['id' => 'a', 'kind' => 'bed', 'at' => [1000, 0], 'facing' => 90]),
                'a',
            ),
        );
    }

    public function test_a_back_near_a_wall_and_a_front_turned_to_it(): void
    {
        $fixture = static fn(float $y, float $facing): Sketch => Sketch::room(6000, 3000)->fixture(
            'a',
            'wardrobe',
            1000,
            $y,
            $facing,
            1000,
            600,
        );
        self::assertEqualsWithDelta(0.0, self::number('fixture.back_gap', $fixture(0, 90), 'a'), 1e-6);
        self::assertEqualsWithDelta(150.0, self::number('fixture.back_gap', $fixture(150, 90), 'a'), 1e-6);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.back_gap', $fixture(150.1, 90), 'a'));
        self::assertEqualsWithDelta(2400.0, self::number('fixture.faces_wall_at', $fixture(0, 90), 'a'), 1e-6);
        self::assertEqualsWithDelta(50.0, self::number('fixture.faces_wall_at', $fixture(650, 270), 'a'), 1e-6);
    }

    public function test_what_stands_where_a_leaf_swings(): void
    {
        $hinged = ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'];
        self::assertSame(0.0, self::number('door.blocked_by', self::swinging($hinged), 'd'));
        // the leaf hangs at x = 1500 (1900 − 400) and sweeps to x = 2300 and y = 800
        self::assertSame(1.0, self::number('door.blocked_by', self::swinging($hinged)->fixture('f', 'bed', 1750, 400, 90, 400, 400), 'd'));
        self::assertSame(0.0, self::number('door.blocked_by', self::swinging($hinged)->fixture('f', 'bed', 1750, 810, 90, 400, 400), 'd'));
        self::assertSame(0.0, self::number('door.blocked_by', self::swinging($hinged)->fixture('f', 'lamp', 1750, 400, 90, 400, 400), 'd'));
        $wall = self::measure('door.blocked_by', self::swinging($hinged)->wall([1900, 300], [1900, 2000]), 'd');
        self::assertSame(['Where the leaf swings: a wall.'], self::working($wall));
        self::assertInstanceOf(NotApplicable::class, self::measure('door.blocked_by', self::swinging(['operation' => 'sliding']), 'd'));
        self::assertUnknown(['d.opens', 'd.hinge'], self::measure('door.blocked_by', self::swinging(['operation' => 'hinged']), 'd'));
    }

    public function test_things_in_walls_and_out_of_rooms(): void
    {
        $at = static fn(float $y): Sketch => Sketch::room(4000, 3000)->fixture('f', 'bed', 2000, $y, 90, 900, 2000);
        self::assertEqualsWithDelta(0.0, self::number('fixture.in_wall', $at(0), 'f'), 1e-6);
        self::assertEqualsWithDelta(1.5, self::number('fixture.in_wall', $at(-1.5), 'f'), 1e-6);
        self::assertEqualsWithDelta(200.0, self::number('fixture.in_wall', $at(-1000), 'f'), 1e-6, 'right through');
        self::assertSame(1.0, self::number('fixture.rooms', $at(0), 'f'));
        self::assertSame(0.0, self::number('fixture.rooms', $at(-3000), 'f'));
        $buried = Sketch::room(4000, 3000, 'bedroom', 800)->fixture('f', 'shelf', 2000, -500, 90, 300, 200);
        self::assertEqualsWithDelta(200.0, self::number('fixture.in_wall', $buried, 'f'), 1e-6, 'wholly within a thick wall');
    }

    public function test_sizes_that_are_hard_to_believe(): void
    {
        $basin = self::measure('fixture.unlikely_sizes', Sketch::room(4000, 3000)->fixture('f', 'lavatory', 2000, 0, 90, 45, 400), 'f');
        self::assertSame(
            ['Width: Is this small fixture 45 mm? 450 mm is more likely (a nought too few, or centimetres for millimetres).'],
            self::working($basin),
        );
        self::assertSame(1.0, self::number('wall.unlikely_sizes', Sketch::room(4000, 3000)->wall([1000, 1000], [2000, 1000], 10), 'w5'));
        self::assertSame(1.0, self::number('room.unlikely_sizes', Sketch::room(4000, 3000)->with(['ceiling' => 240]), 'r'));
        self::assertSame(2.0, self::number('window.unlikely_sizes', Sketch::room(4000, 3000)->window('w1', 2000, 120, 140), 'n'));
        self::assertSame(1.0, self::number('door.unlikely_sizes', Sketch::room(4000, 3000)->door('w1', 2000, 80), 'd'));
        self::assertSame(
            2.0,
            self::number(
                'stair.unlikely_sizes',
                Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 2, 'tread' => 25, 'rises' => [17, 170]]]]]),
                's',
            ),
        );
        self::assertSame(
            0.0,
            self::number('fixture.unlikely_sizes', Sketch::room(4000, 3000)->fixture('f', 'switch', 2000, 0, 90, 80, 10), 'f'),
        );
    }

    public function test_the_tape_against_the_drawing(): void
    {
        $taped = static fn(float $measured): Sketch => Sketch::room(4000, 3000)->document([
            'survey' => [['id' => 'm', 'storey' => 'G', 'from' => [0, 0], 'to' => [4000, 0], 'measured' => $measured]],
        ]);
        self::assertEqualsWithDelta(12.0, self::number('survey.difference', $taped(3988), 'm'), 1e-6);
        self::assertSame(
            ['Taped 5004 mm, drawn 4000 mm.', 'The tape may have been read 1 m too long.'],
            self::working(self::measure('survey.difference', $taped(5004), 'm')),
        );
        self::assertSame(
            ['Taped 400 mm, drawn 4000 mm.', 'It may have a nought too few, or be centimetres, not millimetres.'],
            self::working(self::measure('survey.difference', $taped(400), 'm')),
        );
        self::assertInstanceOf(NotApplicable::class, self::measure('survey.chain', $taped(4000), 'm'));
    }

    public function test_parts_against_their_overall(): void
    {
        $one = static fn(string $id, float $measured, string $role): array => [
            'id' => $id, 'storey' => 'G', 'from' => [0, 0], 'to' => [4000, 0], 'measured' => $measured, 'group' => 'south', 'role' => $role,
        ];
        $chain = static fn(float $second): Sketch => Sketch::room(4000, 3000)->document([
            'survey' => [$one('a', 1500, 'part'), $one('b', $second, 'part'), $one('o', 4000, 'overall')],
        ]);
        self::assertEqualsWithDelta(0.0, self::number('survey.chain', $chain(2500), 'o'), 1e-6);
        self::assertEqualsWithDelta(8.0, self::number('survey.chain', $chain(2492), 'o'), 1e-6);
        self::assertSame(
            ['2 parts add up to 3000 mm, the overall was taped as 4000 mm.', 'The tape may have been read 1 m too short.'],
            self::working(self::measure('survey.chain', $chain(1500), 'o')),
        );
    }

    public function test_walls_between_and_beside_the_parts_are_counted(): void
    {
        // two rooms of 1900 and 2000 with a partition of 100 between them, outer walls of 200
        foreach ([[0.0, 1.0], [1.0, 0.0], [0.6, 0.8]] as [$x, $y]) {
            $at = static fn(float $along, float $up): array => [round($along * $x - $up * $y, 4), round($along * $y + $up * $x, 4)];
            $one = static fn(string $id, float $from, float $to, float $measured, string $role): array => [
                'id' => $id, 'storey' => 'G', 'from' => $at($from, 500), 'to' => $at($to, 500), 'measured' => $measured,
                'group' => 'south', 'role' => $role,
            ];
            $corners = [$at(-100, -100), $at(4100, -100), $at(4100, 3100), $at(-100, 3100)];
            $home = static fn(float $second): Sketch => (new Sketch())->chain($corners, 200)
                ->wall($at(1950, -100), $at(1950, 3100), 100)->use('r', 'hall', ...$at(500, 500))->use('q', 'hall', ...$at(3000, 500))
                ->document(['survey' => [
                    $one('a', 0, 1900, 1900, 'part'), $one('b', 2000, 4000, $second, 'part'), $one('o', -200, 4200, 4400, 'overall'),
                ]]);
            self::assertEqualsWithDelta(0.0, self::number('survey.chain', $home(2000), 'o'), 0.01, "{$x}, {$y}");
            self::assertEqualsWithDelta(12.0, self::number('survey.chain', $home(1988), 'o'), 0.01, "{$x}, {$y}");
            self::assertContains('Walls drawn between and beside them are counted: 500 mm.', self::working(self::measure(
                'survey.chain',
                $home(2000),
                'o',
            )));
        }
    }

    public function test_likely_misreadings_are_named(): void
    {
        $taped = static fn(float $measured): array => self::working(self::measure(
            'survey.difference',
            Sketch::room(4000, 3000)->document(['survey' => [
                ['id' => 'm', 'storey' => 'G', 'from' => [0, 0], 'to' => [3470, 0], 'measured' => $measured],
            ]]),
            'm',
        ));
        foreach ([
            [3740.0, 'Two digits may have changed places: 3470.'], [3743.0, 'Two digits may have changed places: 3473.'],
            [4370.0, 'Two digits may have changed places: 3470.'],
            [3770.0, 'The digit of the hundreds of millimetres may have been misread.'],
            [3166.0, 'It may have been misread by whole feet: 1.'],
            [2860.4, 'It may have been misread by whole feet: 2.'], [3420.0, null], [3470.0, null], [3482.0, null],
        ] as [$measured, $slip]) {
            self::assertSame($slip, $taped($measured)[1] ?? null, (string) $measured);
        }
    }

    /** Taped, expected, and whether so many whole metres are the likely slip, 25 mm off at the most. */
    public function test_whole_metres_that_were_misread_are_named_up_to_their_limit(): void
    {
        foreach ([1, 2, 7, 12] as $metres) {
            foreach ([[-25.1, false], [-25.0, true], [0.0, true], [25.0, true], [25.1, false]] as [$off, $isSlip]) {
                foreach ([1, -1] as $way) {
                    $slip = TapeSlip::behind($way * (1000.0 * $metres + $off), 45_000.0, 33_333.0);
                    $key = $way > 0 ? 'survey.tape_slip.too_long' : 'survey.tape_slip.too_short';
                    self::assertSame($isSlip, $slip?->key === $key, "{$metres} m and {$off} mm, {$way}");
                }
            }
        }
    }

    public function test_taped_heights_are_held_against_what_is_drawn(): void
    {
        $height = static fn(string $of, string $what, float $measured): array => [
            'id' => 'm', 'storey' => 'G', 'from' => [1000, 1500], 'to' => [1000, 1500], 'measured' => $measured,
            'of' => $of, 'height' => $what,
        ];
        $home = static fn(array $taped): Sketch => Sketch::room(4000, 3000)->with(['ceiling' => 2400])
            ->window('w1', 2000, 1000, 1200, ['sill' => 900])->door('w2', 1500, 900)->document(['survey' => [$taped]]);
        foreach ([
            [['r', 'ceiling', 2412.0], 12.0], [['n', 'sill', 890.0], 10.0], [['n', 'head', 2100.0], 0.0], [['d', 'head', 2050.0], 10.0],
        ] as [$what, $off]) {
            self::assertEqualsWithDelta($off, self::number('survey.difference', $home($height(...$what)), 'm'), 1e-6, implode(' ', $what));
        }
        self::assertUnknown(['d.sill'], self::measure('survey.difference', $home($height('d', 'sill', 10.0)), 'm'));
        $bare = Sketch::room(4000, 3000)->with(['ceiling' => null])->document(['survey' => [$height('r', 'ceiling', 2400.0)]]);
        self::assertUnknown(['r.ceiling or G.ceiling'], self::measure('survey.difference', $bare, 'm'));
    }

    /** @param array<string, mixed> $more */
    private static function doorAndWindow(float $at, array $more = []): Sketch
    {
        return Sketch::room(6000, 3000)->door('w1', 2000, 900)->window('w1', $at, 1000, 600, $more);
    }

    /** @param array<string, mixed> $said */
    private static function swinging(array $said): Sketch
    {
        return Sketch::room(4000, 3000)->door('w1', 2000, 800, $said);
    }

    /** @return list<string> */
    private static function working(Measurement $measurement): array
    {
        self::assertInstanceOf(Measured::class, $measurement);

        return Said::all($measurement->working);
    }

    /** @return array{float, float} where the first witness is */
    private static function place(Measurement $measurement): array
    {
        self::assertInstanceOf(Measured::class, $measurement);

        return $measurement->witness[0]->lines()[0][0]->toArray();
    }

    /** @param array<string, mixed> $more */
    private static function door(array $more): Sketch
    {
        return Sketch::room(6000, 3000)->door('w1', 2000, 900, $more);
    }

    /** @param array<string, mixed> $more */
    private static function wardrobeAndBed(float $x, array $more = []): Sketch
    {
        return Sketch::room(6000, 3000)->fixture('a', 'wardrobe', 1000, 0, 90, 1000, 600)->fixture('b', 'bed', $x, 0, 90, 900, 2000, $more);
    }
}
