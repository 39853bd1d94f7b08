<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EntranceSteps;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Steps up to a door in each wall of a home drawn any way round, its walls in either direction. */
final class EntranceStepsTest extends TestCase
{
    /**
     * @return iterable<string, array{int, float, bool}> number of the wall, turn of the home in degrees, whether its walls run the other
     *                                                   way
     */
    public static function doors(): iterable
    {
        foreach ([0.0, 17.3, 90.0, 211.0] as $turn) {
            foreach ([0, 1, 2, 3] as $wall) {
                foreach ([false, true] as $isReversed) {
                    yield "wall {$wall} turned by {$turn}".($isReversed ? ', reversed' : '') => [$wall, $turn, $isReversed];
                }
            }
        }
    }

    #[DataProvider('doors')]
    public function test_they_come_up_square_to_the_middle_of_the_door(int $wall, float $turn, bool $isReversed): void
    {
        $layout = self::layout($wall, $turn, $isReversed, -500.0);
        $steps = new EntranceSteps(170.0, 280.0, 900.0, 150.0);
        $built = self::built($layout, $steps);
        $home = new Home($built);
        [$door, $stair] = [self::door($home), $home->stairs[0]];
        $head = $stair->shape->head ?? self::fail('They have no head.');
        self::assertSame([3, 500.0], [$stair->stair->risers(), $stair->stair->rise]);
        self::assertEqualsWithDelta(900.0 + 300.0, $head->length(), 0.01);
        self::assertEqualsWithDelta(900.0 + $door->wall->thickness / 2, $head->middle()->distanceTo($door->middle()), 0.01);
        self::assertEqualsWithDelta(0.0, $door->wall->line()->direction()->cross($head->direction()), 1e-5);
        self::assertEqualsWithDelta(
            900.0 + $door->wall->thickness / 2 + 2 * 280.0,
            $stair->stair->start->distanceTo($door->middle()),
            0.01,
        );
        self::assertSame($stair, OutsideLevel::of($door, $home)->steps);
        // built again with deeper treads they are the same steps, set anew
        $again = self::built($built, new EntranceSteps(130.0, 300.0, 1000.0, 0.0));
        self::assertCount(1, $again->stairs);
        self::assertSame([4, 900.0], [$again->stairs[0]->risers(), $again->stairs[0]->width]);
    }

    /** @return iterable<string, array{float, int}> how far the ground lies below the floor, and how many risers of at most 170 mm */
    public static function rises(): iterable
    {
        yield 'just under two risers' => [339.9, 2];
        yield 'two risers' => [340.0, 2];
        yield 'two risers but for rounding' => [340.04, 2];
        yield 'just over' => [340.1, 3];
        yield 'one' => [20.0, 1];
    }

    #[DataProvider('rises')]
    public function test_as_few_as_the_highest_riser_allows(float $rise, int $risers): void
    {
        self::assertSame(
            $risers,
            self::built(self::layout(0, 0.0, false, -$rise), new EntranceSteps(170.0, 280.0, 900.0, 0.0))->stairs[0]->risers(),
        );
    }

    /** @return iterable<string, array{float|null, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'ground that nobody said' => [null, [], 'Say how far the ground lies below the floor first'];
        yield 'ground as high as the floor' => [0.0, [], 'no steps are needed'];
        yield 'a door of which nobody said how wide it is' => [-500.0, ['width' => null], 'Say how wide the door is first.'];
    }

    /** @param array<string, mixed> $door */
    #[DataProvider('refused')]
    public function test_what_is_missing_is_said(?float $grade, array $door, string $why): void
    {
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage($why);
        self::built(self::layout(0, 0.0, false, $grade, $door), new EntranceSteps(170.0, 280.0, 900.0, 0.0));
    }

    private static function built(Layout $layout, EntranceSteps $steps): Layout
    {
        $home = new Home($layout);

        return (new Editor())->apply($layout, $steps->to(self::door($home), $home, 'st1'))->layout;
    }

    private static function door(Home $home): PlacedOpening
    {
        return $home->openings[0];
    }

    /** @param array<string, mixed> $door what is otherwise with it; null is not said */
    private static function layout(int $wall, float $turn, bool $isReversed, ?float $grade, array $door = []): Layout
    {
        $corners = [[0, 0], [6000, 0], [6000, 4000], [0, 4000]];
        $place = static fn(float $x, float $y): array => Point::towards($turn)
            ->times($x)
            ->plus(Point::towards($turn)->left()->times($y))
            ->toArray();
        $walls = [];
        foreach ($corners as $number => $corner) {
            $ends = [$place(...$corner), $place(...$corners[($number + 1) % 4])];
            $walls[] = [
                'id' => "w{$number}", 'from' => $ends[$isReversed ? 1 : 0], 'to' => $ends[$isReversed ? 0 : 1], 'thickness' => 200,
                'type' => 'exterior',
            ];
        }
        $opening = array_filter(
            [
                'id' => 'd1', 'kind' => 'door', 'wall' => "w{$wall}", 'at' => 1500, 'width' => 900, 'height' => 2000,
                'operation' => 'hinged', ...$door,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
        $storey = [
            'id' => 'G',
            'elevation' => 0,
            'ceiling' => 2400,
            'walls' => $walls,
            'openings' => [$opening],
            'rooms' => [['id' => 'r1', 'use' => 'hall', 'at' => $place(3000, 2000)]],
        ];
        $document = [
            'format' => 'heurema-layout',
            'version' => 1,
            'name' => 'Steps',
            'units' => 'metric',
            ...($grade === null ? [] : ['grade' => $grade]),
            'storeys' => [$storey],
        ];

        return (new LayoutReader())->read((string) json_encode($document));
    }
}
