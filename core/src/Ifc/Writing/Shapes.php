<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\StepText;

/** Placements and bodies of a model that is written. Lengths in mm. */
final readonly class Shapes
{
    private Reference $context;
    private Reference $up;

    /** @param float|null $north direction of true north, degrees counter-clockwise from +x */
    public function __construct(private StepText $text, ?float $north)
    {
        $this->up = $text->share('IFCDIRECTION', [[0.0, 0.0, 1.0]]);
        $way = $north === null ? null : Point::towards($north);
        $this->context = $text->add('IFCGEOMETRICREPRESENTATIONCONTEXT', [
            null, 'Model', 3, 0.01, $this->axes(0.0, 0.0, 0.0, 0.0),
            $way === null ? null : $text->share('IFCDIRECTION', [[$way->x, $way->y]]),
        ]);
    }

    public function context(): Reference
    {
        return $this->context;
    }

    /** Where something stands in the frame of something else; x leads along a direction, in degrees. */
    public function placement(?Reference $in, Point $at, float $z, float $degrees = 0.0): Reference
    {
        return $this->text->add('IFCLOCALPLACEMENT', [$in, $this->axes($at->x, $at->y, $z, $degrees)]);
    }

    /**
     * Outlines drawn straight up, in the frame of what they are the body of.
     *
     * @param list<array{Ring, float, float}> $pieces outline, bottom and height
     */
    public function body(array $pieces): ?Reference
    {
        $solids = [];
        foreach ($pieces as [$outline, $bottom, $height]) {
            if ($height > 0.0 && $outline->area() > 0.0) {
                $solids[] = $this->extrusion($outline, $this->axes(0.0, 0.0, $bottom, 0.0), $height);
            }
        }

        return $solids === [] ? null : $this->shape('Body', 'SweptSolid', $solids);
    }

    /**
     * Outlines seen from the side, drawn across to the right of a way: x leads along it, y up.
     *
     * @param list<array{Ring, Point, Point, float}> $pieces outline, where it begins on plan at its left, the way, and how wide
     */
    public function sideways(array $pieces): ?Reference
    {
        $solids = array_map(fn(array $piece): Reference => $this->extrusion(
            $piece[0],
            $this->text->share('IFCAXIS2PLACEMENT3D', [
                $this->text->share('IFCCARTESIANPOINT', [[$piece[1]->x, $piece[1]->y, 0.0]]),
                $this->text->share('IFCDIRECTION', [[$piece[2]->y, -$piece[2]->x, 0.0]]),
                $this->text->share('IFCDIRECTION', [[$piece[2]->x, $piece[2]->y, 0.0]]),
            ]),
            $piece[3],
        ), $pieces);

        return $solids === [] ? null : $this->shape('Body', 'SweptSolid', $solids);
    }

    private function extrusion(Ring $outline, Reference $axes, float $depth): Reference
    {
        $profile = $this->text->add('IFCARBITRARYCLOSEDPROFILEDEF', [new Enumeration('AREA'), null, $this->border($outline)]);

        return $this->text->add('IFCEXTRUDEDAREASOLID', [$profile, $axes, $this->up, $depth]);
    }

    /** A line on plan and nothing else. */
    public function line(Point $from, Point $to): Reference
    {
        return $this->shape('Axis', 'Curve2D', [$this->text->add('IFCPOLYLINE', [[$this->point($from), $this->point($to)]])]);
    }

    private function border(Ring $outline): Reference
    {
        $points = array_map($this->point(...), $outline->counterClockwise()->points);

        return $this->text->add('IFCPOLYLINE', [[...$points, $points[0]]]);
    }

    /** @param list<Reference> $items */
    private function shape(string $identifier, string $type, array $items): Reference
    {
        $representation = $this->text->add('IFCSHAPEREPRESENTATION', [$this->context, $identifier, $type, $items]);

        return $this->text->add('IFCPRODUCTDEFINITIONSHAPE', [null, null, [$representation]]);
    }

    private function point(Point $point): Reference
    {
        return $this->text->share('IFCCARTESIANPOINT', [[$point->x, $point->y]]);
    }

    private function axes(float $x, float $y, float $z, float $degrees): Reference
    {
        $way = Point::towards($degrees);

        return $this->text->share('IFCAXIS2PLACEMENT3D', [
            $this->text->share('IFCCARTESIANPOINT', [[$x, $y, $z]]),
            $this->up,
            $this->text->share('IFCDIRECTION', [[$way->x, $way->y, 0.0]]),
        ]);
    }
}
