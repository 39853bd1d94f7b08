<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Layout\Guard;
use Heurema\Layout\Soffit;
use Heurema\Layout\Storey;
use Heurema\Scene\FurnitureSolids;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\PlacedFixture;

/** What stands in rooms, hangs under their ceilings and guards their edges. */
final readonly class Furnishing
{
    /** Guards are drawn so thick, mm. */
    private const THICK = 40.0;

    public function __construct(private Products $products) {}

    public function fixture(PlacedFixture $placed, Reference $in): void
    {
        $fixture = $placed->fixture;
        $base = $fixture->base ?? 0.0;
        // x leads to the right of one who looks at it from the front, y out of its front
        $solids = FurnitureSolids::ofFixture($fixture);
        $onPlan = array_map(static fn(array $solid): array => [
            new Ring(array_map($placed->frame->toPlan(...), $solid[0]->points)), $solid[1], $solid[2],
        ], $solids);
        $place = $this->products->shapes->placement($in, $fixture->at, $base, $fixture->facing - 90.0);
        [$type, $predefined] = FixtureType::of($fixture->kind);
        $this->products->contain(
            $type,
            $fixture,
            [
                $fixture->name ?? ucfirst($fixture->kind->words()), null, $fixture->kind->words(), $place,
                $this->products->shapes->body($solids), new Enumeration($predefined),
            ],
            Products::around($onPlan, ($placed->plan->storey->elevation ?? 0.0) + $base),
        );
    }

    public function soffit(Soffit $soffit, Storey $storey, Reference $in): void
    {
        [$underside, $top] = UsualSize::ofSoffit($soffit, $storey);
        $height = $top - $underside;
        $box = Products::box($soffit->outline, static fn(Point $at): Point => $at);
        $floor = ($storey->elevation ?? 0.0) + $underside;
        $this->products->contain(
            'IFCBEAM',
            $soffit,
            [
                $this->products->name($soffit), null, null, $this->products->shapes->placement($in, new Point(0, 0), $underside),
                $this->products->shapes->body([[$soffit->outline, 0.0, $height]]), null,
            ],
            [...$box[0], $floor, ...$box[1], $floor + $height],
        );
    }

    public function guard(Guard $guard, float $floor, Reference $in): void
    {
        $height = $guard->height ?? UsualSize::GUARD;
        $pieces = [];
        for ($number = 1, $count = count($guard->line); $number < $count; ++$number) {
            $along = $guard->line[$number]->minus($guard->line[$number - 1]);
            $across = $along->unit()->left()->times(self::THICK);
            $pieces[] = [Ring::rectangle($guard->line[$number - 1]->minus($across->times(0.5)), $along, $across), 0.0, $height];
        }
        $railing = $this->products->contain(
            'IFCRAILING',
            $guard,
            [
                $this->products->name($guard), null, null, $this->products->shapes->placement(
                    $in,
                    new Point(0, 0),
                    0.0,
                ), $this->products->shapes->body($pieces),
                new Enumeration('GUARDRAIL'),
            ],
            Products::around($pieces, $floor),
        );
        $this->products->characterise($railing, $guard->id, CommonProperties::ofGuard($guard));
    }
}
