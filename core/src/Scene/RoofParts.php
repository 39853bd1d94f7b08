<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** What lies over the rooms of a storey: boards where their ceilings are level, the roof where they slope, roof windows cut out. In mm. */
final readonly class RoofParts
{
    private const BOARD = 15.0;
    private const PANE = 20.0;

    /** In the open. */
    private const UNCOVERED = [RoomUse::Balcony, RoomUse::Porch, RoomUse::Terrace];

    /** @param StoreyPlan|null $above the storey over it */
    public function __construct(private Home $home, private StoreyPlan $plan, private ?StoreyPlan $above) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->rooms as $room) {
            $ceiling = $room->ceiling();
            $outline = $room->outline();
            if ($ceiling !== null && $outline !== null && !in_array($room->room->use, self::UNCOVERED, true)) {
                array_push($parts, ...$ceiling instanceof SlopedCeiling
                    ? $this->roof($room, $ceiling, $outline)
                    : $this->board($room, $ceiling, $outline));
            }
        }

        return [...$parts, ...$this->panes()];
    }

    /** The roof over a piece of the plan, from a slope upwards. */
    public static function over(Polygon $piece, Surface $slope): Prism
    {
        return new Prism($piece, $slope, $slope->raised(UsualSize::ROOF));
    }

    /** @return list<Part> */
    private function board(RoomSpace $room, float $ceiling, Polygon $outline): array
    {
        $under = Surface::level($this->floor() + $room->level() + $ceiling);
        $openings = array_map(static fn(FloorOpening $void): Ring => $void->outline, $this->above->storey->voids ?? []);

        return $this->part(Text::of('Ceiling of {room}', room: $room->name()), $room, Material::Ceiling, array_map(
            static fn(Polygon $piece): Prism => new Prism($piece, $under, $under->raised(self::BOARD)),
            Remainder::of([$outline], $openings),
        ));
    }

    /** @return list<Part> */
    private function roof(RoomSpace $room, SlopedCeiling $ceiling, Polygon $outline): array
    {
        $windows = array_filter(array_map(
            static fn(PlacedOpening $window): ?Ring => $window->roof?->outline(),
            $this->windows(),
        ));
        $prisms = [];
        foreach (Remainder::of([$outline], array_values($windows)) as $piece) {
            foreach (CeilingSurface::over($ceiling, $piece) as [$part, $slope]) {
                $prisms[] = self::over($part, $slope->raised($this->floor() + $room->level()));
            }
        }

        return $this->part(Text::of('Roof over {room}', room: $room->name()), $room, Material::Roof, $prisms);
    }

    /**
     * @param list<Prism> $prisms
     *
     * @return list<Part>
     */
    private function part(string $name, RoomSpace $room, Material $material, array $prisms): array
    {
        return $prisms === [] ? [] : [new Part($room->id(), $name, $this->plan->storey->id, $material, $prisms)];
    }

    /** @return list<PlacedOpening> in the roof */
    private function windows(): array
    {
        $storey = $this->plan->storey->id;

        return array_values(array_filter($this->home->roofWindows, static fn(PlacedOpening $one): bool => $one->storey() === $storey));
    }

    /** @return list<Part> */
    private function panes(): array
    {
        $panes = [];
        foreach ($this->windows() as $window) {
            $ring = $window->roof?->outline();
            $ceiling = $window->roof?->room?->ceiling();
            if ($ring === null || !$ceiling instanceof SlopedCeiling) {
                continue;
            }
            foreach (CeilingSurface::over($ceiling, new Polygon($ring)) as [$part, $slope]) {
                $under = $slope->raised($this->floor() + $window->roof->room->level() + UsualSize::ROOF / 2);
                $panes[] = new Part($window->id(), $window->name(), $this->plan->storey->id, Material::Glass, [
                    new Prism($part, $under, $under->raised(self::PANE)),
                ]);
            }
        }

        return $panes;
    }

    private function floor(): float
    {
        return $this->plan->storey->elevation ?? 0.0;
    }
}
