<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\BuiltUnits;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\Landings;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Tests\Measure\MeasureTestCase;
use PHPUnit\Framework\Attributes\DataProviderExternal;

/** Plans of kitchens as elements of documents, over generated rooms: turned, mirrored, oblique, L-shaped, in both unit systems. */
final class BuiltUnitsTest extends MeasureTestCase
{
    private const CLOSE = 0.5;

    private const WORKED_AT = [FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Refrigerator];

    private static ?RuleBook $book = null;

    #[DataProviderExternal(KitchenPlansTest::class, 'seeds')]
    public function test_what_is_built_stands_in_the_room_and_in_nothing_else(int $seed): void
    {
        $kitchen = new RandomKitchen($seed);
        $plan = $kitchen->plans()[0] ?? null;
        if ($plan === null) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $home = self::built($kitchen, $plan);
        self::assertAtLeastAsMany($plan, $home);
        foreach ($home->fixtures as $placed) {
            if (!$plan->rows[0]->stretch->isIsland) {
                self::assertSame([], self::outside($placed, $home), "{$placed->name()} lies in the room");
            }
            self::assertNotNull($placed->fixture->height);
        }
        $wrong = array_filter(self::examined($home)->findings, static fn(Finding $one): bool => $one->rule->id === 'things-apart'
            && $one->verdict() !== Verdict::Met && !$plan->rows[0]->stretch->isIsland);
        self::assertSame([], array_map(static fn(Finding $one): string => $one->subject->name(), array_values($wrong)));
    }

    /** The worktops beside what is worked at, as they were laid out, are those that are measured in the drawn home. */
    #[DataProviderExternal(KitchenPlansTest::class, 'seeds')]
    public function test_worktops_are_measured_as_they_were_laid_out(int $seed): void
    {
        $kitchen = new RandomKitchen($seed);
        $plan = $kitchen->plans()[0] ?? null;
        if ($plan === null) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $home = self::built($kitchen, $plan);
        foreach ($plan->rows as $number => $row) {
            foreach ($row->units as $place => $unit) {
                if (!in_array($unit->use(), self::WORKED_AT, true)) {
                    continue;
                }
                $at = $row->stretch->face->at($unit->left + $unit->width / 2);
                $isThere = static fn(PlacedFixture $one): bool => $one->fixture->kind === $unit->use()
                    && $one->fixture->at->distanceTo($at) < 200.0;
                $drawn = array_values(array_filter($home->fixtures, $isThere))[0];
                $laid = (new Landings($plan))->of($number, $place);
                $measured = [
                    self::number('fixture.landing', $home, $drawn->id(), ['of' => 'longer']),
                    self::number('fixture.landing', $home, $drawn->id(), ['of' => 'shorter']),
                ];
                rsort($laid);
                // worktops reach over free ends, and over the fronts on both sides of a corner
                $over = self::CLOSE + (1 + 2 * count($plan->corners)) * $kitchen->sizes->overhang;
                // a narrow filler by itself has no worktop; units as deep as one are taken for it
                $isStrip = static fn(float $one): bool => $one < 150.0 && $laid[1] === 0.0;
                $measured = array_map(static fn(float $one): float => $isStrip($one) ? 0.0 : $one, $measured);
                $laid = array_map(static fn(float $one): float => $isStrip($one) ? 0.0 : $one, $laid);
                self::assertEqualsWithDelta($laid, $measured, $over, "beside {$drawn->name()}");
            }
        }
        self::assertCount(count($plan->rows) - 1, $plan->corners);
    }

    private static function assertAtLeastAsMany(KitchenPlan $plan, Home $home): void
    {
        $standing = array_filter(
            $home->fixtures,
            static fn(PlacedFixture $one): bool => $one->base() < 800.0 && $one->fixture->kind !== FixtureKind::Filler,
        );
        self::assertGreaterThanOrEqual($plan->count(), count($standing));
    }

    /** @return list<Point> corners that lie outside of the room */
    private static function outside(PlacedFixture $placed, Home $home): array
    {
        $outer = $home->rooms[0]->outline()?->outer;

        return array_values(array_filter(
            $placed->outline->points ?? [],
            static fn(Point $corner): bool => $outer !== null && !$outer->contains($corner)
                && min([INF, ...array_map(static fn($edge): float => $edge->distanceTo($corner), $outer->edges())]) > self::CLOSE,
        ));
    }

    private static function built(RandomKitchen $kitchen, KitchenPlan $plan): Home
    {
        $ids = array_map(static fn(int $number): string => "k{$number}", range(1, 300));
        $fixtures = (new BuiltUnits($kitchen->sizes, $kitchen->widths))->of($plan, $ids);
        $edit = new EditGroup(array_map(static fn(Fixture $one): Add => new Add('G', $one), $fixtures), 'Kitchen laid out');

        return new Home((new Editor())->apply($kitchen->sketch->layout(), $edit)->layout);
    }

    private static function examined(Home $home): Report
    {
        self::$book ??= (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/drawing.yaml');

        return (new Examiner(Catalogue::standard()))->examine($home, [self::$book]);
    }
}
