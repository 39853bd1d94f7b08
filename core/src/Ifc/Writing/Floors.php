<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Layout\RampRun;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StoreyPlan;

/** What one walks on: floors, stairs and ramps. */
final readonly class Floors
{
    public function __construct(private Products $products) {}

    /** The floor to the outer faces of the outer walls, with its openings; only where it is said how thick it is. */
    public function floor(StoreyPlan $plan, Reference $in): void
    {
        $storey = $plan->storey;
        $thickness = $storey->floorThickness;
        $slabs = $plan->mass->slab();
        if ($thickness === null || $thickness <= 0.0 || $slabs === []) {
            return;
        }
        $place = $this->products->shapes->placement($in, new Point(0, 0), -$thickness);
        $pieces = array_map(static fn(Polygon $slab): array => [$slab->outer, 0.0, $thickness], $slabs);
        $floor = $this->products->stand('IFCSLAB', [
            GlobalId::made("floor {$storey->id}"), null, "Floor of {$storey->name}", null, null, $place,
            $this->products->shapes->body($pieces), null, new Enumeration('FLOOR'),
        ]);
        $under = ($storey->elevation ?? 0.0) - $thickness;
        $this->products->keep($floor, "floor {$storey->id}", ['storey' => $storey->id], Products::around($pieces, $under));
        foreach ($storey->voids as $void) {
            $cut = $this->products->text->add('IFCOPENINGELEMENT', [
                GlobalId::of($void->id), null, $this->products->name($void), null, null, $place,
                $this->products->shapes->body([[$void->outline, -1.0, $thickness + 2.0]]), $this->products->tag($void->id),
                new Enumeration('OPENING'),
            ]);
            $this->products->relate('IFCRELVOIDSELEMENT', "cut {$void->id}", [$floor, $cut]);
        }
    }

    /** Its treads as plates, as high as each lies. */
    public function stair(PlacedStair $stair, float $floor, Reference $in): void
    {
        $climb = Climb::of($stair);
        $pieces = [];
        foreach ($climb instanceof Climb ? $stair->shape->steps : [] as $step) {
            $level = $climb instanceof Climb ? $climb->level($step) : 0.0;
            $pieces[] = [$step->outline, $level - UsualSize::TREAD, UsualSize::TREAD];
        }
        $written = $this->products->contain(
            'IFCSTAIR',
            $stair->stair,
            [
                $stair->stair->name,
                null,
                null,
                $this->products->shapes->placement($in, new Point(0, 0), 0.0),
                $this->products->shapes->body($pieces),
                null,
            ],
            Products::around($pieces, $floor),
        );
        $this->products->characterise(
            $written,
            $stair->id(),
            CommonProperties::ofStair($stair->stair, $climb instanceof Climb ? $climb : null),
        );
    }

    /** Runs and landings, each as thick as ramps usually are. */
    public function ramp(PlacedRamp $ramp, float $floor, Reference $in): void
    {
        $level = $ramp->ramp->base ?? 0.0;
        $pieces = $outlines = [];
        foreach ($ramp->shape->parts as $part) {
            $rise = $part->part instanceof RampRun ? $part->part->rise ?? 0.0 : 0.0;
            $outlines[] = [$part->outline, $level - UsualSize::RAMP, UsualSize::RAMP + $rise];
            $pieces[] = self::rampPiece($part, $level, $rise);
            $level += $rise;
        }
        $this->products->contain(
            'IFCRAMP',
            $ramp->ramp,
            [
                $ramp->ramp->name,
                null,
                null,
                $this->products->shapes->placement($in, new Point(0, 0), 0.0),
                $this->products->shapes->sideways($pieces),
                null,
            ],
            Products::around($outlines, $floor),
        );
    }

    /** @return array{Ring, Point, Point, float} as Shapes::sideways draws it */
    private static function rampPiece(RampPart $part, float $level, float $rise): array
    {
        // the first of its edges leads along the way; Ring begins with the one before
        [, $base, $side] = $part->outline->edges();
        $way = $base->direction();

        return [
            new Ring([
                new Point(0.0, $level - UsualSize::RAMP),
                new Point($base->length(), $level + $rise - UsualSize::RAMP),
                new Point($base->length(), $level + $rise),
                new Point(0.0, $level),
            ]),
            $base->from->plus($way->left()->times($side->length())),
            $way,
            $side->length(),
        ];
    }
}
