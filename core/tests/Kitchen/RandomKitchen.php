<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\Anchor;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\FillerPlace;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\KitchenPlans;
use Heurema\Kitchen\Rows;
use Heurema\Kitchen\Stretch;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\UnitWidths;
use Heurema\Kitchen\WallStretch;
use Heurema\Kitchen\WallStretches;
use Heurema\Kitchen\WantedFixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use Heurema\Units\UnitSystem;

/** A room of any proportion, turned and mirrored, L-shaped or not, with doors and windows, and what a kitchen in it is to hold. */
final readonly class RandomKitchen
{
    public Home $home;
    public Sketch $sketch;
    public UnitWidths $widths;
    public UnitSizes $sizes;

    /** @var list<WallStretch> */
    public array $stretches;

    public function __construct(public int $seed)
    {
        mt_srand($seed);
        $units = $seed % 2 === 0 ? UnitSystem::Metric : UnitSystem::Imperial;
        [$this->widths, $this->sizes] = [UnitSizes::usualWidths($units), UnitSizes::usual($units)];
        [$width, $depth] = [mt_rand(24000, 52000) / 10, mt_rand(24000, 46000) / 10];
        $corners = $seed % 3 === 0
            ? [[0, 0], [$width, 0], [$width, $depth], [$width * 0.55, $depth], [$width * 0.55, $depth * 0.5], [0, $depth * 0.5]]
            : [[0, 0], [$width, 0], [$width, $depth], [0, $depth]];
        $turn = [0.0, 90.0, 180.0, 270.0, mt_rand(-1800, 1800) / 10][$seed % 5];
        $place = static fn(array $at): array => self::turned($at, $turn, $seed % 4 >= 2);
        $sketch = (new Sketch())->chain(array_map($place, $corners))
            ->use('r', 'kitchen', ...$place([$width * 0.8, $depth * 0.25]));
        $sketch = mt_rand(0, 2) === 0 ? $sketch : $sketch->window(
            'w1',
            $width * mt_rand(35, 65) / 100,
            mt_rand(600, 1200),
            1100,
            ['sill' => 1000],
        );
        $this->sketch = mt_rand(0, 2) === 0 ? $sketch : $sketch->door('w2', $depth * mt_rand(35, 70) / 100, 900);
        $this->home = $this->sketch->home();
        $this->stretches = WallStretches::of($this->home->rooms[0], $this->home);
    }

    /** @return list<KitchenPlan> along one stretch, or several that turn into one another, or an island */
    public function plans(): array
    {
        $stretches = $this->chosen();
        $wanted = $this->wanted($stretches);
        $rows = new Rows($this->widths, $this->sizes, [0.0, 25.4][mt_rand(0, 1)], FillerPlace::cases()[mt_rand(0, 2)]);

        return (new KitchenPlans($rows))->of($stretches, $wanted, CornerKind::cases()[mt_rand(0, 3)]);
    }

    /**
     * @param array<array-key, mixed> $at
     *
     * @return array{float, float}
     */
    private static function turned(array $at, float $degrees, bool $isMirrored): array
    {
        [$x, $y] = array_map(static fn(mixed $one): float => is_numeric($one) ? (float) $one : 0.0, array_values($at));
        $right = Point::towards($degrees);
        $point = $right->times($isMirrored ? -$x : $x)->plus($right->left()->times($y));

        return [round($point->x, 4), round($point->y, 4)];
    }

    /** @return non-empty-list<Stretch> */
    private function chosen(): array
    {
        $first = mt_rand(0, count($this->stretches) - 1);
        $chosen = [$this->stretches[$first]->stretch];
        $island = mt_rand(0, 5) === 0 ? Stretch::island($chosen[0], $this->sizes->depth, 1100.0, mt_rand(9000, 24000) / 10) : null;
        if ($island !== null && $this->isInRoom($island)) {
            return [$island];
        }
        $most = mt_rand(1, 3);
        foreach (range(1, count($this->stretches)) as $more) {
            $next = $this->stretches[($first + $more) % count($this->stretches)]->stretch;
            if (count($chosen) < $most && $chosen[count($chosen) - 1]->turnsInto($next)) {
                $chosen[] = $next;
            }
        }

        return $chosen;
    }

    private function isInRoom(Stretch $island): bool
    {
        $outline = $this->home->rooms[0]->outline();

        return $outline !== null && array_filter(
            $island->band($this->sizes->depth)->outer->points,
            static fn(Point $corner): bool => !$outline->contains($corner),
        ) === [];
    }

    /**
     * @param non-empty-list<Stretch> $stretches
     *
     * @return list<WantedFixture>
     */
    private function wanted(array $stretches): array
    {
        $module = $this->sizes->depth;
        $hasWindow = array_filter($stretches, static fn(Stretch $one): bool => $one->windows !== []) !== [];
        $all = [
            new WantedFixture(FixtureKind::Refrigerator, $module, mt_rand(0, 1) === 0 ? Anchor::LeftEnd : Anchor::Anywhere),
            new WantedFixture(FixtureKind::Sink, $module, $hasWindow && mt_rand(0, 1) === 0 ? Anchor::Window : Anchor::Anywhere),
            new WantedFixture(FixtureKind::Dishwasher, $module),
            new WantedFixture(
                [FixtureKind::Range, FixtureKind::Cooktop][mt_rand(0, 1)],
                $module,
                Anchor::Anywhere,
                [0.0, 25.4][mt_rand(0, 1)],
            ),
            new WantedFixture([FixtureKind::TallCabinet, FixtureKind::Oven][mt_rand(0, 1)], $module, Anchor::RightEnd),
        ];

        return array_values(array_filter($all, static fn(): bool => mt_rand(0, 2) > 0));
    }
}
