<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** Floors with their openings, what they stand on, and terraces. In mm. */
final readonly class FloorParts
{
    /** Terraces are drawn so thick at the least. */
    private const TERRACE = 100.0;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey;
        $top = $storey->elevation ?? 0.0;
        $under = $top - ($storey->floorThickness ?? UsualSize::FLOOR);
        $prisms = array_map(
            static fn(Polygon $piece): Prism => new Prism($piece, Surface::level($under), Surface::level($top)),
            $this->ground(),
        );
        $parts = $prisms === [] ? [] : [new Part("floor {$storey->id}", "Floor of {$storey->name}", $storey->id, Material::Floor, $prisms)];
        array_push($parts, ...$this->plinth($under));
        foreach ($storey->terraces as $terrace) {
            $level = $top + ($terrace->level ?? 0.0);
            $parts[] = new Part($terrace->id, $terrace->name, $storey->id, Material::Ground, [
                Prism::box($terrace->outline, min($level - self::TERRACE, $this->lowestGround($terrace->outline, $level)), $level),
            ]);
        }

        return $parts;
    }

    /**
     * What stands below the lowest floor, down to the lowest ground at its corners.
     *
     * @return list<Part>
     */
    private function plinth(float $top): array
    {
        $slabs = $this->plan === array_values($this->home->plans)[0] && $this->home->ground()->isSaid() ? $this->plan->mass->slab() : [];
        $prisms = [];
        foreach ($slabs as $slab) {
            $ground = $this->lowestGround($slab->outer, $top);
            $prisms = [...$prisms, ...$ground < $top ? [Prism::box($slab->outer, $ground, $top)] : []];
        }
        $storey = $this->plan->storey;

        return $prisms === [] ? [] : [new Part("floor {$storey->id}", "Plinth of {$storey->name}", $storey->id, Material::Plinth, $prisms)];
    }

    /** Below its corners; as said else where nobody said. */
    private function lowestGround(Ring $outline, float $else): float
    {
        return min(array_map(fn(Point $corner): float => $this->home->ground()->natural($corner) ?? $else, $outline->points));
    }

    /** @return list<Polygon> what is left of the ground that the storey covers when its openings are cut out */
    private function ground(): array
    {
        $lines = [];
        foreach ($this->plan->mass->slab() as $slab) {
            array_push($lines, ...Line::around($slab->outer, 0, 0));
        }
        foreach ($this->plan->storey->voids as $void) {
            array_push($lines, ...Line::around($void->outline, 0, 1));
        }

        return (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
    }
}
