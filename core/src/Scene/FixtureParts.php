<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;

/** What stands and hangs in rooms, and what their ceilings come down to. In mm. */
final readonly class FixtureParts
{
    private const WORKTOPS = [FixtureKind::Counter, FixtureKind::Island];

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey;
        $floor = $storey->elevation ?? 0.0;
        $parts = [];
        foreach ($this->home->fixturesOn($storey->id) as $placed) {
            $prisms = $this->solids($placed, $floor + ($placed->room?->level() ?? 0.0));
            $material = Material::of($placed->fixture->kind);
            if ($prisms !== []) {
                $parts[] = new Part($placed->id(), $placed->name(), $storey->id, $material, $prisms);
            }
        }
        foreach ($storey->soffits as $soffit) {
            [$underside, $top] = UsualSize::ofSoffit($soffit, $storey);
            $below = $floor + ($this->plan->roomAt($soffit->outline->bounds()->middle())?->level() ?? 0.0);
            $parts[] = new Part($soffit->id, Text::of('Soffit'), $storey->id, Material::Soffit, [
                Prism::box($soffit->outline, $below + $underside, $below + $top),
            ]);
        }

        return $parts;
    }

    /** @return list<Prism> */
    private function solids(PlacedFixture $placed, float $floor): array
    {
        $base = $floor + ($placed->fixture->base ?? 0.0);
        $prisms = [];
        foreach (FurnitureSolids::ofFixture($placed->fixture) as [$outline, $from, $height]) {
            $whole = new Polygon((new Ring(array_map($placed->frame->toPlan(...), $outline->points)))->counterClockwise());
            foreach (Remainder::of([$whole], $this->setIn($placed, $base + $from - $floor)) as $piece) {
                $prisms[] = new Prism($piece, Surface::level($base + $from), Surface::level($base + $from + $height));
            }
        }

        return $prisms;
    }

    /**
     * @param float $from above the floor: what begins higher is set on it
     *
     * @return list<Ring> what is cut out of a part of a worktop
     */
    private function setIn(PlacedFixture $worktop, float $from): array
    {
        $isWorktop = in_array($worktop->fixture->kind, self::WORKTOPS, true);
        $cut = [];
        foreach ($isWorktop ? $this->home->fixturesOn($this->plan->storey->id) : [] as $one) {
            $isLetIn = in_array($one->fixture->kind, FixtureKind::SET_IN_WORKTOPS, true) && ($one->fixture->base ?? 0.0) <= $from;
            $cut = [...$cut, ...$isLetIn && $one->isSetIn($worktop) && $one->outline !== null ? [$one->outline] : []];
        }

        return $cut;
    }
}
