<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\ExampleSketch;
use App\Drawing\FlatPattern;
use App\Drawing\SectionDrawing;
use App\Drawing\StairSymbol;
use App\Drawing\Svg;
use Heurema\Drafting\StairSection;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Tests\Measure\HeadroomTest;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Stairs on plans, in sections and rolled out: fifteen risers of 180 mm on 250 mm, unless more is said. */
final class StairDrawingsTest extends TestCase
{
    private const OPENING = [1550, 1375, 2450, 4500];

    public function test_the_section_stands_its_steps_on_the_floor(): void
    {
        $drawn = $this->section(HeadroomTest::stairwell(void: self::OPENING));
        self::assertSame(14, $this->numberOf('//*[@class="tread"]', $drawn));
        self::assertStringContainsString('class="stair-body" d="M0 0V-180H250V-360H500', $drawn);
        // its underside meets the floor at the foot and does not go below it
        self::assertStringContainsString('L250 -80L0 0Z"', $drawn);
        self::assertSame(['Upper', 'Ground'], $this->texts('//*[starts-with(@class, "floor-name")]', $drawn));
        self::assertSame(['2700 mm'], $this->texts('//*[@class="section-dimension"]', $drawn));
        self::assertStringNotContainsString('class="ground"', $drawn);
    }

    /**
     * @return iterable<string, array{float, string}> the headroom that is wanted, and how the critical place is marked: 2000 mm are there
     */
    public static function wanted(): iterable
    {
        yield 'less' => [1999.9, 'section-critical'];
        yield 'just as much' => [2000, 'section-critical'];
        yield 'more' => [2000.1, 'section-critical section-missed'];
    }

    #[DataProvider('wanted')]
    public function test_the_critical_place_is_marked_by_what_is_wanted(float $wanted, string $class): void
    {
        $drawn = $this->section(HeadroomTest::stairwell(void: self::OPENING), $wanted);
        self::assertSame(1, $this->numberOf("//*[@class='{$class}']", $drawn));
        self::assertSame(['2000 mm'], $this->texts("//*[@class='{$class}']", $drawn));
    }

    public function test_rails_run_over_the_nosings(): void
    {
        $drawn = $this->section(HeadroomTest::stairwell(void: self::OPENING, stair: ['handrails' => ['left' => 900, 'right' => 950]]));
        self::assertSame(['Handrail 900 mm', 'Handrail 950 mm'], $this->texts('//*[@class="rail"]', $drawn));
        self::assertStringContainsString('class="rail" d="M0 -1080L250 -1260', $drawn);
        $alike = $this->section(HeadroomTest::stairwell(void: self::OPENING, stair: ['handrails' => ['left' => 900, 'right' => 900]]));
        self::assertSame(1, $this->numberOf('//*[@class="rail"]', $alike), 'two at one height lie one behind the other');
        self::assertSame(0, $this->numberOf('//*[@class="rail"]', $this->section(HeadroomTest::stairwell(void: self::OPENING))));
    }

    public function test_guards_along_the_flight_are_drawn_and_others_are_not(): void
    {
        $guarded = static fn(float $x): Sketch => HeadroomTest::stairwell(void: self::OPENING)->add(
            'guards',
            ['id' => 'g', 'line' => [[$x, 1000], [$x, 4500]], 'height' => 900],
        );
        self::assertSame(['Guard in R'], $this->texts('//*[@class="rail rail-guard"]', $this->section($guarded(2450))));
        self::assertSame(0, $this->numberOf('//*[@class="rail rail-guard"]', $this->section($guarded(3800))));
    }

    public function test_steps_outside_stand_on_the_ground(): void
    {
        // a plinth of 450 mm in three steps of 150 on 300 (common practice, no source)
        $drawn = $this->section(Sketch::room(4000, 3000)->with(['elevation' => 450])->stair([
            'from_storey' => null,
            'to_storey' => 'G',
            'rise' => 450,
            'start' => [2000, -1000],
            'parts' => [['flight' => ['risers' => 3, 'tread' => 300]]],
        ]));
        self::assertSame([1, 2], [$this->numberOf('//*[@class="ground"]', $drawn), $this->numberOf('//*[@class="tread"]', $drawn)]);
        self::assertStringContainsString('M0 0V-150H300V-300H600V-450V0Z', $drawn);
        self::assertStringNotContainsString('opening-start', $drawn);
    }

    public function test_open_risers_and_nosings(): void
    {
        $open = $this->section(HeadroomTest::stairwell(void: self::OPENING, stair: ['open_risers' => true, 'nosing' => 25]));
        self::assertStringContainsString('class="stair-body stair-open"', $open);
        self::assertStringContainsString('class="tread" d="M-25 -140L250 -140L250 -180L-25 -180Z"', $open);
    }

    public function test_names_are_escaped(): void
    {
        $drawn = $this->section(HeadroomTest::stairwell(
            void: self::OPENING,
            upper: ['name' => '<b>Up</b>'],
            stair: ['name' => '"><script>'],
        ));
        self::assertStringNotContainsString('<script>', $drawn);
        self::assertStringNotContainsString('<b>', $drawn);
    }

    public function test_the_plan_of_the_foot_is_cut_and_the_plan_of_the_head_is_not(): void
    {
        $home = HeadroomTest::stairwell(void: self::OPENING)->home();
        $stair = $home->stairs[0];
        $foot = (new StairSymbol($stair, 'G', $home))->draw();
        self::assertStringContainsString('step-above', $foot);
        self::assertStringContainsString('break-line', $foot);
        self::assertStringNotContainsString('step-above', (new StairSymbol($stair, 'U', $home))->draw());
    }

    public function test_the_edge_from_which_one_walks_under_it_is_drawn_where_it_starts(): void
    {
        // risers of 180: the step at 2340 is the first that is 300 and more above 2000
        $home = HeadroomTest::stairwell(void: self::OPENING)->home();
        $stair = $home->stairs[0];
        $front = $stair->shape->steps[12]->front;
        $foot = (new StairSymbol($stair, 'G', $home))->draw();
        self::assertStringContainsString('class="walk-line" d="'.Svg::line([$front->from, $front->to]).'"', $foot);
        self::assertStringContainsString('>2000 mm</text>', $foot);
        self::assertStringNotContainsString('walk-line', (new StairSymbol($stair, 'U', $home))->draw());
        $few = ['parts' => [['flight' => ['risers' => 5, 'tread' => 250]]], 'rise' => 900];
        $low = HeadroomTest::stairwell(void: self::OPENING, stair: $few)->home();
        self::assertStringNotContainsString('walk-line', (new StairSymbol($low->stairs[0], 'G', $low))->draw());
    }

    public function test_a_turning_stair_is_rolled_out_along_the_line_one_walks(): void
    {
        $wound = [
            'kind' => 'winding',
            'parts' => [
                ['flight' => ['risers' => 6, 'tread' => 250]],
                ['winders' => ['risers' => 3, 'turn' => 'left', 'inner' => 0]],
                ['flight' => ['risers' => 6, 'tread' => 250]],
            ],
        ];
        $home = HeadroomTest::stairwell(stair: $wound)->home();
        $drawn = (new FlatPattern($this->climb($home), $home))->draw();
        self::assertStringContainsString('along the line one walks', $drawn);
        // every tread has its number
        self::assertContains('14', $this->texts('//*[local-name()="text"]', $drawn));
    }

    /**
     * @return iterable<string, array{SubjectType, array<string, float>, float|null, float}> stated lengths, m², least width of the sketch
     */
    public static function examples(): iterable
    {
        yield 'a room as large as its area' => [SubjectType::Room, [], 12.0, 3000];
        yield 'a room as narrow as it is said to be' => [SubjectType::Room, ['least_width' => 2134.0], 6.5, 2134];
        yield 'a door' => [SubjectType::Door, ['clear_width' => 813.0], null, 2000];
        yield 'a wide door' => [SubjectType::Door, ['clear_width' => 2400.0], null, 3300];
        yield 'a window' => [SubjectType::Window, ['clear_width' => 508.0], null, 2000];
        yield 'a fixture' => [SubjectType::Fixture, ['width' => 1700.0], null, 2900];
        yield 'a stair' => [SubjectType::Stair, ['tread' => 300.0], null, 1800];
        yield 'a guard' => [SubjectType::Guard, ['height' => 900.0], null, 1600];
        yield 'a dwelling' => [SubjectType::Dwelling, [], 70.0, 10000];
    }

    /** @param array<string, float> $lengths */
    #[DataProvider('examples')]
    public function test_examples_are_sketched_as_large_as_they_say(SubjectType $subject, array $lengths, ?float $area, float $width): void
    {
        $sketch = ExampleSketch::of($subject, $lengths, $area);
        self::assertGreaterThanOrEqual($width, $sketch->width);
        self::assertGreaterThan(0.0, $sketch->height);
        self::assertNotFalse(simplexml_load_string("<g>{$sketch->content}</g>"));
    }

    private function section(Sketch $sketch, float $headroom = 2032): string
    {
        $home = $sketch->home();

        return (new SectionDrawing(StairSection::of($this->climb($home), $home), $home, $headroom))->draw();
    }

    private function climb(Home $home): Climb
    {
        $climb = Climb::of($home->stairs[0]);
        self::assertInstanceOf(Climb::class, $climb);

        return $climb;
    }

    private function numberOf(string $path, string $drawn): int
    {
        return count($this->texts($path, $drawn));
    }

    /** @return list<string> */
    private function texts(string $path, string $drawn): array
    {
        $found = (new \SimpleXMLElement($drawn))->xpath($path);

        return array_values(array_map(
            static fn(\SimpleXMLElement $element): string => dom_import_simplexml($element)->textContent,
            is_array($found) ? $found : [],
        ));
    }
}
