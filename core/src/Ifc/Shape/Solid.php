<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;

/** A body by its flat faces, each seen from outside counter-clockwise. In mm, in the project's frame. */
final readonly class Solid
{
    /**
     * @param non-empty-list<non-empty-list<Vector>> $faces
     * @param Prism|null         $prism where it is an outline drawn straight up
     * @param bool        $isCut something is cut away of it
     * @param list<Plane> $above planes above which nothing of it is left
     */
    public function __construct(public array $faces, public ?Prism $prism = null, public bool $isCut = false, public array $above = []) {}

    /** @return non-empty-list<Vector> */
    public function corners(): array
    {
        return array_merge(...$this->faces);
    }

    public function bottom(): float
    {
        return min(array_map(static fn(Vector $corner): float => $corner->z, $this->corners()));
    }

    public function top(): float
    {
        return max(array_map(static fn(Vector $corner): float => $corner->z, $this->corners()));
    }

    /** @return non-empty-list<Point> its corners as they are seen from above */
    public function plan(): array
    {
        return array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $this->corners());
    }

    /** @return list<Plane> of its faces that look up, each once */
    public function tops(): array
    {
        $planes = [];
        foreach ($this->faces as $face) {
            $normal = new Vector(0, 0, 0);
            foreach ($face as $number => $corner) {
                $normal = $normal->plus($corner->minus($face[0])->cross($face[($number + 1) % count($face)]->minus($face[0])));
            }
            $plane = $normal->z > 0.0 ? Plane::of($face[0], $normal) : null;
            $isNew = $plane !== null && array_filter($planes, static fn(Plane $other): bool => $other->isSame($plane)) === [];
            $planes = [...$planes, ...$isNew ? [$plane] : []];
        }

        return $planes;
    }

    /**
     * The level faces that look up, with how high each lies.
     *
     * @return list<array{Ring, float}>
     */
    public function treads(): array
    {
        $treads = [];
        foreach ($this->faces as $face) {
            $heights = array_map(static fn(Vector $corner): float => $corner->z, $face);
            if (max($heights) - min($heights) > 1.0) {
                continue;
            }
            $ring = new Ring(array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $face));
            if ($ring->signedArea() > 0) {
                $treads[] = [$ring, max($heights)];
            }
        }

        return $treads;
    }
}
