<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Marks;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\RandomPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Elements are marked as the document says, else in reading order. */
final class MarksTest extends TestCase
{
    public function test_rooms_doors_and_windows_in_reading_order(): void
    {
        $layout = Sketch::room(6000, 3000)
            ->wall([2000, -100], [2000, 3100])
            ->use('h', 'hall', 1000, 1500)
            ->door('w5', 1500, 800, ['id' => 'inner'])
            ->door('w1', 3000, 900, ['id' => 'lower'])
            ->window('w3', 1000, 900, 1200, ['id' => 'right'])
            ->window('w3', 5000, 900, 1200, ['id' => 'left'])
            ->window('w2', 1000, 900, 1200, ['id' => 'below'])
            ->add('openings', ['id' => 'bare', 'kind' => 'gap', 'wall' => 'w5', 'at' => 500, 'width' => 600, 'height' => 2000])
            ->layout();
        self::assertMarks(['h' => '101', 'r' => '102', 'inner' => 'D1', 'lower' => 'D2', 'bare' => 'O1'], $layout);
        self::assertMarks(['left' => 'W1', 'right' => 'W2', 'below' => 'W3'], $layout);
        self::assertMarks(['w3' => 'W-101', 'w4' => 'W-102', 'w5' => 'W-103', 'w2' => 'W-104', 'w1' => 'W-105'], $layout);
    }

    /** What lies no more than 1 m lower is read in one row. */
    #[TestWith([999.9, 'right'])]
    #[TestWith([1000.0, 'right'])]
    #[TestWith([1000.1, 'left'])]
    public function test_rows(float $lower, string $second): void
    {
        $layout = Sketch::room(6000, 6000)
            ->fixture('right', 'chair', 4000, 3000, 90, 450, 450)
            ->fixture('left', 'chair', 1000, 3000 - $lower, 90, 450, 450)->layout();
        self::assertMarks([$second => 'CH2'], $layout);
    }

    /**
     * A storey whose floor lies more than 1 m below the datum is a basement; they are counted downwards.
     *
     * @param list<float|null> $elevations
     * @param list<string>     $numbers
     */
    #[TestWith([[0.0, 2700.0], ['101', '201']])]
    #[TestWith([[-1000.0, 1700.0], ['101', '201']])]
    #[TestWith([[-1000.1, 1700.0], ['B01', '101']])]
    #[TestWith([[-5400.0, -2700.0, 0.0, 2700.0], ['B201', 'B01', '101', '201']])]
    #[TestWith([[null, null], ['101', '201']])]
    public function test_rooms_are_numbered_by_storey(array $elevations, array $numbers): void
    {
        $storeys = [];
        foreach ($elevations as $number => $elevation) {
            $storeys[] = [
                'id' => "s{$number}", ...$elevation === null ? [] : ['elevation' => $elevation],
                'rooms' => [['id' => "r{$number}", 'use' => 'bedroom', 'at' => [0, 0]]],
            ];
        }
        $layout = self::layout(
            ['format' => 'heurema-layout', 'version' => 1, 'name' => 'Home', 'units' => 'metric', 'storeys' => $storeys],
        );
        self::assertSame($numbers, array_values((new Marks($layout))->all()));
    }

    public function test_what_the_document_says_goes_before_and_others_follow_the_highest_number(): void
    {
        $room = static fn(): Sketch => Sketch::room(9000, 3000);
        $layout = $room()
            ->window('w3', 8000, 900, 1200, ['id' => 'a'])
            ->window('w3', 5000, 900, 1200, ['id' => 'b', 'mark' => 'w4'])
            ->window('w3', 2000, 900, 1200, ['id' => 'c', 'mark' => 'Bay'])
            ->window('w1', 2000, 900, 1200, ['id' => 'd'])->layout();
        self::assertMarks(['a' => 'W5', 'b' => 'w4', 'c' => 'Bay', 'd' => 'W6'], $layout);
        // what is known of before is kept where it is free, whatever the reading order
        $known = new Marks($layout, ['a' => 'W9', 'd' => 'bay', 'nobody' => 'W20']);
        self::assertSame(['W9', 'W10'], [$known->of('a'), $known->of('d')]);
        self::assertSame('', $known->of('nobody'));
    }

    /** A number of a series that an element of another kind carries is not given a second time. */
    public function test_marks_that_are_taken_are_passed_over(): void
    {
        $layout = Sketch::room(9000, 3000)
            ->window('w3', 8000, 900, 1200, ['id' => 'a', 'mark' => 'd1'])
            ->door('w3', 2000, 900, ['id' => 'b'])->layout();
        self::assertMarks(['a' => 'd1', 'b' => 'D2'], $layout);
    }

    /** @return iterable<string, array{Layout}> */
    public static function homes(): iterable
    {
        foreach ((array) glob(dirname(__DIR__, 3).'/database/demo/*.json') as $file) {
            yield basename((string) $file, '.json') => [(new LayoutReader())->read((string) file_get_contents((string) $file))];
        }
        foreach (range(1, 40) as $seed) {
            yield "generated from {$seed}" => [self::layout(RandomPlan::document($seed, 3 + $seed % 9))];
        }
        yield 'nothing drawn' => [self::layout([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Home', 'units' => 'metric', 'storeys' => [['id' => 'G']],
        ])];
    }

    #[DataProvider('homes')]
    public function test_everything_has_a_mark_of_its_own(Layout $layout): void
    {
        $marks = (new Marks($layout))->all();
        $taken = [];
        foreach (self::elements($layout) as $element) {
            $mark = $marks[$element->id()] ?? null;
            self::assertSame($element->isMarked(), $mark !== null, $element->name());
            if ($mark !== null) {
                self::assertMatchesRegularExpression('/^[A-Z]{0,2}-?(B?\d?)\d{1,4}$/', $mark);
                self::assertSame($element->id(), $taken["{$element::list()->value} {$mark}"] ??= $element->id());
            }
        }
        self::assertCount(count($marks), $taken);
    }

    /** Moved as a whole it is marked as before; saying all of its marks changes none, whichever way it is turned then. */
    #[DataProvider('homes')]
    public function test_marks_stay(Layout $layout): void
    {
        $marks = (new Marks($layout))->all();
        $moved = self::layout(Redrawn::of($layout->toArray())->moved(-12_345.6, 7_891.2)->document());
        self::assertSame($marks, (new Marks($moved))->all());
        $said = self::said($layout, $marks);
        self::assertEquals($marks, (new Marks($said))->all());
        $turned = self::layout(Redrawn::of($said->toArray())->turned(90.0, 0.0001)->mirrored()->document());
        self::assertEquals($marks, (new Marks($turned))->all());
    }

    public function test_every_kind_has_letters_of_its_own(): void
    {
        $kinds = [];
        foreach ([...FixtureKind::cases(), ...OpeningKind::cases()] as $kind) {
            $kinds[$kind->letters()][] = $kind;
        }
        $shared = array_filter($kinds, static fn(array $alike): bool => count($alike) > 1);
        self::assertSame(['B', 'K', 'WT'], array_values(array_intersect(['B', 'K', 'WT'], array_keys($shared))));
        self::assertCount(3, $shared);
        self::assertSame([], array_intersect(array_keys($kinds), ['RW', 'ST', 'RA', 'FO', 'SP', 'G']));
    }

    #[TestWith(['', false])]
    #[TestWith([' D1', false])]
    #[TestWith(["D\n1", false])]
    #[TestWith(["D\u{202E}1", false])]
    #[TestWith(['1234567890123456', true])]
    #[TestWith(['12345678901234567', false])]
    #[TestWith(['Tür 1/a', true])]
    #[TestWith([12, false])]
    public function test_what_a_mark_may_be(mixed $mark, bool $isRead): void
    {
        try {
            $layout = Sketch::room(4000, 3000)->window('w1', 2000, 900, 1200, ['mark' => $mark])->layout();
            self::assertTrue($isRead);
            self::assertMarks(['n' => $mark], $layout);
        } catch (UnreadableLayout $e) {
            self::assertFalse($isRead);
            self::assertStringStartsWith('/storeys/0/openings/0/mark', $e->getMessage());
        }
    }

    public function test_two_of_one_list_have_different_marks_on_whatever_storey(): void
    {
        $room = Sketch::room(9000, 3000)->fixture('f', 'bed', 2000, 2000, 90, 900, 1900, ['mark' => 'A'])
            ->window('w3', 2000, 900, 1200, ['id' => 'c', 'mark' => 'A']);
        self::assertMarks(['f' => 'A', 'c' => 'A'], $room->layout());
        $this->expectException(UnreadableLayout::class);
        $this->expectExceptionMessage('"a" is already at /storeys/0/openings/0/mark');
        $room->door('w1', 2000, 900, ['mark' => 'a'])->layout();
    }

    public function test_copies_have_no_mark(): void
    {
        $fixture = new Fixture('f', FixtureKind::Bed, new Point(0, 0), 90.0, mark: 'A');
        self::assertNull($fixture->copied('g')->mark());
        self::assertSame('A', $fixture->carried(Motion::by(new Point(1, 1)))->mark());
        $layout = Sketch::room(9000, 3000)->window('w3', 2000, 900, 1200, ['mark' => 'Bay'])->layout();
        self::assertMarks(['n' => 'Bay'], (new Editor())->apply($layout, new Move(['n'], new Point(100, 0)))->layout);
    }

    /** @param array<string> $marks */
    private static function said(Layout $layout, array $marks): Layout
    {
        $draft = new Draft($layout);
        foreach (array_filter(self::elements($layout), static fn(Element $element): bool => $element->isMarked()) as $element) {
            $draft->replace($element->withMark($marks[$element->id()]));
        }

        return $draft->layout();
    }

    /** @param array<mixed> $document */
    private static function layout(array $document): Layout
    {
        return (new LayoutReader())->read(json_encode($document, JSON_THROW_ON_ERROR));
    }

    /** @return list<Element> */
    private static function elements(Layout $layout): array
    {
        $elements = array_map(static fn(ElementList $list): array => $layout->elements($list), ElementList::ofDocument());
        foreach ($layout->storeys as $storey) {
            array_push($elements, ...array_map(static fn(ElementList $list): array => $storey->elements($list), ElementList::ofStorey()));
        }

        return array_merge(...$elements);
    }

    /** @param array<string, mixed> $marks */
    private static function assertMarks(array $marks, Layout $layout): void
    {
        $all = (new Marks($layout))->all();
        foreach ($marks as $id => $mark) {
            self::assertSame($mark, $all[$id] ?? null, $id);
        }
    }
}
