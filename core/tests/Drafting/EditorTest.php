<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EditReader;
use Heurema\Drafting\MoveWall;
use Heurema\Drafting\SetWallLength;
use Heurema\Geometry\Point;
use Heurema\Layout\Difference;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeDocument;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\CopyElements;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\JoinWalls;
use Heurema\Layout\Edit\Mirror;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\ParallelWall;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Edit\SetHeights;
use Heurema\Layout\Edit\SplitWall;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Spatial\Home;
use Heurema\Tests\RandomPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EditorTest extends TestCase
{
    /** @return iterable<string, array{Edit, list<string>}> an edit of the parted home, and the difference it makes in words */
    public static function edits(): iterable
    {
        yield 'add' => [
            Add::of(
                'G',
                ElementList::Fixtures,
                ['id' => 'bed1', 'kind' => 'bed', 'at' => [4000, 0], 'facing' => 90, 'width' => 900, 'depth' => 2000],
            ),
            ['Bed bed1: added.'],
        ];
        yield 'add in the middle' => [
            Add::of('G', ElementList::Notes, ['id' => 'x', 'at' => [1, 1], 'text' => 'hello'], 0),
            ['Note x: added.'],
        ];
        yield 'change' => [
            new ChangeValues('d', ['width' => 900, 'operation' => 'sliding', 'hinge' => null]),
            ['Door d: width 800 mm → 900 mm.', 'Door d: operation hinged → sliding.', 'Door d: hinge from → not said.'],
        ];
        yield 'rename' => [
            new ChangeDocument(['name' => 'Other', 'north' => 45]),
            ['The layout: name Test → Other.', 'The layout: north not said → 45.'],
        ];
        yield 'remove a wall with its openings' => [new Remove(['w5']), ['Wall w5: removed.', 'Door d: removed.']];
        yield 'move a fixture' => [new Move(['c'], new Point(100, -50)), ['Chair c: at 5000 mm, 1000 mm → 5100 mm, 950 mm.']];
        yield 'move a door along its wall' => [new Move(['d'], new Point(30, 200)), ['Door d: at 1500 mm → 1700 mm.']];
        yield 'heights' => [
            new SetHeights('G', 2600),
            ['Storey Ground: ceiling 2400 mm → 2600 mm.', 'Storey Upper: elevation 2650 mm → 2850 mm.'],
        ];
        yield 'heights of the floor above' => [new SetHeights('U', null, 300.0), ['Storey Upper: floor thickness not said → 300 mm.']];
        yield 'split' => [new SplitWall('w5', 2200, 'w9'), ['Wall w5: to 2500 mm, 3100 mm → 2500 mm, 2100 mm.', 'Wall w9: added.']];
        yield 'split before the door' => [
            new SplitWall('w5', 1000, 'w9'),
            ['Wall w5: to 2500 mm, 3100 mm → 2500 mm, 900 mm.', 'Door d: wall w5 → w9.', 'Door d: at 1500 mm → 500 mm.', 'Wall w9: added.'],
        ];
        yield 'longer, the wall that it meets goes along' => [
            new SetWallLength('w1', 5400),
            [
                'Wall w1: to 6100 mm, -100 mm → 5300 mm, -100 mm.',
                'Wall w2: from 6100 mm, -100 mm → 5300 mm, -100 mm.',
                'Wall w2: to 6100 mm, 3100 mm → 5300 mm, 3100 mm.',
                'Wall w3: from 6100 mm, 3100 mm → 5300 mm, 3100 mm.',
            ],
        ];
        yield 'another beside it' => [new ParallelWall('w5', 900, 'w9'), ['Wall w9: added.']];
        yield 'copied' => [new CopyElements(['c' => 'c2'], new Point(700, 0)), ['Chair c2: added.']];
        yield 'several' => [
            new EditGroup([new Remove(['c']), new ChangeValues('w5', ['thickness' => 120])], 'Cleared'),
            ['Wall w5: thickness 100 mm → 120 mm.', 'Chair c: removed.'],
        ];
    }

    /** @param list<string> $difference */
    #[DataProvider('edits')]
    public function test_does_what_it_says_and_undoes_it_to_the_byte(Edit $edit, array $difference): void
    {
        $before = self::home();
        $edited = self::editor()->apply($before, $edit);
        self::assertSame($difference, self::difference($before, $edited->layout));
        $undone = self::editor()->apply($edited->layout, $edited->patch->reversed());
        self::assertSame(self::written($before), self::written($undone->layout));
        $redone = self::editor()->apply($undone->layout, $undone->patch->reversed());
        self::assertSame(self::written($edited->layout), self::written($redone->layout));
    }

    public function test_a_wall_is_moved_with_what_meets_it(): void
    {
        // the right outer wall goes out by 500: the two walls that it ends on are drawn out, the rooms' areas follow
        $layout = self::editor()->apply(self::home(), new MoveWall('w2', -500))->layout;
        $home = new Home($layout);
        self::assertEqualsWithDelta((3.45 + 0.5) * 3.0, ($home->plans['G']->rooms['r']->outline()?->area() ?? 0) / 1e6, 1e-6);
        self::assertSame([6600.0, -100.0], $layout->storeys[0]->wall('w1')?->to->toArray());
        self::assertSame([6600.0, 3100.0], $layout->storeys[0]->wall('w3')?->from->toArray());
    }

    public function test_a_dragged_wall_takes_what_of_the_movement_runs_across_it(): void
    {
        $dragged = self::editor()->apply(self::home(), new MoveWall('w2', new Point(500, 777)))->layout;
        self::assertSame(self::written(self::editor()->apply(self::home(), new MoveWall('w2', -500))->layout), self::written($dragged));
        $along = self::editor()->apply(self::home(), new MoveWall('w2', new Point(0, 777)))->layout;
        self::assertSame(self::written(self::home()), self::written($along));
    }

    public function test_openings_of_walls_that_are_drawn_out_stay_where_they_are(): void
    {
        // the left outer wall goes out by 300, so the wall with the window starts 300 earlier
        $layout = self::editor()->apply(self::home(), new MoveWall('w4', -300))->layout;
        [, $window] = $layout->storeys[0]->openings;
        self::assertSame(1800.0, $window->at);
        self::assertSame([-400.0, -100.0], $layout->storeys[0]->wall('w1')?->from->toArray());
    }

    public function test_a_partition_stays_between_the_walls_that_it_meets(): void
    {
        $layout = self::editor()->apply(self::home(), new MoveWall('w5', 250))->layout;
        $home = new Home($layout);
        self::assertEqualsWithDelta(2.2 * 3.0, ($home->plans['G']->rooms['b']->outline()?->area() ?? 0) / 1e6, 1e-6);
        self::assertSame([2250.0, -100.0], $layout->storeys[0]->wall('w5')?->from->toArray());
    }

    public function test_split_and_join_give_back_the_same_rooms(): void
    {
        $split = self::editor()->apply(self::home(), new SplitWall('w1', 3000, 'w9'))->layout;
        $joined = self::editor()->apply($split, new JoinWalls('w1', 'w9'))->layout;
        self::assertSame([], self::difference(self::home(), $joined));
        $turned = self::editor()->apply($split, new ChangeValues('w9', ['from' => [6100, -100], 'to' => [2900, -100]]))->layout;
        self::assertSame(
            [6100.0, -100.0],
            self::editor()->apply($turned, new JoinWalls('w1', 'w9'))->layout->storeys[0]->wall('w1')?->to->toArray(),
        );
    }

    /** @return iterable<string, array{Edit, string}> */
    public static function refused(): iterable
    {
        yield 'an id that nothing has' => [new ChangeValues('nobody', ['width' => 1]), 'Nothing has the id "nobody"'];
        yield 'another id' => [new ChangeValues('d', ['id' => 'e']), 'An id stays'];
        yield 'a value that no document may hold' => [new ChangeValues('d', ['width' => -1]), '/storeys/0/openings/0/width'];
        yield 'a key that no document has' => [new ChangeValues('d', ['colour' => 'red']), 'unknown key'];
        yield 'an opening off its wall' => [new Move(['d'], new Point(0, 5000)), 'lies on its wall'];
        yield 'an id that is taken' => [Add::of('G', ElementList::Notes, ['id' => 'd', 'at' => [0, 0], 'text' => '']), 'an id of its own'];
        yield 'a storey that does not exist' => [
            Add::of('X', ElementList::Notes, ['id' => 'x', 'at' => [0, 0], 'text' => '']),
            'no list "notes" on storey "X"',
        ];
        yield 'a field that the layout does not have' => [new ChangeDocument(['version' => 2]), 'Expected one of name'];
        yield 'a storey that is not empty' => [new Remove(['G']), 'is not empty'];
        yield 'a locked fixture moved' => [new Move(['k'], new Point(1, 0)), 'locked'];
        yield 'a locked fixture changed in place' => [new ChangeValues('k', ['at' => [0, 0]]), 'locked'];
        yield 'a split at the end' => [new SplitWall('w5', 0, 'w9'), 'between its ends'];
        yield 'a split through a door' => [new SplitWall('w5', 1500, 'w9'), 'across the split'];
        yield 'a split of a door' => [new SplitWall('d', 100, 'w9'), 'no wall'];
        yield 'walls around a corner joined' => [new JoinWalls('w1', 'w2'), 'in one line'];
        yield 'walls of different thickness joined' => [new JoinWalls('w1', 'w5'), 'stay two'];
        yield 'all or nothing' => [new EditGroup([new Remove(['c']), new Remove(['c'])], 'Twice'), 'Nothing has the id "c"'];
    }

    #[DataProvider('refused')]
    public function test_refuses_and_leaves_the_layout_alone(Edit $edit, string $message): void
    {
        $layout = self::home();
        $before = self::written($layout);
        try {
            self::editor()->apply($layout, $edit);
            self::fail('It was made.');
        } catch (RefusedEdit $e) {
            self::assertStringContainsString($message, $e->getMessage());
        }
        self::assertSame($before, self::written($layout));
    }

    public function test_undoing_what_was_changed_since_is_refused(): void
    {
        $edited = self::editor()->apply(self::home(), new ChangeValues('d', ['width' => 900]));
        $later = self::editor()->apply($edited->layout, new ChangeValues('d', ['width' => 950]))->layout;
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage('changed since');
        self::editor()->apply($later, $edited->patch->reversed());
    }

    /** Seeds 1 to 60: a chain of random edits on a random plan, all undone again. */
    public function test_any_chain_of_edits_can_be_undone_to_the_byte(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $layout = (new LayoutReader())->read(json_encode(RandomPlan::document($seed, 6), JSON_THROW_ON_ERROR));
            $before = self::written($layout);
            $patches = [];
            for ($step = 0; $step < 8; ++$step) {
                $wall = 'w'.mt_rand(0, count($layout->storeys[0]->walls) - 1);
                $edit = match (mt_rand(0, 4)) {
                    0 => new MoveWall($wall, mt_rand(-3000, 3000) / 10),
                    1 => new Move(['r0', $wall], new Point(mt_rand(-999, 999) / 7, mt_rand(-999, 999) / 7)),
                    2 => new ChangeValues($wall, ['thickness' => mt_rand(50, 300), 'height' => 2000]),
                    3 => new SplitWall($wall, mt_rand(100, 1500), "s{$step}"),
                    default => new Remove([$wall]),
                };
                try {
                    $edited = self::editor()->apply($layout, $edit);
                    $patches[] = $edited->patch;
                    $layout = $edited->layout;
                } catch (RefusedEdit) {
                    continue;
                }
            }
            foreach (array_reverse($patches) as $patch) {
                $layout = self::editor()->apply($layout, $patch->reversed())->layout;
            }
            self::assertSame($before, self::written($layout), "seed {$seed}");
        }
    }

    public function test_edits_are_read_as_they_are_sent(): void
    {
        $reader = new EditReader();
        $layout = self::home();
        foreach ([
            '{"edit": "add", "storey": "G", "list": "notes", "values": {"id": "x", "at": [1, 2], "text": "hi"}}' => ['Note x: added.'],
            '{"edit": "change", "id": "d", "values": {"hinge": null}}' => ['Door d: hinge from → not said.'],
            '{"edit": "document", "values": {"name": "Other"}}' => ['The layout: name Test → Other.'],
            '{"edit": "remove", "ids": ["c"]}' => ['Chair c: removed.'],
            '{"edit": "move", "ids": ["c"], "by": [10, 0]}' => ['Chair c: at 5000 mm, 1000 mm → 5010 mm, 1000 mm.'],
            '{"edit": "move_wall", "id": "w5", "by": [0, 40]}' => [],
            '{"edit": "heights", "storey": "U", "ceiling": 2500}' => ['Storey Upper: ceiling 2400 mm → 2500 mm.'],
            '{"edit": "together", "words": "Both", "edits": [{"edit": "remove", "ids": ["c"]}]}' => ['Chair c: removed.'],
        ] as $json => $words) {
            self::assertSame($words, self::difference($layout, self::editor()->apply($layout, $reader->read($json))->layout));
        }
    }

    public function test_edits_that_make_no_sense_are_refused_with_the_place(): void
    {
        foreach ([
            '{"edit": "fly"}' => '/edit: expected one of add',
            '{}' => '/edit: missing',
            'x' => 'expected JSON',
            '{"edit": "move", "ids": ["c"], "by": [1]}' => '/by: expected two values',
            '{"edit": "remove", "ids": ["a b"]}' => '/ids/0: expected an id',
            '{"edit": "remove", "ids": ["c"], "more": 1}' => '/more: unknown key',
            '{"edit": "together", "words": "x", "edits": [{"edit": "fly"}]}' => '/edits/0/edit: expected one of',
        ] as $json => $message) {
            try {
                (new EditReader())->read($json);
                self::fail($json);
            } catch (UnreadableLayout $e) {
                self::assertStringContainsString($message, $e->getMessage());
            }
        }
    }

    public function test_an_offset_is_clear_between_faces(): void
    {
        $layout = self::editor()->apply(self::home(), new ParallelWall('w5', -900, 'w9'))->layout;
        $walls = array_column($layout->storeys[0]->walls, null, 'id');
        // 100 thick each: 900 clear is 1000 from middle to middle, to the right of a wall drawn upwards or downwards
        self::assertEqualsWithDelta(1000.0, abs($walls['w5']->line()->leftOf($walls['w9']->from)), 1e-6);
        self::assertLessThan(0, $walls['w5']->line()->leftOf($walls['w9']->from));
    }

    public function test_a_loose_end_goes_by_itself_and_openings_stay_where_they_are(): void
    {
        $layout = Sketch::room(5000, 3000)->wall([1000, 1000], [3000, 1000])->door('w5', 800, 700)->layout();
        $door = static fn(Layout $layout): Point => $layout->storeys[0]->walls[4]->line()->at($layout->storeys[0]->openings[0]->at);
        $longer = self::editor()->apply($layout, new SetWallLength('w5', 2500, 'from'))->layout;
        self::assertEqualsWithDelta([500.0, 1000.0], $longer->storeys[0]->walls[4]->from->toArray(), 1e-6);
        self::assertEqualsWithDelta($door($layout)->toArray(), $door($longer)->toArray(), 1e-6);
        $shorter = self::editor()->apply($layout, new SetWallLength('w5', 1500))->layout;
        self::assertEqualsWithDelta([2500.0, 1000.0], $shorter->storeys[0]->walls[4]->to->toArray(), 1e-6);
    }

    public function test_a_copied_wall_takes_the_openings_that_are_named_along(): void
    {
        $layout = self::editor()->apply(self::home(), new CopyElements(['w5' => 'w9', 'd' => 'd9'], new Point(600, 0)))->layout;
        $openings = array_column($layout->storeys[0]->openings, null, 'id');
        self::assertSame('w9', $openings['d9']->wall);
        self::assertSame($openings['d']->at, $openings['d9']->at);
        $this->expectException(RefusedEdit::class);
        self::editor()->apply(self::home(), new CopyElements(['d' => 'd9'], new Point(600, 0)));
    }

    public function test_a_thing_with_an_outline_of_its_own_is_mirrored(): void
    {
        $outline = [[-300, 0], [300, 0], [300, 400], [0, 600], [-300, 600]];
        $layout = Sketch::room(5000, 3000)->fixture('k', 'island', 2000, 1000, 90, 600, 600, ['outline' => $outline])->layout();
        $mirrored = self::editor()->apply($layout, new Mirror('k'))->layout->storeys[0]->fixtures[0]->outline ?? [];
        self::assertEqualsWithDelta(
            [[300, 600], [0, 600], [-300, 400], [-300, 0], [300, 0]],
            array_map(static fn(Point $point): array => $point->toArray(), $mirrored),
            1e-9,
        );
        $this->expectException(RefusedEdit::class);
        self::editor()->apply(self::home(), new Mirror('c'));
    }

    /** 6000 x 3000 clear, parted at x = 2500 by w5 with a door, a window in w1, a chair, a locked column, a storey above. */
    private static function home(): Layout
    {
        return Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100])->use('b', 'study', 500, 500)
            ->door('w5', 1500, 800, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'])->window('w1', 1500, 900, 1200)
            ->fixture('c', 'chair', 5000, 1000, 90, 450, 450)->fixture('k', 'column', 5500, 2500, 90, 200, 200, ['locked' => true])
            ->stair(['parts' => [['flight' => ['risers' => 14, 'tread' => 250]]]])->layout();
    }

    private static function editor(): Editor
    {
        return new Editor();
    }

    /** @return list<string> with the ids of what changed */
    private static function difference(Layout $before, Layout $after): array
    {
        return (new Difference($before, $after, static function (string $id) use ($before, $after): ?string {
            try {
                $found = (new Draft($before))->find($id);
            } catch (RefusedEdit) {
                $found = (new Draft($after))->find($id);
            }

            return $found->list === ElementList::Storeys ? null : $found->name();
        }))->words();
    }

    private static function written(Layout $layout): string
    {
        return (new LayoutWriter())->write($layout);
    }
}
