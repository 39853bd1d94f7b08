<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Language\Text;

/** The bodies of a product, where it stands in the project. In mm. */
final readonly class Bodies
{
    /** Items stand within one another no deeper. */
    private const DEEPEST = 30;

    private const MESHES = [
        'IFCFACETEDBREP' => 'Outer', 'IFCFACEBASEDSURFACEMODEL' => 'FbsmFaces', 'IFCSHELLBASEDSURFACEMODEL' => 'SbsmBoundary',
    ];

    private Profiles $profiles;
    private Curves $curves;

    /** @param float $degrees in the file's unit of angles */
    public function __construct(public Placement $placement, float $degrees)
    {
        $this->curves = new Curves($placement, $degrees);
        $this->profiles = new Profiles($placement, $this->curves);
    }

    /** @return list<Solid> */
    public function of(Instance $product): array
    {
        $frame = $this->placement->of($product->one('ObjectPlacement'));
        $solids = [];
        foreach ($product->one('Representation')?->many('Representations') ?? [] as $representation) {
            $isBody = in_array($representation->get('RepresentationIdentifier'), ['Body', null], true);
            foreach ($isBody ? $representation->many('Items') : [] as $item) {
                array_push($solids, ...$this->item($item, $frame, 0));
            }
        }

        return $solids;
    }

    /** @return list<Vector> the line along which a wall is drawn; empty where there is none */
    public function axis(Instance $product): array
    {
        $frame = $this->placement->of($product->one('ObjectPlacement'));
        foreach ($product->one('Representation')?->many('Representations') ?? [] as $representation) {
            if ($representation->get('RepresentationIdentifier') === 'Axis') {
                return array_map($frame->point(...), $this->curves->points($representation->many('Items')[0] ?? null));
            }
        }

        return [];
    }

    /** @return list<Solid> */
    private function item(?Instance $item, Transform $frame, int $depth): array
    {
        if ($item === null || $depth > self::DEEPEST) {
            return $item === null ? [] : throw UnreadableFile::atEntity($item->id, Text::of('items stand within one another without end.'));
        }

        return match ($item->type) {
            'IFCEXTRUDEDAREASOLID' => $this->extrusion($item, $frame),
            'IFCBOOLEANCLIPPINGRESULT', 'IFCBOOLEANRESULT' => $this->clipped($item, $frame, $depth),
            'IFCMAPPEDITEM' => $this->mapped($item, $frame, $depth),
            'IFCFACETEDBREP', 'IFCFACEBASEDSURFACEMODEL', 'IFCSHELLBASEDSURFACEMODEL' => $this->mesh($item, $frame),
            'IFCTRIANGULATEDFACESET', 'IFCPOLYGONALFACESET' => $this->faceSet($item, $frame),
            default => [],
        };
    }

    /** @return list<Solid> */
    private function clipped(Instance $item, Transform $frame, int $depth): array
    {
        $above = $item->word('Operator') === 'DIFFERENCE' ? $this->above($item->one('SecondOperand'), $frame) : null;

        return array_map(
            static fn(Solid $solid): Solid => new Solid(
                $solid->faces,
                $solid->prism,
                true,
                [...$solid->above, ...$above === null ? [] : [$above]],
            ),
            $this->item($item->one('FirstOperand'), $frame, $depth + 1),
        );
    }

    /** The plane of a half-space that lies above it: its material is on the side that the normal of its surface points away from. */
    private function above(?Instance $half, Transform $frame): ?Plane
    {
        if ($half?->is('IFCHALFSPACESOLID', 'IFCPOLYGONALBOUNDEDHALFSPACE') !== true) {
            return null;
        }
        $placed = $frame->then($this->placement->axes($half->one('BaseSurface')?->one('Position')));
        $isAbove = $placed->z->z * ($half->yesNo('AgreementFlag') === false ? -1 : 1) < 0.0;

        return $isAbove ? Plane::of($placed->origin, $placed->z) : null;
    }

    /** @return list<Solid> */
    private function mapped(Instance $item, Transform $frame, int $depth): array
    {
        $source = $item->one('MappingSource');
        $target = $item->one('MappingTarget');
        $inner = $target === null ? $frame : $frame->then($this->placement->operator($target));
        $inner = $inner->then($this->placement->axes($source?->one('MappingOrigin')));
        $solids = [];
        foreach ($source?->one('MappedRepresentation')?->many('Items') ?? [] as $one) {
            array_push($solids, ...$this->item($one, $inner, $depth + 1));
        }

        return $solids;
    }

    /** @return list<Solid> */
    private function extrusion(Instance $item, Transform $frame): array
    {
        $inner = $frame->then($this->placement->axes($item->one('Position')));
        $way = $inner->direction(Placement::direction($item->one('ExtrudedDirection')) ?? new Vector(0, 0, 1))
            ->times(($item->number('Depth') ?? 0.0) * $this->placement->scale);
        $borders = $this->profiles->borders($item->one('SweptArea'), $inner);
        if ($borders === [] || $way->length() < 1e-6) {
            return [];
        }
        $bottom = self::outwards($borders[0], $way->times(-1));
        $faces = [$bottom, array_map(static fn(Vector $corner): Vector => $corner->plus($way), array_reverse($bottom))];
        foreach ($bottom as $number => $corner) {
            $next = $bottom[($number + 1) % count($bottom)];
            $faces[] = [$next, $corner, $corner->plus($way), $next->plus($way)];
        }

        return [new Solid($faces, self::prism($borders, $way))];
    }

    /** @param non-empty-list<non-empty-list<Vector>> $borders */
    private static function prism(array $borders, Vector $way): ?Prism
    {
        $heights = array_map(static fn(Vector $corner): float => $corner->z, $borders[0]);
        if (hypot($way->x, $way->y) > 0.01 || max($heights) - min($heights) > 0.01) {
            return null;
        }
        $onPlan = static fn(Vector $corner): Point => new Point($corner->x, $corner->y);
        $rings = array_map(
            static fn(array $border): Ring => (new Ring(array_map($onPlan, $border)))->counterClockwise(),
            $borders,
        );
        $ends = [$heights[0], $heights[0] + $way->z];

        return new Prism($rings[0], array_slice($rings, 1), min($ends), max($ends));
    }

    /**
     * @param non-empty-list<Vector> $border
     *
     * @return non-empty-list<Vector> counter-clockwise as it is seen from where a direction leads
     */
    private static function outwards(array $border, Vector $direction): array
    {
        $normal = new Vector(0, 0, 0);
        foreach ($border as $number => $corner) {
            $normal = $normal->plus($corner->cross($border[($number + 1) % count($border)]));
        }

        return $normal->dot($direction) < 0 ? array_reverse($border) : $border;
    }

    /** @return list<Solid> */
    private function mesh(Instance $item, Transform $frame): array
    {
        $faces = [];
        foreach ($item->many(self::MESHES[$item->type]) as $shell) {
            foreach ($shell->many('CfsFaces') as $face) {
                $bound = $face->many('Bounds')[0] ?? null;
                $corners = array_map(
                    fn(Instance $point): Vector => $frame->point($this->placement->point($point)),
                    $bound?->one('Bound')?->many('Polygon') ?? [],
                );
                $faces[] = $bound?->yesNo('Orientation') === false ? array_reverse($corners) : $corners;
            }
        }
        $faces = array_values(array_filter($faces, static fn(array $face): bool => count($face) > 2));

        return $faces === [] ? [] : [new Solid($faces)];
    }

    /** @return list<Solid> */
    private function faceSet(Instance $item, Transform $frame): array
    {
        $points = array_map(
            fn(array $row): Vector => $frame->point($this->placement->coordinates($row)),
            $item->one('Coordinates')?->rows('CoordList') ?? [],
        );
        $rows = $item->is('IFCTRIANGULATEDFACESET')
            ? $item->rows('CoordIndex')
            : array_map(static fn(Instance $face): array => $face->numbers('CoordIndex'), $item->many('Faces'));
        $faces = [];
        foreach ($rows as $row) {
            $corners = array_values(array_filter(array_map(static fn(float $number): ?Vector => $points[(int) $number - 1] ?? null, $row)));
            array_push($faces, ...count($corners) > 2 ? [$corners] : []);
        }

        return $faces === [] ? [] : [new Solid($faces)];
    }
}
