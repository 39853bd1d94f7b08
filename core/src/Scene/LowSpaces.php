<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Language\Text;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StairCovers;
use Heurema\Spatial\StoreyPlan;

/** Where less than a wanted height is left: under slopes, low ceilings and soffits, and under stairs; from the floor up. In mm. */
final readonly class LowSpaces
{
    public function __construct(private Home $home, private StoreyPlan $plan, private float $wanted) {}

    /** @return list<Part> of rooms, soffits and stairs, by their ids */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->rooms as $room) {
            array_push($parts, ...$this->part($room->id(), $room->name(), $this->underCeiling($room)));
        }
        foreach ($this->plan->storey->soffits as $soffit) {
            [$underside] = UsualSize::ofSoffit($soffit, $this->plan->storey);
            $isLow = $underside > 0.0 && $underside < $this->wanted;
            $under = $isLow ? [Prism::box($soffit->outline, $this->floor(), $this->floor() + $underside)] : [];
            array_push($parts, ...$this->part($soffit->id, Text::of('Soffit'), $under));
        }
        foreach ($this->home->stairs as $stair) {
            array_push($parts, ...$this->part($stair->id(), $stair->name(), $this->underStair($stair)));
        }

        return $parts;
    }

    /**
     * @param list<Prism> $prisms
     *
     * @return list<Part>
     */
    private function part(string $id, string $name, array $prisms): array
    {
        return $prisms === [] ? [] : [new Part($id, Text::of(
            '{name}, low',
            name: $name,
        ), $this->plan->storey->id, Material::LowSpace, $prisms)];
    }

    /** @return list<Prism> */
    private function underCeiling(RoomSpace $room): array
    {
        [$ceiling, $outline] = [$room->ceiling(), $room->outline()];
        if ($ceiling === null || $outline === null) {
            return [];
        }
        $floor = Surface::level($this->floor() + $room->level());
        $prisms = [];
        foreach (CeilingSurface::over($ceiling, $outline) as [$piece, $surface]) {
            $low = $ceiling instanceof SlopedCeiling
                ? CeilingSurface::below($surface, Surface::level($this->wanted), $piece)
                : ($ceiling < $this->wanted ? [$piece] : []);
            foreach ($low as $part) {
                $prisms[] = new Prism($part, $floor, $surface->raised($this->floor() + $room->level()));
            }
        }

        return $prisms;
    }

    /** @return list<Prism> under each tread that one cannot stand under, up to the underside that headroom there is measured to */
    private function underStair(PlacedStair $stair): array
    {
        $climb = $stair->from !== null && $stair->storey() === $this->plan->storey->id ? Climb::of($stair) : null;
        $prisms = [];
        foreach ($climb instanceof Climb ? $stair->shape->steps : [] as $step) {
            $under = $climb instanceof Climb ? $climb->level($step) - StairCovers::STAIR_DEPTH : 0.0;
            if ($under > 0.0 && $under < $this->wanted) {
                $prisms[] = Prism::box($step->outline, $this->floor(), $this->floor() + $under);
            }
        }

        return $prisms;
    }

    private function floor(): float
    {
        return $this->plan->storey->elevation ?? 0.0;
    }
}
