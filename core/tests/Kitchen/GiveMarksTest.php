<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\EditWithMarks;
use Heurema\Kitchen\GiveMarks;
use Heurema\Kitchen\KitchenSchedule;
use Heurema\Kitchen\NumberAnew;
use Heurema\Kitchen\ScheduledUnit;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Edit\TakeOver;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Marks;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Marks are written into the document once, and stay with their elements whatever is drawn after. */
final class GiveMarksTest extends TestCase
{
    /** @return iterable<string, array{Layout}> */
    public static function homes(): iterable
    {
        foreach ((array) glob(dirname(__DIR__, 3).'/database/demo/*.json') as $file) {
            yield basename((string) $file, '.json') => [(new LayoutReader())->read((string) file_get_contents((string) $file))];
        }
    }

    #[DataProvider('homes')]
    public function test_everything_is_marked_and_nothing_else_changes(Layout $layout): void
    {
        $marked = GiveMarks::to($layout);
        foreach (self::elements($marked) as $element) {
            self::assertSame($element->isMarked(), $element->mark() !== null, $element->name());
        }
        self::assertEquals($marked, GiveMarks::to($marked), 'what is marked is left alone');
        $bare = array_map(
            static fn(Element $element): array => array_diff_key($element->toArray(), ['mark' => 0]),
            self::elements($marked),
        );
        self::assertEquals(array_map(static fn(Element $element): array => $element->toArray(), self::elements($layout)), $bare);
    }

    /** Units of every kitchen of the demonstration are numbered as their schedule lists them. */
    #[DataProvider('homes')]
    public function test_units_run_by_run(Layout $layout): void
    {
        $home = new Home(GiveMarks::to($layout));
        $numbers = [];
        foreach ($home->rooms as $room) {
            array_push($numbers, ...array_map(
                static fn(ScheduledUnit $unit): int => (int) substr($unit->mark, 1),
                KitchenSchedule::of($room, $home)->units,
            ));
        }
        $sorted = $numbers;
        sort($sorted);
        self::assertSame($sorted, $numbers);
    }

    /** Whatever is removed, drawn and changed: what stays keeps its mark, and undone everything is as it was. */
    #[DataProvider('homes')]
    public function test_marks_stay_with_their_elements(Layout $layout): void
    {
        mt_srand(2026);
        $editor = new Editor();
        foreach (range(1, 12) as $step) {
            $before = (new Marks($layout))->all();
            try {
                $edited = $editor->apply($layout, new EditWithMarks(self::anyEdit($layout, $step), $layout));
            } catch (RefusedEdit) {
                continue;
            }
            $after = (new Marks($edited->layout))->all();
            self::assertEquals(array_intersect_key($before, $after), array_intersect_key($after, $before));
            self::assertEquals($layout->toArray(), $editor->apply($edited->layout, $edited->patch->reversed())->layout->toArray());
            foreach (self::elements($edited->layout) as $element) {
                self::assertSame($element->isMarked(), $element->mark() !== null, $element->name());
            }
            $layout = $edited->layout;
        }
    }

    public function test_a_number_that_was_given_last_is_not_used_for_what_is_drawn_before_it(): void
    {
        $layout = GiveMarks::to(Sketch::room(9000, 3000)
            ->window('w3', 5000, 900, 1200, ['id' => 'a'])->window('w3', 2000, 900, 1200, ['id' => 'b'])->layout());
        $window = ['id' => 'c', 'kind' => 'window', 'wall' => 'w3', 'at' => 8000.0, 'width' => 900.0];
        $edited = self::edited($layout, Add::of('G', ElementList::Openings, $window));
        self::assertSame(['W1', 'W2', 'W3'], [$edited->of('a'), $edited->of('b'), $edited->of('c')]);
        $removed = (new Editor())->apply($layout, new Remove(['a']))->layout;
        self::assertSame('W3', self::edited($removed, Add::of('G', ElementList::Openings, $window))->of('c'));
    }

    /** A home as a file brings it, without marks: what both have keeps its own. */
    public function test_what_is_taken_over_from_a_file_keeps_its_marks(): void
    {
        $drawn = static fn(): Sketch => Sketch::room(9000, 3000)->window('w3', 2000, 900, 1200, ['id' => 'b']);
        $layout = GiveMarks::to($drawn()->window('w1', 2000, 900, 1200, ['id' => 'a'])->layout());
        $layout = (new Editor())->apply($layout, new ChangeValues('a', ['mark' => 'Bay']))->layout;
        $file = $drawn()->window('w3', 8000, 900, 1200, ['id' => 'c'])->door('w1', 2000, 900, ['id' => 'a'])->layout();
        $marks = self::edited($layout, new TakeOver($file));
        // what became a door is numbered among doors
        self::assertSame(['D1', 'W1', 'W2'], [$marks->of('a'), $marks->of('b'), $marks->of('c')]);
        $same = $drawn()->window('w1', 3000, 900, 1200, ['id' => 'a'])->layout();
        self::assertSame('Bay', self::edited($layout, new TakeOver($same))->of('a'));
    }

    /** Numbered anew a home is marked as if it had just been drawn; what somebody thought of stays. */
    #[DataProvider('homes')]
    public function test_numbered_anew(Layout $layout): void
    {
        $marked = GiveMarks::to($layout);
        $window = array_values(array_filter(self::elements($marked), static fn(Element $one): bool => $one->mark() === 'W1'))[0];
        $fixture = ['id' => 'new', 'kind' => 'chair', 'at' => [-1e4, 1e5], 'facing' => 90.0];
        $add = Add::of($marked->storeys[0]->id, ElementList::Fixtures, $fixture);
        $drawn = (new Editor())->apply($marked, new EditWithMarks($add, $marked));
        $named = (new Editor())->apply($drawn->layout, new ChangeValues($window->id(), ['mark' => 'Bay']))->layout;
        $marks = new Marks((new Editor())->apply($named, new NumberAnew())->layout);
        self::assertSame(['Bay', 'CH1'], [$marks->of($window->id()), $marks->of('new')]);
        $unsaid = (new Editor())->apply($layout, new EditWithMarks(new NumberAnew(), $layout))->layout;
        self::assertEquals($marked, $unsaid, 'what says no marks gets those of a home that is handed in');
        $this->expectException(RefusedEdit::class);
        (new Editor())->apply($marked, new NumberAnew());
    }

    public function test_what_changes_nothing_gives_no_marks(): void
    {
        $layout = Sketch::room(9000, 3000)->layout();
        $edited = (new Editor())->apply($layout, new EditWithMarks(new ChangeValues('w1', ['thickness' => 200.0]), $layout));
        self::assertSame([], $edited->patch->changes);
    }

    private static function edited(Layout $layout, Edit $edit): Marks
    {
        $after = (new Editor())->apply($layout, new EditWithMarks($edit, $layout))->layout;
        self::assertSame([], array_filter(
            self::elements($after),
            static fn(Element $element): bool => $element->isMarked() && $element->mark() === null,
        ));

        return new Marks($after);
    }

    private static function anyEdit(Layout $layout, int $step): Edit
    {
        $elements = array_values(array_filter(
            self::elements($layout),
            static fn(Element $element): bool => in_array($element::list(), [
                ElementList::Openings, ElementList::Fixtures, ElementList::Walls, ElementList::Rooms,
            ], true),
        ));
        $any = $elements[mt_rand(0, count($elements) - 1)];
        $storey = $layout->storeys[mt_rand(0, count($layout->storeys) - 1)]->id;
        $at = new Point(mt_rand(0, 9000), mt_rand(0, 9000));

        return match ($step % 3) {
            0 => new Remove([$any->id()]),
            1 => Add::of($storey, ElementList::Fixtures, [
                'id' => "new{$step}", 'kind' => ['bed', 'base_cabinet', 'column'][mt_rand(0, 2)], 'at' => $at->toArray(), 'facing' => 90.0,
                'width' => 600.0, 'depth' => 600.0,
            ]),
            default => new Add($storey, new Wall("new{$step}", $at, $at->plus(new Point(700, 300)), 100.0, WallType::Interior)),
        };
    }

    /** @return list<Element> */
    private static function elements(Layout $layout): array
    {
        $elements = array_map(
            static fn(ElementList $list): array => $list === ElementList::Storeys ? [] : $layout->elements($list),
            ElementList::ofDocument(),
        );
        foreach ($layout->storeys as $storey) {
            array_push($elements, ...array_map(static fn(ElementList $list): array => $storey->elements($list), ElementList::ofStorey()));
        }

        return array_merge(...$elements);
    }
}
