<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Carried;
use Heurema\Drafting\LineUp;
use Heurema\Drafting\Selection;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SelectionTest extends TestCase
{
    /** @return iterable<string, array{Motion}> */
    public static function motions(): iterable
    {
        yield 'moved' => [Motion::by(new Point(1234.5, -88.1))];
        yield 'turned a quarter' => [Motion::turned(new Point(3000, 2000), 90)];
        yield 'turned askew' => [Motion::turned(new Point(-500, 40), 33.3)];
        yield 'mirrored upright' => [Motion::mirrored(new Segment(new Point(2500, 0), new Point(2500, 100)))];
        yield 'mirrored across' => [Motion::mirrored(new Segment(new Point(0, 700), new Point(5, 700)))];
        yield 'mirrored aslant' => [Motion::mirrored(new Segment(new Point(100, 200), new Point(900, 1500)))];
    }

    /** A whole storey carried is the same home: the same rooms, sizes, swings and findings. */
    #[DataProvider('motions')]
    public function test_a_storey_that_is_carried_is_the_same_home(Motion $motion): void
    {
        $books = array_map(
            static fn(string $id) => (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__."/../../rulebooks/{$id}.yaml"),
            ['us-irc-2021', 'drawing', 'us-access'],
        );
        foreach ([3, 8] as $seed) {
            $layout = (new LayoutReader())->read(json_encode(FurnishedPlan::document($seed, 5), JSON_THROW_ON_ERROR));
            $ids = [...array_column($layout->storeys[0]->walls, 'id'), ...array_column($layout->storeys[0]->fixtures, 'id')];
            $carried = self::done($layout, new Carried($ids, $motion, 'Carried'));
            $verdicts = static fn(Layout $one): array => array_count_values(array_map(
                static fn(Finding $finding): string => "{$finding->ruleName()} {$finding->subject->id()} {$finding->verdict()->value}",
                (new Examiner(Catalogue::standard()))->examine(new Home($one), $books)->findings,
            ));
            self::assertEquals($verdicts($layout), $verdicts($carried));
        }
    }

    #[DataProvider('motions')]
    public function test_a_motion_keeps_distances_and_done_backwards_undoes_itself(Motion $motion): void
    {
        [$a, $b] = [new Point(120, 777), new Point(-900, 33.3)];
        self::assertEqualsWithDelta($a->distanceTo($b), $motion->point($a)->distanceTo($motion->point($b)), 1e-3);
        $way = Point::towards($motion->direction(20.0));
        self::assertEqualsWithDelta(
            0.0,
            $motion->point($a)->plus($way->times(1000))->distanceTo($motion->point($a->plus(Point::towards(20.0)->times(1000)))),
            1e-2,
        );
        if ($motion->isMirrored()) {
            self::assertEqualsWithDelta($a->toArray(), $motion->point($motion->point($a))->toArray(), 1e-3);
        }
    }

    public function test_copies_take_openings_and_names_along_and_leave_the_first_alone(): void
    {
        $layout = Sketch::room(4000, 3000)
            ->door('w1', 1000, 800, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'])
            ->fixture('f', 'bed', 2000, 0, 90, 1500, 2000)
            ->layout();
        $walls = array_column($layout->storeys[0]->walls, 'id');
        $ids = Carried::together(new Draft($layout), [...$walls, 'f']);
        self::assertCount(4 + 1 + 1 + count($layout->storeys[0]->rooms), $ids);
        $copies = array_combine($ids, array_map(static fn(string $id): string => "{$id}-2", $ids));
        foreach ([Motion::by(new Point(5000, 0)), Motion::mirrored(new Segment(new Point(4500, 0), new Point(4500, 1)))] as $motion) {
            $home = new Home(self::done($layout, new Carried($ids, $motion, 'Copied', $copies)));
            self::assertCount(8, $home->layout->storeys[0]->walls);
            self::assertCount(2, array_filter($home->rooms, static fn($room): bool => $room->outline() !== null));
            self::assertSame($motion->isMirrored() ? 'right' : 'left', $home->openings[1]->opening->door?->opens?->value);
            self::assertSame($home->openings[0]->isToOutside(), $home->openings[1]->isToOutside());
        }
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage('goes with its wall');
        self::done($layout, new Carried(['d'], Motion::turned(new Point(0, 0), 90), 'Turned'));
    }

    public function test_things_are_lined_up_by_the_first_and_spaced_evenly(): void
    {
        $layout = Sketch::room(8000, 6000)
            ->fixture('a', 'chair', 1000, 1000, 90, 400, 500)
            ->fixture('b', 'table', 3000, 2000, 90, 1600, 900)
            ->fixture('c', 'chair', 6000, 500, 180, 400, 600)
            ->layout();
        $several = new Selection(new Home($layout), ['b', 'a', 'c']);
        $box = static fn(Layout $one, string $id) => self::fixture($one, $id);
        foreach (LineUp::cases() as $along) {
            $lined = self::done($layout, $several->lineUp($along));
            foreach (['a', 'c'] as $id) {
                self::assertEqualsWithDelta($along->of($box($layout, 'b')), $along->of($box($lined, $id)), 1e-3, "{$along->value} {$id}");
            }
            self::assertEquals($box($layout, 'b'), $box($lined, 'b'));
        }
        foreach ([true, false] as $sideways) {
            $spaced = self::done($layout, $several->space($sideways));
            $boxes = array_map(static fn(string $id) => $box($spaced, $id), ['a', 'b', 'c']);
            usort($boxes, static fn($one, $other): int => $sideways ? $one->left <=> $other->left : $one->bottom <=> $other->bottom);
            $gaps = $sideways
                ? [$boxes[1]->left - $boxes[0]->right, $boxes[2]->left - $boxes[1]->right]
                : [$boxes[1]->bottom - $boxes[0]->top, $boxes[2]->bottom - $boxes[1]->top];
            self::assertEqualsWithDelta($gaps[0], $gaps[1], 1e-3);
        }
    }

    public function test_too_few_are_refused(): void
    {
        $home = Sketch::room(8000, 6000)
            ->fixture('a', 'chair', 1000, 1000, 90, 400, 500)
            ->fixture('b', 'chair', 3000, 2000, 90, 400, 500)
            ->home();
        foreach ([
            static fn() => (new Selection($home, ['a']))->lineUp(LineUp::Left),
            static fn() => (new Selection($home, ['a', 'b']))->space(true),
            static fn() => (new Selection($home, ['x']))->middle(),
        ] as $try) {
            try {
                $try();
                self::fail('Not refused.');
            } catch (RefusedEdit $e) {
                self::assertStringContainsString('Choose', $e->getMessage());
            }
        }
    }

    private static function fixture(Layout $layout, string $id): \Heurema\Geometry\Box
    {
        foreach ((new Home($layout))->fixtures as $fixture) {
            if ($fixture->id() === $id && $fixture->bounds !== null) {
                return $fixture->bounds;
            }
        }
        self::fail("No {$id}.");
    }

    private static function done(Layout $layout, Edit $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }
}
