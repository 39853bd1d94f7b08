<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\StoreyPlan;

/** Walls with their openings cut out, and what fills those: frames, leaves and glass. In mm. */
final readonly class WallParts
{
    private const FRAME = 50.0;
    private const LEAF = 40.0;
    private const PANE = 8.0;
    private const WINDOW_FRAME = 100.0;

    private WallBodies $bodies;

    /** @var list<array{Ring, float, float}> */
    private array $cuts;

    /** @param bool $isOpen leaves of doors that swing stand open */
    public function __construct(private Home $home, private StoreyPlan $plan, private bool $isOpen = false)
    {
        $this->cuts = $this->cuts();
        $this->bodies = new WallBodies($plan, $home->above($plan));
    }

    /** @return list<Part> */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->storey->standingWalls() as $wall) {
            if (!$wall->isOpenBoundary()) {
                array_push($parts, ...$this->wall($wall));
            }
        }
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            array_push($parts, ...$opening->wall->isOpenBoundary() ? [] : $this->filling($opening));
        }

        return $parts;
    }

    /**
     * Between its openings as high as it is; below and above each what is left; under a slope, the roof over it.
     *
     * @return list<Part>
     */
    private function wall(Wall $wall): array
    {
        [$body, $roof] = [[], []];
        foreach ($this->bodies->of($wall) as $piece) {
            foreach ($this->stretches($wall, $piece) as [$stretch, $within]) {
                foreach (CeilingSurface::over($this->bodies->top($wall, $stretch), $stretch) as [$part, $top]) {
                    array_push($body, ...$this->upright($part, $top, $within));
                    $roof = [...$roof, ...$top->isLevel() ? [] : [RoofParts::over($part, $top->raised($this->floor()))]];
                }
            }
        }
        [$storey, $name] = [$this->plan->storey->id, $this->plan->wallCalled($wall->id)];

        return [
            ...$body === [] ? [] : [new Part($wall->id, $name, $storey, Material::Wall, $body)],
            ...$roof === [] ? [] : [new Part($wall->id, Text::of('{name}, roof over it', name: $name), $storey, Material::Roof, $roof)],
        ];
    }

    /**
     * A piece of a wall, parted by the openings in it, those of walls that it runs into among them, and where rooms of other heights begin.
     *
     * @return list<array{Polygon, list<array{float, float}>}> with sill and head of the openings that take some of its height
     */
    private function stretches(Wall $wall, Polygon $piece): array
    {
        $box = $piece->bounds();
        $partings = $this->bodies->partings($wall);
        $cuts = array_values(array_filter($this->cuts, static fn(array $cut): bool => $box->overlaps($cut[0]->bounds())));
        if ($cuts === [] && $partings === []) {
            return [[$piece, []]];
        }
        $lines = [...Line::aroundPolygon($piece, 0, 0), ...array_map(static fn(Segment $one): Line => new Line($one), $partings)];
        foreach ($cuts as $number => [$outline]) {
            array_push($lines, ...Line::around($outline, 0, $number + 1));
        }
        $arrangement = new Arrangement($lines);
        $stretches = [];
        foreach ($arrangement->facePolygons(static fn(Face $face): bool => $face->depth(0) > 0) as $number => $stretch) {
            $within = array_filter(
                $cuts,
                static fn(int $cut): bool => $arrangement->faces[$number]->depth($cut + 1) > 0,
                ARRAY_FILTER_USE_KEY,
            );
            $stretches[] = [$stretch, array_map(static fn(array $cut): array => [$cut[1], $cut[2]], array_values($within))];
        }

        return $stretches;
    }

    /**
     * @param list<array{float, float}> $cuts sill and head of openings that go through all of it
     *
     * @return list<Prism> what is left of its height
     */
    private function upright(Polygon $part, Surface $top, array $cuts): array
    {
        $lowest = min(array_map($top->at(...), $part->outer->points));
        $prisms = [];
        $from = 0.0;
        usort($cuts, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($cuts as [$sill, $head]) {
            if (min($sill, $lowest) > $from) {
                $prisms[] = $this->prism($part, $from, Surface::level(min($sill, $lowest)));
            }
            $from = max($from, $head);
        }

        return $from < $lowest ? [...$prisms, $this->prism($part, $from, $top)] : $prisms;
    }

    private function prism(Polygon $part, float $from, Surface $top): Prism
    {
        return new Prism($part, Surface::level($this->floor() + $from), $top->raised($this->floor()));
    }

    private function floor(): float
    {
        return $this->plan->storey->elevation ?? 0.0;
    }

    /** @return list<array{Ring, float, float}> what each opening takes of the plan, its sill and its head */
    private function cuts(): array
    {
        $cuts = [];
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
            $at = $opening->opening->at;
            $half = $opening->wall->thickness / 2;
            $cuts = [...$cuts, ...$opening->wall->isOpenBoundary() ? [] : [
                [$this->along($opening->wall, $at - $width / 2, $at + $width / 2, -$half, $half), $sill, $sill + $height],
            ]];
        }

        return $cuts;
    }

    /** @return list<Part> */
    private function filling(PlacedOpening $opening): array
    {
        $wall = $opening->wall;
        [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
        $head = $sill + $height;
        $floor = $this->floor();
        [$from, $to] = [$opening->opening->at - $width / 2, $opening->opening->at + $width / 2];
        if ($opening->opening->kind === OpeningKind::Bare || $to - $from <= 3 * self::FRAME || $head - $sill <= 3 * self::FRAME) {
            return [];
        }
        $isWindow = $opening->opening->kind === OpeningKind::Window;
        // the lining of a door goes through the wall
        $deep = ($isWindow ? min($wall->thickness, self::WINDOW_FRAME) : $wall->thickness) / 2;
        $foot = $isWindow ? $sill + self::FRAME : $sill;
        $bars = [
            [$from, $from + self::FRAME, $sill, $head], [$to - self::FRAME, $to, $sill, $head],
            [$from + self::FRAME, $to - self::FRAME, $head - self::FRAME, $head],
            ...$isWindow ? [[$from + self::FRAME, $to - self::FRAME, $sill, $sill + self::FRAME]] : [],
        ];
        $frame = array_map(
            fn(array $bar): Prism => Prism::box($this->along($wall, $bar[0], $bar[1], -$deep, $deep), $floor + $bar[2], $floor + $bar[3]),
            $bars,
        );
        $thick = ($isWindow ? self::PANE : self::LEAF) / 2;
        $shut = $this->along($wall, $from + self::FRAME, $to - self::FRAME, -$thick, $thick);
        $open = $this->isOpen && !$isWindow ? array_map(self::swung(...), $this->home->leavesOf($opening)) : [];
        $leaves = array_map(
            static fn(Ring $leaf): Prism => Prism::box($leaf, $floor + $foot, $floor + $head - self::FRAME),
            $open === [] ? [$shut] : $open,
        );
        $name = $opening->name();

        return [
            new Part($opening->id(), $isWindow
                ? Text::of('{name}, frame', name: $name)
                : Text::of('{name}, lining', name: $name), $this->plan->storey->id, Material::Frame, $frame),
            new Part($opening->id(), $name, $this->plan->storey->id, $isWindow ? Material::Glass : Material::Leaf, $leaves),
        ];
    }

    /** A leaf at a right angle to its wall, a frame's width from its hinge and from the other end of the opening. */
    private static function swung(DoorLeaf $leaf): Ring
    {
        $line = new Segment($leaf->hinge, $leaf->open);
        $along = $leaf->closed->minus($leaf->hinge)->times(self::FRAME / $leaf->width());
        [$from, $to] = [$leaf->hinge->plus($along), $line->at($line->length() - self::FRAME)->plus($along)];
        $thick = $along->times(self::LEAF / self::FRAME);

        return (new Ring([$from, $to, $to->plus($thick), $from->plus($thick)]))->counterClockwise();
    }

    /** A rectangle on plan from one place along a wall to another, between two distances to its left. */
    private function along(Wall $wall, float $from, float $to, float $right, float $left): Ring
    {
        $line = $wall->line();
        $across = $line->direction()->left();
        $at = static fn(float $along, float $aside): Point => $line->at($along)->plus($across->times($aside));

        return new Ring([$at($from, $right), $at($to, $right), $at($to, $left), $at($from, $left)]);
    }
}
