<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\NotApplicable;
use Heurema\Review\Examiner;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** A room of 6 by 4 m whose ceiling rises from 1000 at its left wall to 4000 mm over 4 m (3-4-5), with a window in it. */
final class RoofWindowTest extends MeasureTestCase
{
    private const ROOF = ['low' => 1000, 'high' => 4000, 'from' => [0, 0], 'to' => [4000, 0]];
    private const WINDOW = ['id' => 'rw1', 'at' => [800, 2000], 'width' => 780, 'height' => 1000, 'operation' => 'pivot', 'frame' => 50];

    public function test_it_lies_in_the_slope(): void
    {
        $home = self::home()->home();
        [$window] = $home->roofWindows;
        self::assertEqualsWithDelta(1600.0, $window->sill(), 1e-9);
        self::assertEqualsWithDelta(1600.0 + 600.0, $window->head(), 1e-9);
        self::assertSame('Roof window RW1 in Loft', $window->name());
        self::assertTrue($window->isToOutside());
        $outline = $window->roof?->outline()?->bounds();
        self::assertNotNull($outline);
        self::assertEqualsWithDelta(
            [800.0, 1600.0, 1610.0, 2390.0],
            [$outline->left, $outline->right, $outline->bottom, $outline->top],
            1e-9,
        );
    }

    /** Sizes are those of its opening; heights are upright. */
    public function test_it_is_measured_as_a_window(): void
    {
        $home = self::home();
        foreach ([
            'window.clear_width' => 680.0,
            'window.glass_area' => 0.68 * 0.9,
            'window.clear_sill' => 1600.0 + 30.0,
            'window.glass_bottom' => 1630.0,
            'window.glass_top' => 2200.0 - 30.0,
            'window.drop' => 1600.0,
        ] as $measure => $expected) {
            self::assertEqualsWithDelta($expected, self::number($measure, $home, 'rw1'), 1e-6, $measure);
        }
        self::assertInstanceOf(NotApplicable::class, self::measure('window.above_ceiling', $home, 'rw1'));
    }

    public function test_it_lights_and_airs_its_room_and_takes_nothing_of_its_walls(): void
    {
        $with = self::home();
        $without = self::home([]);
        self::assertEqualsWithDelta(0.78, self::number('room.window_area', $with, 'r'), 1e-9);
        self::assertEqualsWithDelta(0.612, self::number('room.glass_area', $with, 'r'), 1e-9);
        self::assertGreaterThan(0.0, self::number('room.vent_area', $with, 'r'));
        self::assertSame(0.0, self::number('room.glass_area', $without, 'r'));
        self::assertSame(self::number('room.wall_area', $without, 'r'), self::number('room.wall_area', $with, 'r'));
        self::assertSame(0.0, self::number('room.glass_area', self::home(['status' => 'removed']), 'r'));
    }

    /** @return iterable<string, array{Motion}> */
    public static function motions(): iterable
    {
        yield 'moved' => [Motion::by(new Point(3000, -700))];
        foreach ([30, 90, 180, 271] as $degrees) {
            yield "turned by {$degrees} degrees" => [Motion::turned(new Point(100, 200), $degrees)];
        }
        yield 'mirrored' => [Motion::mirrored(new Segment(new Point(0, 0), new Point(1, 2)))];
    }

    #[DataProvider('motions')]
    public function test_it_goes_with_its_home(Motion $motion): void
    {
        $before = self::home()->home();
        $after = new Home($before->layout->carried($motion));
        foreach (['window.clear_sill', 'window.glass_top', 'window.glass_area', 'window.clear_area'] as $name) {
            self::assertEqualsWithDelta(self::number($name, $before, 'rw1'), self::number($name, $after, 'rw1'), 0.01, $name);
        }
        $area = static fn(Home $home): float => $home->roofWindows[0]->roof?->outline()?->area() ?? 0.0;
        self::assertEqualsWithDelta($area($before), $area($after), 1.0);
    }

    public function test_under_a_level_ceiling_it_lies_level(): void
    {
        $home = self::home(ceiling: 2400)->home();
        self::assertSame([2400.0, 2400.0], [$home->roofWindows[0]->sill(), $home->roofWindows[0]->head()]);
        self::assertEqualsWithDelta(0.78, self::number('room.window_area', self::home(ceiling: 2400), 'r'), 1e-9);
    }

    public function test_what_nobody_said_is_missing_by_its_name(): void
    {
        $unsaid = self::home(ceiling: null)->with(['ceiling' => null]);
        self::assertUnknown(['r.ceiling or G.ceiling'], self::measure('window.clear_sill', $unsaid, 'rw1'));
        $sizeless = self::home(['width' => null, 'height' => null]);
        self::assertUnknown(['rw1.width', 'rw1.height'], self::measure('room.window_area', $sizeless, 'r'));
        $astray = self::home(['at' => [9000, 2000]]);
        self::assertUnknown(
            ['a room under rw1'],
            self::measure('window.clear_sill', $astray, 'rw1'),
        );
    }

    /** R310.2.2: the sill of an escape window is no higher than 44 in (1117.6 mm); the opening may lie in a roof. */
    public function test_one_may_escape_through_it_where_its_sill_is_low_enough(): void
    {
        foreach ([['at' => [100, 2000], 'verdict' => Verdict::Met], ['at' => [300, 2000], 'verdict' => Verdict::Violated]] as $case) {
            $home = self::home(['at' => $case['at'], 'width' => 900, 'height' => 1400, 'operation' => 'casement'])->home();
            $book = (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml');
            foreach ((new Examiner(Catalogue::standard()))->examine($home, [$book])->findings as $finding) {
                if ($finding->rule->id === 'escape') {
                    self::assertSame($case['verdict'], $finding->verdict(), (string) $finding->reason());
                }
            }
        }
    }

    /**
     * @param array<string, mixed>|list<never>|null $changes null: as it is; an empty list: no window
     * @param array<string, mixed>|int|null         $ceiling
     */
    private static function home(?array $changes = null, array|int|null $ceiling = self::ROOF): Sketch
    {
        $window = array_filter([...self::WINDOW, ...$changes ?? []], static fn(mixed $value): bool => $value !== null);
        $room = ['id' => 'r', 'name' => 'Loft', 'use' => 'bedroom', 'at' => [3000, 2000]];

        return Sketch::room(6000, 4000)->with([
            'rooms' => [$ceiling === null ? $room : [...$room, 'ceiling' => $ceiling]],
            ...($changes === [] ? [] : ['roof_windows' => [$window]]),
        ]);
    }
}
