<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\StairForm;
use Heurema\Drafting\StairOutline;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Stair;
use Heurema\Layout\Words\Turn;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\StairShape;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The outlines that a stair can have, each to either hand. */
final class StairFormTest extends TestCase
{
    private const RISERS = 15;

    /** @return iterable<string, array{StairOutline, Turn}> */
    public static function forms(): iterable
    {
        foreach (StairOutline::cases() as $outline) {
            foreach ([Turn::Left, Turn::Right] as $hand) {
                yield "{$outline->value}, {$hand->value}" => [$outline, $hand];
            }
        }
    }

    #[DataProvider('forms')]
    public function test_a_form_is_read_again_as_it_was_written(StairOutline $outline, Turn $hand): void
    {
        $stair = self::home($outline, $hand)->stairs[0]->stair;
        $form = StairForm::of($stair);
        self::assertSame([$outline, self::RISERS], [$form->outline, $stair->risers()]);
        if ($outline !== StairOutline::Straight) {
            self::assertSame($hand, $form->hand);
        }
        self::assertEquals($stair, $form->shape($stair, self::tread($outline)));
    }

    #[DataProvider('forms')]
    public function test_it_takes_as_many_steps_as_risers_less_one(StairOutline $outline, Turn $hand): void
    {
        $shape = StairShape::of(self::home($outline, $hand)->stairs[0]->stair);
        self::assertNotNull($shape->head);
        $landings = in_array($outline, [StairOutline::QuarterLanding, StairOutline::HalfLanding], true) ? 1 : 0;
        self::assertCount(self::RISERS - 1 - $landings, $shape->treads());
        self::assertCount($landings, $shape->landings());
    }

    #[DataProvider('forms')]
    public function test_to_the_right_it_is_the_mirror_of_itself_to_the_left(StairOutline $outline): void
    {
        [$left, $right] = [
            StairShape::of(self::home($outline, Turn::Left)->stairs[0]->stair),
            StairShape::of(self::home($outline, Turn::Right)->stairs[0]->stair),
        ];
        foreach ($left->walkline as $number => $point) {
            self::assertLessThan(0.01, $right->walkline[$number]->distanceTo(new Point(6000.0 - $point->x, $point->y)));
        }
        foreach ($left->steps as $number => $step) {
            self::assertEqualsWithDelta($step->outline->area(), $right->steps[$number]->outline->area(), 1.0);
        }
    }

    #[DataProvider('forms')]
    public function test_it_measures_the_same_to_either_hand(StairOutline $outline): void
    {
        [$left, $right] = [self::home($outline, Turn::Left), self::home($outline, Turn::Right)];
        foreach (Catalogue::standard()->all() as $measure) {
            if ($measure->subject()->value !== 'stair') {
                continue;
            }
            [$one, $other] = [
                $measure->of($left->stairs[0], $left, new Parameters()),
                $measure->of($right->stairs[0], $right, new Parameters()),
            ];
            self::assertSame($one::class, $other::class, $measure->name());
            if (
                $one instanceof Measured
                && $other instanceof Measured
                && $one->value instanceof Amount
                && $other->value instanceof Amount
            ) {
                self::assertEqualsWithDelta($one->value->number, $other->value->number, 0.2, $measure->name());
            }
        }
    }

    public function test_the_gap_and_the_winders_that_were_drawn_stay(): void
    {
        foreach ([
            [
                ['flight' => ['risers' => 6, 'tread' => 250]],
                ['landing' => ['depth' => 950, 'turn' => 'back_right', 'gap' => 150]],
                ['flight' => ['risers' => 9, 'tread' => 250]],
            ],
            [
                ['flight' => ['risers' => 6, 'tread' => 250]],
                ['winders' => ['risers' => 4, 'turn' => 'right', 'inner' => 60]],
                ['flight' => ['risers' => 5, 'tread' => 250]],
            ],
            [
                ['flight' => ['risers' => 3, 'tread' => 250]],
                ['winders' => ['risers' => 2, 'turn' => 'left', 'inner' => 60]],
                ['winders' => ['risers' => 4, 'turn' => 'left', 'inner' => 60]],
                ['flight' => ['risers' => 6, 'tread' => 250]],
            ],
        ] as $parts) {
            $stair = Sketch::room(6000, 8000)->stair(['parts' => $parts, 'width' => 900])->home()->stairs[0]->stair;
            self::assertEquals($parts, StairForm::of($stair)->shape($stair, 250.0)->toArray()['parts']);
            $form = StairForm::of($stair);
            $winders = [$form->winders, $form->secondWinders];
            $left = $form->with($form->outline, Turn::Left, $form->first, $form->landing, $form->inner, $winders)->shape($stair, 250.0);
            self::assertEquals(json_decode(strtr((string) json_encode($parts), ['right' => 'left']), true), $left->toArray()['parts']);
        }
    }

    public function test_too_few_risers_are_refused(): void
    {
        $this->expectException(RefusedEdit::class);
        $this->expectExceptionMessage('8 risers are too few for a half turn with winders after 2 of them.');
        (new StairForm(StairOutline::HalfWinders, Turn::Left, 2, 900.0, 60.0))->shape(self::straight(8), 250.0);
    }

    private static function tread(StairOutline $outline): float
    {
        return $outline === StairOutline::Spiral ? 200.0 : 250.0;
    }

    private static function home(StairOutline $outline, Turn $hand): Home
    {
        $form = new StairForm($outline, $hand, 6, 900.0, $outline === StairOutline::Spiral ? 150.0 : 60.0);

        return Sketch::room(6000, 8000)->stair([
            ...$form->shape(self::straight(self::RISERS), self::tread($outline))->toArray(),
            'start' => [3000, 2000],
            'facing' => 90,
            'width' => 900,
        ])->home();
    }

    private static function straight(int $risers): Stair
    {
        return Sketch::room(6000, 8000)->stair(['parts' => [['flight' => ['risers' => $risers]]]])->layout()->stairs[0];
    }
}
