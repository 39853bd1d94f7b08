<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Soffits, floor openings and fixtures of any outline, and sloped ceilings, drawn and typed on homes that lie in any direction. */
final class OutlinesOnBoardTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    private const ANGLES = [0.0, 30.0, 90.0, 137.0, 180.0, 251.5, 270.0];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
    }

    public function test_a_soffit_runs_along_a_line_as_wide_as_typed(): void
    {
        foreach (self::ANGLES as $angle) {
            $this->open(self::home($angle));
            [$from, $to] = [self::turned(1000, 1000, $angle), self::turned(4000, 1000, $angle)];
            $this->act('soffit', ['line' => [$from, $to], 'width' => '6"', 'underside' => '7 ft'])->assertOk();
            $soffit = $this->layout()->storeys[0]->soffits[0];
            self::assertEqualsWithDelta(3000.0 * 152.4, $soffit->outline->area(), 1.0, "turned by {$angle}");
            foreach ([[1000, 923.8], [4000, 923.8], [4000, 1076.2], [1000, 1076.2]] as $number => [$x, $y]) {
                self::assertNear(self::point($x, $y, $angle), $soffit->outline->points[$number], "turned by {$angle}");
            }
        }
    }

    public function test_a_drop_is_taken_from_the_lowest_ceiling_above_it(): void
    {
        $this->open(self::home(0));
        $this->act('soffit', ['from' => '1000,1000', 'to' => '2000,1500', 'drop' => '300'])->assertOk();
        self::assertSame(2200.0, $this->layout()->storeys[0]->soffits[0]->underside);
        $this->act('slope', ['select' => 'r1', 'fields' => ['low' => '2 m', 'high' => '4 m', 'towards' => '90']])->assertOk();
        $this->act('soffit', ['corners' => ['1000,1100', '2000,1100', '2000,2100'], 'drop' => '300'])->assertOk();
        // from 2 m at y = 100 by 2 m in 3.8 m
        self::assertEqualsWithDelta(2000 + 2000 * 1000 / 3800 - 300, $this->layout()->storeys[0]->soffits[1]->underside, 0.001);
        $this
            ->act('soffit', ['from' => '1000,1000', 'to' => '2000,1500', 'drop' => '5 m'])
            ->assertUnprocessable()
            ->assertSee('to the floor');
    }

    public function test_outlines_are_drawn_corner_by_corner(): void
    {
        foreach (self::ANGLES as $angle) {
            $this->open(self::home($angle));
            $corners = array_map(
                static fn(array $corner): string => self::turned($corner[0], $corner[1], $angle),
                [[1000, 1000], [3000, 1000], [3000, 2000], [2000, 3000], [1000, 3000]],
            );
            $this->act('void', ['corners' => $corners])->assertOk();
            $this->act('soffit', ['corners' => array_reverse($corners), 'underside' => '2.1 m'])->assertOk();
            $storey = $this->layout()->storeys[0];
            self::assertEqualsWithDelta(3.5e6, $storey->voids[0]->outline->area(), 1.0, "turned by {$angle}");
            self::assertEqualsWithDelta(3.5e6, $storey->soffits[0]->outline->area(), 1.0, "turned by {$angle}");
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'two corners' => ['void', ['corners' => ['0,0', '1000,0']], 'three corners'];
        yield 'corners in a line' => ['void', ['corners' => ['0,0', '1000,0', '2000,0']], 'three corners'];
        yield 'a crossing outline' => [
            'soffit', ['corners' => ['0,0', '900,900', '900,0', '0,1000'], 'underside' => '2100'], 'cross itself',
        ];
        yield 'no place' => ['void', ['corners' => ['0,0', 'here', '2000,0']], 'Point at a place'];
        yield 'a beam without a width' => ['soffit', ['line' => ['0,0', '900,0'], 'underside' => '2100'], 'how wide'];
        yield 'a beam without a length' => [
            'soffit', ['line' => ['0,0', '0,0'], 'width' => '100', 'underside' => '2100'], 'from one place',
        ];
        yield 'no radius' => ['shape-fixture', ['fields' => ['shape' => 'round', 'radius' => '0']], 'above zero'];
        yield 'just over the largest radius' => ['shape-fixture', ['fields' => ['shape' => 'round', 'radius' => '10001 mm']], 'at most 10'];
        yield 'a word for a radius' => ['shape-fixture', ['fields' => ['shape' => 'round', 'radius' => 'big']], 'Nothing in a length'];
        yield 'a corner of one length' => ['shape-fixture', ['fields' => ['shape' => 'corners', 'corners' => '0, 0; 500']], 'two lengths'];
        yield 'corners that cross' => [
            'shape-fixture', ['fields' => ['shape' => 'corners', 'corners' => '0,0; 500,500; 500,0; 0,500']], 'does not cross',
        ];
        yield 'a ridge below the eaves' => ['slope', ['select' => 'r1', 'fields' => ['low' => '3 m', 'high' => '2 m']], 'not lower'];
        yield 'no ridge' => ['slope', ['select' => 'r1', 'fields' => ['low' => '3 m', 'high' => '']], 'Type a length'];
    }

    /** @param array<string, mixed> $values */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $act, array $values, string $why): void
    {
        $this->open(self::home(0));
        $before = $this->layout()->toArray();
        $this->act($act, ['select' => 'f1', ...$values])->assertUnprocessable()->assertSee($why);
        self::assertSame($before, $this->layout()->toArray());
    }

    public function test_a_fixture_has_the_outline_that_was_drawn_its_back_first(): void
    {
        $corners = [[1000, 1000], [2500, 1000], [2500, 1600], [1600, 1600], [1600, 2400], [1000, 2400]];
        foreach (self::ANGLES as $angle) {
            foreach ([$corners, array_reverse($corners)] as $way => $drawn) {
                $this->open(self::home($angle));
                $this->act('fixture-outline', [
                    'corners' => array_map(static fn(array $corner): string => self::turned($corner[0], $corner[1], $angle), $drawn),
                    'kind' => 'counter', 'name' => 'Bar', 'height' => '1.1 m',
                ])->assertOk();
                $placed = (new Home($this->layout()))->fixtures[1];
                $is = $placed->outline?->counterClockwise()->points ?? [];
                self::assertCount(6, $is);
                foreach ($corners as [$x, $y]) {
                    $nearest = min(array_map(static fn(Point $one): float => $one->distanceTo(self::point($x, $y, $angle)), $is));
                    self::assertLessThan(0.05, $nearest, "turned by {$angle}, way {$way}");
                }
                self::assertSame(['Bar', 1100.0], [$placed->fixture->name, $placed->fixture->height]);
                $back = self::point(($drawn[0][0] + $drawn[1][0]) / 2, ($drawn[0][1] + $drawn[1][1]) / 2, $angle);
                self::assertNear($back, $placed->fixture->at, 'the middle of its back');
            }
        }
    }

    #[TestWith(['450 mm', 450.0])]
    #[TestWith(['2\'-0"', 609.6])]
    #[TestWith(['100', 100.0])]
    #[TestWith(['4 m', 4000.0])]
    #[TestWith(['9999 mm', 9999.0])]
    #[TestWith(['10 m', 10000.0])]
    public function test_a_circle_keeps_its_middle_and_is_nowhere_off_its_radius(string $typed, float $radius): void
    {
        foreach (self::ANGLES as $angle) {
            $this->open(self::home($angle));
            $middle = self::middle($this->fixture());
            $this->act('shape-fixture', ['select' => 'f1', 'fields' => ['shape' => 'round', 'radius' => $typed]])->assertOk();
            $fixture = $this->fixture();
            self::assertEqualsWithDelta([2 * $radius, 2 * $radius], [$fixture->width, $fixture->depth], 0.001);
            self::assertNear($middle, self::middle($fixture), "turned by {$angle}");
            $outline = (new Home($this->layout()))->fixtures[0]->outline ?? new Ring([$middle]);
            foreach ($outline->edges() as $edge) {
                self::assertEqualsWithDelta($radius, $edge->from->distanceTo($middle), 0.01);
                self::assertGreaterThan($radius - 0.051, $edge->middle()->distanceTo($middle));
            }
            $this
                ->get("/schemes/{$this->scheme->id}/board?storey=G&select=f1")
                ->assertOk()
                ->assertSee('value="round" selected', false);
        }
    }

    public function test_corners_are_typed_and_stretched_with_the_width(): void
    {
        $this->open(self::home(30.0));
        $typed = '-600, 0; 600, 0; 600, 500; 0, 500; 0, 900; -600, 900';
        $this->act('shape-fixture', ['select' => 'f1', 'fields' => ['shape' => 'corners', 'corners' => $typed]])->assertOk();
        self::assertSame([1200.0, 900.0, 6], [$this->fixture()->width, $this->fixture()->depth, count($this->fixture()->outline ?? [])]);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G&select=f1")->assertOk()->assertSee('-600, 0; 600, 0;', false);
        $this->act('values', ['select' => 'f1', 'fields' => ['width' => '1800', 'depth' => '450']])->assertOk();
        $is = array_map(static fn(Point $corner): array => $corner->toArray(), $this->fixture()->outline ?? []);
        self::assertEquals([[-900, 0], [900, 0], [900, 250], [0, 250], [0, 450], [-900, 450]], $is);
        $this->act('shape-fixture', ['select' => 'f1', 'fields' => ['shape' => 'rectangle']])->assertOk();
        self::assertSame([null, 1800.0, 450.0], [$this->fixture()->outline, $this->fixture()->width, $this->fixture()->depth]);
    }

    public function test_a_ceiling_slopes_across_the_whole_room_in_any_direction(): void
    {
        foreach (self::ANGLES as $angle) {
            foreach ([0, 45, 90, 135, 180, 225, 270, 315] as $towards) {
                $this->open(self::home($angle));
                $fields = ['low' => '1 m', 'high' => '3 m', 'towards' => (string) $towards];
                $this->act('slope', ['select' => 'r1', 'fields' => $fields])->assertOk();
                $room = (new Home($this->layout()))->room('r1');
                $ceiling = $room?->ceiling();
                self::assertInstanceOf(SlopedCeiling::class, $ceiling);
                $heights = array_map($ceiling->heightAt(...), $room?->outline()->outer->points ?? [new Point(0, 0)]);
                self::assertEqualsWithDelta([1000.0, 3000.0], [min($heights), max($heights)], 0.01, "{$towards} on {$angle}");
            }
        }
        $this->get("/schemes/{$this->scheme->id}/board?storey=G")->assertSee('class="ceiling-level"', false)->assertSee('2000 mm');
        $this->act('slope', ['select' => 'r1', 'fields' => ['low' => '', 'high' => '']])->assertOk();
        self::assertNull($this->layout()->storeys[0]->rooms[0]->ceiling);
    }

    public function test_eaves_and_ridge_are_pointed_at(): void
    {
        $this->open(self::home(0));
        $pointed = ['line' => ['100,2000', '3100,2000'], 'fields' => ['low' => '5 ft', 'high' => '9 ft']];
        $this->act('slope', ['select' => 'r1', ...$pointed])->assertOk();
        $ceiling = $this->layout()->storeys[0]->rooms[0]->ceiling;
        self::assertInstanceOf(SlopedCeiling::class, $ceiling);
        self::assertSame([1524.0, 2743.2], [$ceiling->low, $ceiling->high]);
        self::assertSame([[100.0, 2000.0], [3100.0, 2000.0]], [$ceiling->from->toArray(), $ceiling->to->toArray()]);
    }

    private function fixture(): Fixture
    {
        return $this->layout()->storeys[0]->fixtures[0];
    }

    /** A room of 6 m by 4 m between the middles of its walls with a table in it, turned about 0, 0. */
    private static function home(float $angle): Layout
    {
        $corners = array_map(
            static fn(array $corner): array => self::point($corner[0], $corner[1], $angle)->toArray(),
            [[0, 0], [6000, 0], [6000, 4000], [0, 4000]],
        );
        $wall = static fn(int $number): array => [
            'id' => "w{$number}", 'from' => $corners[$number], 'to' => $corners[($number + 1) % 4],
            'thickness' => 200, 'type' => 'exterior',
        ];

        return (new LayoutReader())->read((string) json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'One room', 'units' => 'metric',
            'storeys' => [[
                'id' => 'G', 'name' => 'Ground floor', 'elevation' => 0, 'ceiling' => 2500, 'floor_thickness' => 300,
                'walls' => array_map($wall, range(0, 3)),
                'rooms' => [['id' => 'r1', 'name' => 'Hall', 'use' => 'hall', 'at' => self::point(5000, 3500, $angle)->toArray()]],
                'fixtures' => [[
                    'id' => 'f1', 'kind' => 'table', 'at' => self::point(3000, 1500, $angle)->toArray(),
                    'facing' => round(fmod(90 + $angle, 360), 4), 'width' => 1600, 'depth' => 900,
                ]],
            ]],
        ]));
    }

    private static function point(float $x, float $y, float $angle): Point
    {
        [$across, $up] = [Point::towards($angle), Point::towards($angle)->left()];

        return new Point(round($across->x * $x + $up->x * $y, 4), round($across->y * $x + $up->y * $y, 4));
    }

    private static function turned(float $x, float $y, float $angle): string
    {
        return implode(',', self::point($x, $y, $angle)->toArray());
    }

    private static function middle(Fixture $fixture): Point
    {
        return $fixture->at->plus(Point::towards($fixture->facing)->times(($fixture->depth ?? 0.0) / 2));
    }

    private static function assertNear(Point $expected, Point $is, string $message): void
    {
        self::assertLessThan(0.05, $expected->distanceTo($is), $message);
    }
}
