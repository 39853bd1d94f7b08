<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\StoreyPlan;

/** Walls with their openings cut out, and what fills those: frames, leaves and glass. In mm. */
final readonly class WallParts
{
    private const FRAME = 50.0;
    private const LEAF = 40.0;
    private const PANE = 8.0;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->storey->standingWalls() as $wall) {
            if (!$wall->isDivider()) {
                $prisms = $this->pieces($wall);
                $parts = [...$parts, ...$prisms === [] ? [] : [
                    new Part($wall->id, $wall->name(), $this->plan->storey->id, Material::Wall, $prisms),
                ]];
            }
        }
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            array_push($parts, ...$opening->wall->isDivider() ? [] : $this->filling($opening));
        }

        return $parts;
    }

    /**
     * Between its openings as high as it is; below and above each what is left.
     *
     * @return list<Prism>
     */
    private function pieces(Wall $wall): array
    {
        $floor = $this->plan->storey->elevation ?? 0.0;
        $top = $wall->height ?? $this->plan->storey->ceiling ?? UsualSize::HEIGHT;
        $length = $wall->line()->length();
        $cuts = $this->cuts($wall, $length, $top);
        $stops = [0.0, $length];
        foreach ($cuts as [$from, $to]) {
            array_push($stops, $from, $to);
        }
        $stops = array_values(array_unique($stops));
        sort($stops);
        $prisms = [];
        foreach (array_slice($stops, 1) as $number => $to) {
            $from = $stops[$number];
            $within = array_filter($cuts, static fn(array $cut): bool => $cut[0] <= $from && $to <= $cut[1]);
            foreach (self::left($within, $top) as [$bottom, $head]) {
                $prisms[] = Prism::box(
                    $this->along($wall, $from, $to, -$wall->thickness / 2, $wall->thickness / 2),
                    $floor + $bottom,
                    $floor + $head,
                );
            }
        }

        return $prisms;
    }

    /** @return list<array{float, float, float, float}> from and to along the wall, sill and head */
    private function cuts(Wall $wall, float $length, float $top): array
    {
        $cuts = [];
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            if ($opening->wall->id !== $wall->id) {
                continue;
            }
            [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
            [$from, $to] = [max(0.0, $opening->opening->at - $width / 2), min($length, $opening->opening->at + $width / 2)];
            $head = $sill + $height;
            if ($to > $from && min($head, $top) > $sill) {
                $cuts[] = [$from, $to, $sill, min($head, $top)];
            }
        }

        return $cuts;
    }

    /**
     * What is left of the height of a wall where something is cut out of it.
     *
     * @param array<array{float, float, float, float}> $cuts
     *
     * @return list<array{float, float}> bottom and top
     */
    private static function left(array $cuts, float $top): array
    {
        $left = [];
        $from = 0.0;
        usort($cuts, static fn(array $a, array $b): int => $a[2] <=> $b[2]);
        foreach ($cuts as [, , $sill, $head]) {
            if ($sill > $from) {
                $left[] = [$from, $sill];
            }
            $from = max($from, $head);
        }

        return $top > $from ? [...$left, [$from, $top]] : $left;
    }

    /** @return list<Part> */
    private function filling(PlacedOpening $opening): array
    {
        $wall = $opening->wall;
        [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
        $head = $sill + $height;
        $floor = $this->plan->storey->elevation ?? 0.0;
        [$from, $to] = [$opening->opening->at - $width / 2, $opening->opening->at + $width / 2];
        if ($opening->opening->kind === OpeningKind::Gap || $to - $from <= 3 * self::FRAME || $head - $sill <= 3 * self::FRAME) {
            return [];
        }
        $deep = min($wall->thickness, 100.0) / 2;
        $isWindow = $opening->opening->kind === OpeningKind::Window;
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
        $leaf = Prism::box(
            $this->along($wall, $from + self::FRAME, $to - self::FRAME, -$thick, $thick),
            $floor + $foot,
            $floor + $head - self::FRAME,
        );
        $name = $opening->name();

        return [
            new Part($opening->id(), "{$name}, frame", $this->plan->storey->id, Material::Frame, $frame),
            new Part($opening->id(), $name, $this->plan->storey->id, $isWindow ? Material::Glass : Material::Leaf, [$leaf]),
        ];
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
