<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Carried;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A home carried as a whole, moved, turned or mirrored, is the same home: every measure of it comes to the same. */
final class CarriedTest extends TestCase
{
    /** What is asked for a width that is not asked here. */
    private const OF_A_WIDTH = ['door.box_beyond_swing', 'room.clear_box'];

    /** A gap belongs to the unit at its left: mirrored, to the other one (`KitchenRunsTest`). */
    private const AT_THE_LEFT = ['fixture.run_gap'];

    /** @return iterable<string, array{Layout, Motion}> */
    public static function carried(): iterable
    {
        $homes = ['everything' => dirname(__DIR__).'/Layout/versions/1.json'];
        foreach (['orchard-terrace', 'lantern-row', 'weir-cabin'] as $name) {
            $homes[$name] = dirname(__DIR__, 3)."/database/demo/{$name}.json";
        }
        $axis = new Segment(new Point(1000, -300), new Point(1000 + cos(0.7), -300 + sin(0.7)));
        foreach ($homes as $name => $file) {
            $layout = (new LayoutReader())->read((string) file_get_contents($file));
            yield "{$name} moved" => [$layout, Motion::by(new Point(1234.5, -987.5))];
            yield "{$name} turned by a quarter" => [$layout, Motion::turned(new Point(500, 700), 90)];
            yield "{$name} mirrored" => [$layout, Motion::mirrored(new Segment(new Point(3000, 0), new Point(3000, 1)))];
            yield "{$name} mirrored about an oblique line" => [$layout, Motion::mirrored($axis)];
        }
    }

    #[DataProvider('carried')]
    public function test_every_measure_comes_to_the_same(Layout $layout, Motion $motion): void
    {
        $layout = self::unlocked($layout);
        $carried = (new Editor())->apply($layout, new Carried(self::ids($layout), $motion, 'all of it'))->layout;
        $before = self::numbers(new Home($layout));
        $after = self::numbers(new Home($carried));
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($before as $name => $number) {
            self::assertEqualsWithDelta($number, $after[$name], max(0.1, abs($number) * 1e-4), $name);
        }
    }

    /** @return array<string, float> by measure and subject */
    private static function numbers(Home $home): array
    {
        $numbers = [];
        foreach (Catalogue::standard()->all() as $measure) {
            $isAsked = !in_array($measure->name(), [...self::OF_A_WIDTH, ...self::AT_THE_LEFT], true);
            foreach (!$isAsked ? [] : $home->subjects($measure->subject()) as $subject) {
                $found = $measure->of($subject, $home, new Parameters());
                if ($found instanceof Measured && $found->value instanceof Amount) {
                    $numbers["{$measure->name()} of {$subject->id()}"] = $found->value->number;
                }
            }
        }

        ksort($numbers);

        return $numbers;
    }

    /** @return list<string> */
    private static function ids(Layout $layout): array
    {
        $id = static fn(Element $element): string => $element->id();
        $ids = [];
        foreach (ElementList::ofDocument() as $list) {
            array_push($ids, ...($list === ElementList::Storeys ? [] : array_map($id, $layout->elements($list))));
        }
        foreach ($layout->storeys as $storey) {
            foreach (ElementList::ofStorey() as $list) {
                // blocks run along the sheet
                array_push($ids, ...($list === ElementList::Blocks ? [] : array_map($id, $storey->elements($list))));
            }
        }

        return $ids;
    }

    /** What is locked stays. */
    private static function unlocked(Layout $layout): Layout
    {
        return (new LayoutReader())->read(str_replace(['"locked":true,', ',"locked":true'], '', (string) json_encode($layout->toArray())));
    }
}
