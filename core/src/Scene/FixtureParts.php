<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;

/** What stands and hangs in rooms, and what their ceilings come down to. In mm. */
final readonly class FixtureParts
{
    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey;
        $floor = $storey->elevation ?? 0.0;
        $parts = [];
        foreach ($this->home->fixturesOn($storey->id) as $placed) {
            $prisms = self::solids($placed, $floor + ($placed->room?->level() ?? 0.0));
            $name = $placed->name();
            $parts[] = new Part($placed->id(), $name, $storey->id, Material::of($placed->fixture->kind), $prisms);
        }
        foreach ($storey->soffits as $soffit) {
            [$underside, $top] = UsualSize::ofSoffit($soffit, $storey);
            $below = $floor + ($this->plan->roomAt($soffit->outline->bounds()->middle())?->level() ?? 0.0);
            $parts[] = new Part($soffit->id, 'Soffit', $storey->id, Material::Soffit, [
                Prism::box($soffit->outline, $below + $underside, $below + $top),
            ]);
        }

        return $parts;
    }

    /** @return non-empty-list<Prism> */
    private static function solids(PlacedFixture $placed, float $floor): array
    {
        $base = $floor + ($placed->fixture->base ?? 0.0);

        return array_map(
            static fn(array $solid): Prism => Prism::box(
                new Ring(array_map($placed->frame->toPlan(...), $solid[0]->points)),
                $base + $solid[1],
                $base + $solid[1] + $solid[2],
            ),
            FurnitureSolids::ofFixture($placed->fixture),
        );
    }
}
