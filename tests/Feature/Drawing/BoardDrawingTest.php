<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\ChainDrawing;
use App\Drawing\DimensionStyle;
use App\Drawing\FreePlaces;
use App\Drawing\LabelPlace;
use App\Drawing\LengthStyle;
use App\Drawing\LiveDimensions;
use App\Drawing\OpeningSymbol;
use App\Drawing\PlanDimensions;
use App\Drawing\PlanDrawing;
use App\Drawing\StoreyBelow;
use App\Drawing\SurveyDrawing;
use Heurema\Drafting\Dimension;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Home;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\Sketch;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the board draws over a plan: dimensions, what is wrong with a place, the storey below, what was taped. */
final class BoardDrawingTest extends TestCase
{
    public function test_texts_without_room_step_aside(): void
    {
        $chain = new ChainDrawing(10.0, static fn(float $mm): string => (string) $mm);
        $parts = static fn(float ...$stops): array => array_map(
            static fn(float $from, float $to): Dimension => new Dimension(new Segment(new Point($from, 0), new Point($to, 0))),
            array_slice($stops, 0, -1),
            array_slice($stops, 1),
        );
        self::assertSame(['-6', '-6', '-6'], self::levels($chain->draw($parts(0, 2000, 4000, 6000))));
        // 60 mm are 6 px: the text of the second has no room beside the first's, the third's beside neither
        self::assertSame(['-6', '16', '-21', '-6'], self::levels($chain->draw($parts(0, 100, 160, 220, 2000))));
        self::assertSame('', $chain->draw([]));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function outsides(): iterable
    {
        yield 'overall' => ['overall', ['4400', '3400']];
        yield 'none' => ['none', []];
        yield 'the openings of the lower side, the overall beyond them, and of the height' => [
            'chain',
            ['800', '800', '2800', '4400', '3400'],
        ];
        yield 'without partitions and columns the same' => ['tiers', ['800', '800', '2800', '4400', '3400']];
        yield 'from a base line' => ['base', ['800', '1600', '4400', '3400']];
        yield 'running from one end' => ['running', ['0', '800', '1600', '4400', '0', '3400']];
    }

    /** @param list<string> $texts */
    #[DataProvider('outsides')]
    public function test_outside_dimensions_in_every_style(string $outside, array $texts): void
    {
        $home = Sketch::room(4000, 3000)->door('w1', 1100, 800)->home();
        $drawn = implode('', (new PlanDimensions($home, $home->plans['G'], new DimensionStyle($outside), 10.0))->draw());
        self::assertSame($texts, self::texts($drawn));
    }

    public function test_rooms_are_dimensioned_to_the_line_that_was_chosen(): void
    {
        $home = Sketch::room(4000, 3000)->home();
        $inside = static fn(WallDatum $datum): array => self::texts(implode(
            '',
            (new PlanDimensions($home, $home->plans['G'], new DimensionStyle('none', true, $datum), 10.0))->draw(),
        ));
        self::assertSame(['4000', '3000'], $inside(WallDatum::Finished));
        self::assertSame(['4200', '3200'], $inside(WallDatum::Centre));
    }

    public function test_parts_that_do_not_add_up_to_their_overall_as_written_say_by_how_much(): void
    {
        $drawn = static fn(float $at, string $to = 'edges'): string => implode(
            '',
            (new PlanDimensions(
                $home = Sketch::room(4000, 3000)->door('w1', $at, 800)->home(),
                $home->plans['G'],
                new DimensionStyle('chain', openings: $to),
                10.0,
            ))->draw(),
        );
        self::assertStringNotContainsString('parts as written', $drawn(1100));
        // 800.4, 800 and 2799.6 are written 800, 800 and 2800
        self::assertStringNotContainsString('parts as written', $drawn(1100.4));
        // 800.6, 800 and 2799.4: 801, 800 and 2799
        self::assertStringNotContainsString('parts as written', $drawn(1100.6));
        // 800.5 and 2799.5 are both written up
        self::assertStringContainsString('parts as written: +1', $drawn(1100.5));
        // to its middle 1100.3 and 2899.7 are written 1100 and 2900
        self::assertStringNotContainsString('parts as written', $drawn(1100.3, 'middles'));
        self::assertStringContainsString('parts as written: +1', $drawn(1100.5, 'middles'));
    }

    /** From the corner of w1 and w2, the arc 9 m away from it: a sheet has room for it, and no name of a room stands there. */
    public function test_an_angle_reaches_as_far_as_its_arc(): void
    {
        $angle = ['id' => 'm', 'kind' => 'angle', 'from' => ['at' => [0, 0], 'of' => 'w1', 'along' => 100], 'to' => [
            'at' => [0, 0], 'of' => 'w2', 'along' => 3000,
        ], 'through' => [-5000, -100]];
        $home = Sketch::room(4000, 3000)->add('dimensions', $angle)->home();
        $drawn = fn(DimensionStyle $style): PlanDimensions => new PlanDimensions($home, $home->plans['G'], $style, 10.0);
        $none = new DimensionStyle('none');
        self::assertEqualsWithDelta(-5000.0, min([0.0, ...array_column($drawn($none)->ends(), 'x')]), 100.0);
        self::assertCount(1, $drawn($none)->covers());
        $hidden = $drawn($none->with(['hidden' => ['dimensions']]));
        self::assertSame([[], []], [$hidden->ends(), $hidden->covers()]);
    }

    /** @return iterable<string, array{string, string, float, string}> */
    public static function notations(): iterable
    {
        yield 'feet and sixteenths' => ['ft', 'fine', 3048 + 25.4 * 2.0625, '10\'-2 1/16"'];
        yield 'feet and halves' => ['ft', 'rough', 3048 + 25.4 * 2.0625, '≈ 10\'-2"'];
        yield 'inches' => ['in', 'usual', 25.4 * 40.125, '40 1/8"'];
        yield 'millimetres' => ['mm', 'fine', 1234.4, '≈ 1234'];
        yield 'millimetres by fives' => ['mm', 'usual', 1232.6, '≈ 1235'];
        yield 'millimetres, a twentieth off' => ['mm', 'fine', 1234.049, '1234'];
        yield 'millimetres, a little more off' => ['mm', 'fine', 1234.051, '≈ 1234'];
        yield 'a dimension drawn to tenths' => ['mm', 'fine', 979.6, '≈ 980'];
        yield 'centimetres' => ['cm', 'fine', 1234.0, '123.4'];
        yield 'metres by tens' => ['m', 'rough', 1236.0, '≈ 1.24'];
    }

    #[DataProvider('notations')]
    public function test_lengths_in_the_unit_and_as_finely_as_chosen(string $units, string $precision, float $mm, string $text): void
    {
        self::assertSame($text, (new LengthStyle($units, $precision))->write($mm, Sketch::room(1000, 1000)->layout()));
    }

    public function test_a_style_that_makes_no_sense_is_left_at_its_default(): void
    {
        $style = DimensionStyle::from(['outside' => 'sideways', 'inside' => 'yes', 'datum' => 3, 'units' => [], 'precision' => null]);
        self::assertEquals(new DimensionStyle(), $style);
        self::assertEquals($style, DimensionStyle::from($style->toArray()));
        self::assertSame('Dimensions to finished faces, in millimetres', $style->says(Sketch::room(1000, 1000)->layout()));
        $imperial = Sketch::room(1000, 1000)->document(['units' => UnitSystem::Imperial->value])->layout();
        self::assertSame('ft', $style->lengths->units($imperial));
    }

    /** @return iterable<string, array{Sketch, string}> a fixture f, and what is said of its place */
    public static function places(): iterable
    {
        $room = static fn(): Sketch => Sketch::room(4000, 3000);
        yield 'in a wall' => [$room()->fixture('f', 'wardrobe', 1000, -50, 90, 1000, 600), 'In a wall'];
        yield 'outside' => [$room()->fixture('f', 'wardrobe', 9000, 500, 90, 1000, 600), 'In no room'];
        yield 'on another' => [
            $room()->fixture('f', 'wardrobe', 1000, 0, 90, 1000, 600)->fixture('g', 'bed', 1200, 0, 90, 1000, 2000),
            'Where something else stands',
        ];
        yield 'well' => [$room()->fixture('f', 'wardrobe', 1000, 0, 90, 1000, 600), ''];
    }

    #[DataProvider('places')]
    public function test_what_is_wrong_with_a_place_is_said(Sketch $sketch, string $words): void
    {
        $drawn = self::live($sketch->home(), 'f');
        self::assertStringContainsString($words, $drawn);
        self::assertSame($words !== '', str_contains($drawn, 'live-warning'));
    }

    public function test_a_leaf_that_meets_something_is_said(): void
    {
        $hinged = ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'];
        $door = Sketch::room(4000, 3000)->door('w1', 1100, 800, $hinged);
        self::assertStringNotContainsString('live-warning', self::live($door->home(), 'd'));
        self::assertSame(['600', '800', '2600'], self::texts(self::live($door->home(), 'd'), ' mm'));
        self::assertStringContainsString(
            'Its leaf meets something',
            self::live($door->fixture('f', 'bed', 1100, 300, 90, 900, 2000)->home(), 'd'),
        );
    }

    public function test_a_wall_shows_what_it_looks_at_and_a_stair_its_risers(): void
    {
        $home = Sketch::room(4000, 3000)->wall([2500, -100], [2500, 3100])->home();
        self::assertEqualsCanonicalizing(['2450', '1450'], self::texts(self::live($home, 'w5'), ' mm'));
        $stair = Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 15, 'tread' => 250]]]], 2700)->home();
        self::assertStringContainsString('15 risers of 180 mm', self::live($stair, 's'));
        self::assertSame('', self::live($home, 'nobody'));
    }

    public function test_what_was_taped_says_how_far_the_drawing_is_from_it(): void
    {
        $survey = static fn(float $measured): Home => Sketch::room(4000, 3000)->document([
            'survey' => [['id' => 't', 'storey' => 'G', 'from' => [0, 0], 'to' => [4000, 0], 'measured' => $measured]],
        ])->home();
        $drawn = static fn(float $measured, string $storey): string => (new SurveyDrawing(
            $survey($measured),
            $storey,
            10.0,
            new FreePlaces(600.0),
        ))->draw();
        self::assertStringContainsString('(−5 mm)', $drawn(3995, 'G'));
        self::assertStringContainsString('(+5 mm)', $drawn(4005, 'G'));
        self::assertStringContainsString('(as drawn)', $drawn(4000, 'G'));
        self::assertStringNotContainsString('taped', $drawn(4000, 'U'));
    }

    public function test_the_storey_below_lies_under_the_upper_one_only(): void
    {
        $home = Sketch::room(4000, 3000)->stair(['parts' => [['flight' => ['risers' => 15, 'tread' => 250]]]])->home();
        self::assertStringContainsString('storey-below', (new StoreyBelow($home, 'U'))->draw());
        self::assertSame('', (new StoreyBelow($home, 'G'))->draw());
    }

    public function test_a_low_wall_is_drawn_by_its_edges(): void
    {
        $low = static fn(float $height): string => self::plan(
            Sketch::room(4000, 3000)->wall([2000, 500], [2000, 2000], 100, 'interior', ['height' => $height])->home(),
        );
        self::assertStringContainsString('low-wall', $low(1100));
        self::assertStringContainsString('low-wall', $low(2399.9));
        self::assertStringNotContainsString('low-wall', $low(2400));
    }

    public function test_openings_have_the_symbols_of_the_trade(): void
    {
        $window = static fn(string $operation): string => (new OpeningSymbol(
            Sketch::room(4000, 3000)->window('w1', 2000, 1000, 1200, ['operation' => $operation])->home()->openings[0],
        ))->draw();
        self::assertCount(4, array_unique(array_map($window, ['fixed', 'sliding', 'double_hung', 'louvred'])));
        $door = static fn(string $wall): string => (new OpeningSymbol(
            Sketch::room(4000, 3000)
                ->wall([2500, -100], [2500, 3100])
                ->use('b', 'study', 3000, 1000)
                ->door($wall, 1000, 800)
                ->home()->openings[0],
        ))->draw();
        self::assertStringContainsString('threshold', $door('w1'));
        self::assertStringNotContainsString('threshold', $door('w5'));
        $gap = (new OpeningSymbol(
            Sketch::room(4000, 3000)->add(
                'openings',
                ['id' => 'g', 'kind' => 'gap', 'wall' => 'w1', 'at' => 1000, 'width' => 900],
            )->home()->openings[0],
        ))->draw();
        self::assertStringContainsString('beam', $gap);
    }

    private static function live(Home $home, string $id): string
    {
        return (new LiveDimensions($home, 'G', 10.0))->of($id);
    }

    private static function plan(Home $home): string
    {
        return (new PlanDrawing($home, $home->plans['G'], new LabelPlace($home, 10.0)))->layers();
    }

    /** @return list<string> */
    private static function texts(string $svg, string $unit = ''): array
    {
        preg_match_all('/<text[^>]*>([^<]*)<\/text>/', $svg, $found);

        return array_map(static fn(string $text): string => str_replace($unit === '' ? "\0" : $unit, '', $text), $found[1]);
    }

    /** @return list<string> how far below its line each text stands */
    private static function levels(string $svg): array
    {
        preg_match_all('/<text y="(-?\d+)"/', $svg, $found);

        return $found[1];
    }
}
