<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Ring;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;

/** What stands and hangs in rooms, and what their ceilings come down to. In mm. */
final readonly class ThingParts
{
    /** Where nobody said: common practice, no source. */
    private const SIZE = [500.0, 500.0, 700.0];
    private const UNDERSIDE = 2100.0;

    /** Soffits are drawn so thick at the least. */
    private const THICK = 100.0;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey;
        $floor = Scene::floor($storey->elevation);
        $parts = [];
        foreach ($this->home->fixturesOn($storey->id) as $placed) {
            $prisms = self::solids($placed, $floor);
            $name = $placed->name();
            $parts[] = new Part($placed->id(), $name, $storey->id, Material::of($placed->fixture->kind), $prisms);
        }
        foreach ($storey->soffits as $soffit) {
            $under = $floor + ($soffit->underside ?? self::UNDERSIDE);
            $top = max($under + self::THICK, $floor + ($storey->ceiling ?? Scene::HEIGHT));
            $parts[] = new Part($soffit->id, 'Soffit', $storey->id, Material::Soffit, [Prism::box($soffit->outline, $under, $top)]);
        }

        return $parts;
    }

    /** @return non-empty-list<Prism> */
    private static function solids(PlacedFixture $placed, float $floor): array
    {
        $fixture = $placed->fixture;
        $base = $floor + ($fixture->base ?? 0.0);
        $height = $fixture->height ?? self::SIZE[2];
        if ($fixture->outline !== null && $fixture->outline !== []) {
            $outline = new Ring(array_map($placed->frame->toPlan(...), $fixture->outline));

            return [Prism::box($outline, $base, $base + $height)];
        }
        $solids = FurnitureSolids::of($fixture->kind, $fixture->width ?? self::SIZE[0], $fixture->depth ?? self::SIZE[1], $height);

        return array_map(
            static fn(array $solid): Prism => Prism::box(
                new Ring(array_map($placed->frame->toPlan(...), $solid[0]->points)),
                $base + $solid[1],
                $base + $solid[1] + $solid[2],
            ),
            $solids,
        );
    }
}
