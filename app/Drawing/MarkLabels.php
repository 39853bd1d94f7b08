<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Wall;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\StoreyPlan;

/** The marks of doors, windows and stairs on a plan, and of everything if so chosen, where they cover no other text. */
final readonly class MarkLabels
{
    /** Of its letters, and the ground that is left around them, px. */
    private const SIZE = 10.5;
    private const GROUND = 2.0;

    /** From a wall's face, px. */
    private const OFF_WALL = 3.0;

    /** Where beside a wall, as shares of the opening's width and px from its middle, nearest first. */
    private const ALONG = [[0.0, 0.0], [0.3, 0.0], [-0.3, 0.0], [0.5, 14.0], [-0.5, -14.0]];

    /** Around the middle of what a mark belongs to, as shares of its width and depth. */
    private const AROUND = [
        [0.0, 0.0], [0.0, 0.25], [0.0, -0.25], [0.25, 0.0], [-0.25, 0.0], [0.3, 0.3], [-0.3, 0.3], [0.3, -0.3], [-0.3, -0.3],
    ];

    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private LabelPlace $labels,
        private DimensionStyle $style,
        private PlanLayers $show,
    ) {}

    /**
     * @param FreePlaces $places what else is written on the plan
     *
     * @return list<string>
     */
    public function draw(FreePlaces $places): array
    {
        if ($this->style->marks() === 'none') {
            return [];
        }
        $this->avoidFixtures($places);
        $drawn = [];
        $fixtures = $this->style->marks() === 'all' ? $this->ofFixtures() : [];
        foreach ($this->wished() + $fixtures as $id => $wished) {
            $boxes = array_map(fn(Point $at): Box => $this->box($at, (string) $id), $wished);
            $drawn[] = $this->label((string) $id, $wished[$places->find($boxes, isset($fixtures[$id]))]);
        }

        return $drawn;
    }

    /** @return array<non-empty-list<Point>> where each mark but those of fixtures may stand, the best first, by the id of its element */
    private function wished(): array
    {
        $storey = $this->plan->storey->id;
        $wished = [];
        foreach ($this->home->openings as $opening) {
            $wished += $opening->storey() === $storey ? [$opening->id() => $this->besideOpening($opening)] : [];
        }
        foreach ($this->home->roofWindows as $window) {
            $outline = $window->storey() === $storey ? $window->roof?->outline() : null;
            $wished += $outline === null ? [] : [$window->id() => self::within($outline->bounds())];
        }
        foreach ([...$this->home->stairs, ...$this->home->ramps] as $climb) {
            $points = $climb->storey() === $storey ? SubjectShape::points($climb) : [];
            $bounds = $points === [] ? null : Box::around($points);
            $wished += $bounds === null ? [] : [$climb->id() => [...self::within($bounds), ...$this->around($bounds)]];
        }

        return $this->style->marks() === 'all' ? $wished + $this->ofWalls() : $wished;
    }

    /** @return array<non-empty-list<Point>> by id */
    private function ofFixtures(): array
    {
        $wished = [];
        foreach ($this->show === PlanLayers::Dimensions ? [] : $this->home->fixturesOn($this->plan->storey->id) as $fixture) {
            $bounds = $fixture->bounds ?? Box::at($fixture->fixture->at, 0.0, 0.0);
            $wished[$fixture->id()] = [...self::within($bounds), ...$this->around($bounds)];
        }

        return $wished;
    }

    /** @return non-empty-list<Point> */
    private function around(Box $bounds): array
    {
        return self::beside($bounds->grown($this->labels->scale * self::SIZE));
    }

    /** @return array<non-empty-list<Point>> by id */
    private function ofWalls(): array
    {
        $wished = [];
        foreach ($this->plan->storey->standingWalls() as $wall) {
            $wished[$wall->id] = $wall->isOpenBoundary() ? [$wall->line()->middle()] : $this->besideWall($wall);
        }

        return $wished;
    }

    /** @return non-empty-list<Point> windows outside first, doors where they do not open to */
    private function besideOpening(PlacedOpening $opening): array
    {
        $line = $opening->wall->line();
        $isLeftFirst = $opening->opening->window === null
            ? $this->leafSide($opening) <= 0
            : $opening->left->isOpenAir() === true;
        $sides = $isLeftFirst ? [1.0, -1.0] : [-1.0, 1.0];
        $width = $opening->opening->width ?? 0.0;
        $off = max($opening->wall->thickness / 2, FixedTexts::SIGN * $this->labels->scale);
        $wished = [];
        foreach (self::ALONG as [$share, $pixels]) {
            foreach ($sides as $side) {
                $along = $opening->opening->at + $share * $width + $pixels * $this->labels->scale;
                $out = $line->direction()->left()->times($side);
                $wished[] = $line->at($along)->plus($out->times($off + $this->reach($out, $opening->id())));
            }
        }

        return $wished;
    }

    /** @return non-empty-list<Point> */
    private function besideWall(Wall $wall): array
    {
        $line = $wall->line();
        $wished = [];
        foreach ([0.5, 0.35, 0.65, 0.2, 0.8] as $share) {
            foreach ([1.0, -1.0] as $side) {
                $out = $line->direction()->left()->times($side);
                $wished[] = $line->at($share * $line->length())->plus($out->times($wall->thickness / 2 + $this->reach($out, $wall->id)));
            }
        }

        return $wished;
    }

    /** @return non-empty-list<Point> */
    private static function within(Box $box): array
    {
        return array_map(static fn(array $share): Point => new Point(
            $box->middle()->x + $share[0] * $box->width(),
            $box->middle()->y + $share[1] * $box->height(),
        ), self::AROUND);
    }

    /** @return non-empty-list<Point> at the middles of its sides */
    private static function beside(Box $box): array
    {
        $middle = $box->middle();

        return [
            new Point($middle->x, $box->top), new Point($middle->x, $box->bottom), new Point($box->right, $middle->y),
            new Point($box->left, $middle->y),
        ];
    }

    /** From a wall's face to the middle of a mark that is clear of it, whichever way the wall runs, mm. */
    private function reach(Point $out, string $id): float
    {
        $box = $this->box(new Point(0, 0), $id);

        return (abs($out->x) * $box->width() + abs($out->y) * $box->height()) / 2 + self::OFF_WALL * $this->labels->scale;
    }

    /** @return int 1 where its leaf sweeps at the left of the wall, -1 at the right, 0 where it has none */
    private function leafSide(PlacedOpening $opening): int
    {
        $sides = array_map(
            static fn(DoorLeaf $leaf): float => $opening->wall->line()->leftOf($leaf->bounds->middle()),
            $this->home->leavesOf($opening),
        );

        return array_sum($sides) <=> 0.0;
    }

    /** A mark stands beside a fixture sooner than in it. */
    private function avoidFixtures(FreePlaces $places): void
    {
        foreach ((new PlanObstacles($this->home, $this->plan, $this->style, $this->labels->scale))->lines() as $line) {
            $places->avoid(FreePlaces::LINE, $line);
        }
        foreach ($this->home->fixturesOn($this->plan->storey->id) as $fixture) {
            if ($fixture->bounds !== null) {
                $places->avoid(FreePlaces::AREA, $fixture->bounds);
            }
        }
    }

    private function box(Point $at, string $id): Box
    {
        $mark = $this->home->marks()->of($id);
        $scale = $this->labels->scale;

        return Box::at(
            $at,
            (TextSize::width($mark, self::SIZE) + 2 * self::GROUND) * $scale,
            (TextSize::height(self::SIZE) + 2 * self::GROUND) * $scale,
        );
    }

    private function label(string $id, Point $at): string
    {
        return Svg::element('g', ['data-mark-of' => $id], Svg::pinned(
            $at,
            'element-mark',
            Svg::element('text', ['y' => Svg::number(self::SIZE * 0.36)], Svg::text($this->home->marks()->of($id))),
        ));
    }
}
