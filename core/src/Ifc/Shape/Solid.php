<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;

/** A body by its flat faces, each seen from outside counter-clockwise. In mm, in the project's frame. */
final readonly class Solid
{
    /** What rises by no more, mm, is level. */
    private const LEVEL = 1.0;

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
            $plane = Plane::lookingUp($face);
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
        return array_values(array_filter($this->levels(), static fn(array $level): bool => $level[0]->signedArea() > 0));
    }

    /** What it covers on plan: its outline where it is drawn straight up, else the largest level face at its foot. */
    public function footprint(): ?Ring
    {
        $foot = $this->prism?->outline;
        foreach ($this->prism === null ? $this->levels() : [] as [$ring, $height]) {
            $isLarger = $foot === null || $ring->area() > $foot->area();
            $foot = $height - $this->bottom() < self::LEVEL && $isLarger ? $ring->counterClockwise() : $foot;
        }

        return $foot;
    }

    /**
     * Of several bodies the one that covers most.
     *
     * @param list<self> $solids
     */
    public static function largestFootprint(array $solids): ?Ring
    {
        $largest = null;
        foreach ($solids as $solid) {
            $foot = $solid->footprint();
            $largest = $foot !== null && ($largest === null || $foot->area() > $largest->area()) ? $foot : $largest;
        }

        return $largest;
    }

    /** @return list<array{Ring, float}> the level faces, those that look up counter-clockwise, with the highest place of each */
    private function levels(): array
    {
        $levels = [];
        foreach ($this->faces as $face) {
            $heights = array_map(static fn(Vector $corner): float => $corner->z, $face);
            if (max($heights) - min($heights) <= self::LEVEL) {
                $corners = array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $face);
                $levels[] = [new Ring($corners), max($heights)];
            }
        }

        return $levels;
    }
}
