<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\EntranceSteps;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Steps up to a door in each wall of a home drawn any way round, its walls in either direction. */
final class EntranceStepsTest extends TestCase
{
    #[DataProviderExternal(HomeWithDoor::class, 'doors')]
    public function test_they_come_up_square_to_the_middle_of_the_door(int $wall, float $turn, bool $isReversed): void
    {
        $layout = HomeWithDoor::layout($wall, $turn, $isReversed, -500.0);
        $steps = new EntranceSteps(170.0, 280.0, 900.0, 150.0);
        $built = self::built($layout, $steps);
        $home = new Home($built);
        [$door, $stair] = [HomeWithDoor::door($home), $home->stairs[0]];
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
            self::built(HomeWithDoor::layout(0, 0.0, false, -$rise), new EntranceSteps(170.0, 280.0, 900.0, 0.0))->stairs[0]->risers(),
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
        self::built(HomeWithDoor::layout(0, 0.0, false, $grade, $door), new EntranceSteps(170.0, 280.0, 900.0, 0.0));
    }

    private static function built(Layout $layout, EntranceSteps $steps): Layout
    {
        $home = new Home($layout);

        return (new Editor())->apply($layout, $steps->to(HomeWithDoor::door($home), $home, 'st1'))->layout;
    }
}
