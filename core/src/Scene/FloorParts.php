<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** Floors with their openings, levels and finishes, what they stand on, and terraces. In mm. */
final readonly class FloorParts
{
    /** Terraces are drawn so thick at the least. */
    private const TERRACE = 100.0;

    /** @param bool $isFinished what lies on the bare floor is told apart */
    public function __construct(private Home $home, private StoreyPlan $plan, private bool $isFinished = false) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey;
        $top = $storey->elevation ?? 0.0;
        $under = $top - ($storey->floorThickness ?? UsualSize::FLOOR);
        $prisms = self::slabs($this->ground(null), $under, $top);
        $finishes = [];
        foreach ($this->ownFloors() as $room) {
            $pieces = $this->ground($room);
            $level = $top + $room->level();
            $finish = $this->finish($room);
            $bare = $level - ($finish === null ? 0.0 : min(UsualSize::FLOOR / 2, $room->room->floorFinishThickness ?? UsualSize::FINISH));
            array_push($prisms, ...self::slabs($pieces, min($under, $under + $room->level()), $bare));
            $laid = $finish === null ? [] : self::slabs($pieces, $bare, $level);
            $finishes = [...$finishes, ...$finish === null || $laid === [] ? [] : [
                new Part($room->id(), Text::of('Floor of {room}', room: $room->name()), $storey->id, $finish, $laid),
            ]];
        }
        $name = Text::of('Floor of {name}', name: $storey->name);
        $parts = $prisms === [] ? [] : [new Part("floor {$storey->id}", $name, $storey->id, Material::Floor, $prisms)];
        array_push($parts, ...$finishes, ...$this->plinth($under));
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

        return $prisms === [] ? [] : [new Part("floor {$storey->id}", Text::of(
            'Plinth of {name}',
            name: $storey->name,
        ), $storey->id, Material::Plinth, $prisms)];
    }

    /** Below its corners; as said else where nobody said. */
    private function lowestGround(Ring $outline, float $else): float
    {
        return min(array_map(fn(Point $corner): float => $this->home->ground()->natural($corner) ?? $else, $outline->points));
    }

    /**
     * @param list<Polygon> $pieces
     *
     * @return list<Prism>
     */
    private static function slabs(array $pieces, float $under, float $top): array
    {
        return array_map(static fn(Polygon $piece): Prism => new Prism($piece, Surface::level($under), Surface::level($top)), $pieces);
    }

    /** @return list<RoomSpace> whose floor lies higher or lower than the storey's, or is of something that is told apart */
    private function ownFloors(): array
    {
        return array_values(array_filter($this->plan->rooms, fn(RoomSpace $room): bool => $room->outline() !== null
            && ($room->level() !== 0.0 || $this->finish($room) !== null)));
    }

    private function finish(RoomSpace $room): ?Material
    {
        return $this->isFinished ? Material::ofFinish($room->room->floorFinish) : null;
    }

    /**
     * @param RoomSpace|null $room null: what is no room with a floor of its own
     *
     * @return list<Polygon> what is left there of the ground that the storey covers when its openings are cut out
     */
    private function ground(?RoomSpace $room): array
    {
        $lines = [];
        foreach ($this->plan->mass->slab() as $slab) {
            array_push($lines, ...Line::around($slab->outer, 0, 0));
        }
        foreach ($this->plan->storey->voids as $void) {
            array_push($lines, ...Line::around($void->outline, 0, 1));
        }
        foreach ($room === null ? $this->ownFloors() : [$room] as $own) {
            array_push($lines, ...$own->outline() === null ? [] : Line::aroundPolygon($own->outline(), 0, 2));
        }

        return (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0
            && ($face->depth(2) > 0) === ($room !== null));
    }
}
