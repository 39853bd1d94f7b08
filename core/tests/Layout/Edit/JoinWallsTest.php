<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout\Edit;

use Heurema\Drafting\DrawnDimensions;
use Heurema\Drafting\MeasuredPlaces;
use Heurema\Drafting\ShownDimension;
use Heurema\Geometry\Point;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\JoinWalls;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\MeasuredPlace;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two walls in one line, whichever way each was drawn: w1 from 0 to 3000 with a door d, w2 from 3000 to 5000 with a door e. */
final class JoinWallsTest extends TestCase
{
    /** @return iterable<string, array{bool, bool, bool}> whether w1 and w2 were drawn backwards, and whether the second stays */
    public static function directions(): iterable
    {
        foreach ([false, true] as $first) {
            foreach ([false, true] as $second) {
                foreach ([false, true] as $isSecondKept) {
                    yield implode(
                        ', ',
                        [$first ? 'w1 back' : 'w1 forth', $second ? 'w2 back' : 'w2 forth', $isSecondKept ? 'w2 stays' : 'w1 stays'],
                    ) => [$first, $second, $isSecondKept];
                }
            }
        }
    }

    #[DataProvider('directions')]
    public function test_leaves_hang_where_they_did(bool $isFirstBack, bool $isSecondBack, bool $isSecondKept): void
    {
        $layout = self::layout($isFirstBack, $isSecondBack);
        $joined = self::joined($layout, $isSecondKept ? new JoinWalls('w2', 'w1') : new JoinWalls('w1', 'w2'));
        self::assertCount(1, $joined->storeys[0]->walls);
        self::assertEqualsWithDelta(5000.0, $joined->storeys[0]->walls[0]->line()->length(), 1e-6);
        self::assertSame($isSecondKept ? 'w2' : 'w1', $joined->storeys[0]->walls[0]->id);
        self::assertEqualsWithDelta(self::leaves($layout), self::leaves($joined), 1e-6);
        self::assertEqualsWithDelta(self::dimensioned($layout), self::dimensioned($joined), 1e-3);
    }

    /**
     * @return iterable<string, array{list<array{float|int, float|int}>, float, string}> the second wall, its thickness, why it is not
     *                                                                                   joined
     */
    public static function others(): iterable
    {
        yield 'beside it' => [[[3000, 2], [5000, 2]], 100, 'in one line'];
        yield 'a little askew, more than a millimetre off' => [[[3000, 0], [5000, 1.1]], 100, 'in one line'];
        yield 'beyond a gap' => [[[3002, 0], [5000, 0]], 100, 'meet at an end'];
        yield 'over it' => [[[3000, 0], [1000, 0]], 100, 'meet at an end'];
        yield 'thicker' => [[[3000, 0], [5000, 0]], 101, 'stay two'];
    }

    /** @param list<array{float|int, float|int}> $ends */
    #[DataProvider('others')]
    public function test_what_is_not_joined(array $ends, float $thickness, string $why): void
    {
        $layout = (new Sketch())->wall([0, 0], [3000, 0])->wall($ends[0], $ends[1], $thickness)->layout();
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage($why);
        self::joined($layout, new JoinWalls('w1', 'w2'));
    }

    public function test_a_millimetre_is_forgiven(): void
    {
        foreach ([[[3001, 0], [5000, 0]], [[3000, 1], [5000, 1]]] as $ends) {
            self::assertCount(
                1,
                self::joined(
                    (new Sketch())->wall([0, 0], [3000, 0])->wall($ends[0], $ends[1])->layout(),
                    new JoinWalls('w1', 'w2'),
                )->storeys[0]->walls,
            );
        }
    }

    public function test_walls_of_another_kind_and_things_that_are_no_walls(): void
    {
        $layout = (new Sketch())
            ->wall([0, 0], [3000, 0])
            ->wall([3000, 0], [5000, 0], 100, 'exterior')
            ->fixture('c', 'chair', 500, 500, 90, 450, 450)
            ->layout();
        foreach ([['w1', 'w2', 'stay two'], ['w1', 'c', 'of one storey']] as [$first, $second, $why]) {
            try {
                self::joined($layout, new JoinWalls($first, $second));
                self::fail("{$second} was joined.");
            } catch (RefusedEdit $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    private static function layout(bool $isFirstBack, bool $isSecondBack): Layout
    {
        $door = ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'];
        [$first, $second] = [[[0, 0], [3000, 0]], [[3000, 0], [5000, 0]]];

        $layout = (new Sketch())->wall(...($isFirstBack ? array_reverse($first) : $first))->wall(...(
            $isSecondBack ? array_reverse($second) : $second
        ))
            ->door('w1', 1000, 800, $door)->door('w2', 700, 900, ['id' => 'e', ...$door])->layout();
        // from the upper face of one wall to the lower face of the other, and of either to a place of the plan
        $places = new MeasuredPlaces($layout, (new Home($layout))->plans['G']);
        $at = static fn(float $x, float $y): MeasuredPlace => $places->at(new Point($x, $y), Point::towards(90));
        $ends = [[$at(200, 50), $at(4800, -50)], [$at(2900, -50), $at(500, 900)], [$at(3100, 50), $at(500, 900)]];
        foreach ($ends as $number => [$from, $to]) {
            $layout = (new Editor())->apply($layout, new Add('G', new DrawnDimension("m{$number}", $from, $to, new Point(0, 0))))->layout;
        }

        return $layout;
    }

    /** @return array<string, list<float>> where each dimension begins and ends, by its id */
    private static function dimensioned(Layout $layout): array
    {
        $ends = array_map(
            static fn(ShownDimension $one): array => [...$one->from->toArray(), ...$one->to->toArray()],
            (new DrawnDimensions($layout, (new Home($layout))->plans['G']))->lengths(),
        );
        self::assertCount(3, $ends);

        return $ends;
    }

    private static function joined(Layout $layout, JoinWalls $edit): Layout
    {
        return (new Editor())->apply($layout, $edit)->layout;
    }

    /** @return array<string, list<float>> hinge, latch and open end of every leaf, by door */
    private static function leaves(Layout $layout): array
    {
        $leaves = [];
        foreach ((new Home($layout))->openings as $opening) {
            foreach (DoorLeaf::of($opening) as $leaf) {
                $leaves[$opening->id()] = [...$leaf->hinge->toArray(), ...$leaf->closed->toArray(), ...$leaf->open->toArray()];
            }
        }
        ksort($leaves);
        self::assertCount(2, $leaves);

        return $leaves;
    }
}
