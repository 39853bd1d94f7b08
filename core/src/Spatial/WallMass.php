<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\PolygonsNear;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Layout\Opening;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\OpeningKind;

/** What the walls of a storey fill, and what of it is in the way. */
final class WallMass
{
    /** Less of a fixture than this in a wall, mm², is rounding. */
    private const NOTICED_MM2 = 0.01;

    /** A wall that comes in by less, mm, only touches. */
    private const ENTERS_BY = 0.01;

    private ?Obstacles $obstructions = null;

    private ?Obstacles $faces = null;

    /** @var list<Polygon>|null */
    private ?array $pierced = null;

    private ?PolygonsNear $solidsNear = null;

    private ?PolygonsNear $piercedNear = null;

    /** @param list<Polygon> $solids what the walls fill, openings not cut out */
    public function __construct(private readonly Storey $storey, public readonly array $solids) {}

    public function contains(Point $point): bool
    {
        return $this->faces()->contains($point);
    }

    /** The faces of walls with the bare openings cut out and all doors closed. */
    public function obstructions(): Obstacles
    {
        return $this->obstructions ??= Obstacles::solid($this->pierced());
    }

    /**
     * What walls take of a ring, openings not cut out.
     *
     * @param Ring  $ring   counter-clockwise
     * @param Ring  $around convex, counter-clockwise, with the ring in it
     * @param float $margin mm that walls may come in without being noticed
     *
     * @return list<Polygon>
     */
    public function in(Ring $ring, Ring $around, float $margin): array
    {
        $isNear = $this->faces()->enter($around, $margin);
        if (!$isNear && !$this->contains($around->middle())) {
            return [];
        }
        $near = ($this->solidsNear ??= new PolygonsNear($this->solids))->in($around->bounds());
        $reached = array_filter($near, static fn(Polygon $solid): bool => ConvexClip::area($solid, $around) > self::NOTICED_MM2);

        return array_merge(...array_map(static fn(Polygon $solid): array => Overlap::parts($solid, $ring), array_values($reached)));
    }

    /**
     * What walls take of a ring, bare openings cut out.
     *
     * @param Ring $ring convex, counter-clockwise
     *
     * @return list<Polygon>
     */
    public function standingIn(Ring $ring): array
    {
        if (!$this->obstructions()->enter($ring, self::ENTERS_BY) && !$this->obstructions()->contains($ring->middle())) {
            return [];
        }
        $near = ($this->piercedNear ??= new PolygonsNear($this->pierced()))->in($ring->bounds());
        $parts = array_merge(...array_map(static fn(Polygon $solid): array => Overlap::parts($solid, $ring), $near));

        return array_values(array_filter($parts, static fn(Polygon $part): bool => $part->area() > self::NOTICED_MM2));
    }

    /** @return list<Polygon> the floor's slab, walls and all, openings in it not cut out */
    public function slab(): array
    {
        return array_map(static fn(Polygon $solid): Polygon => new Polygon($solid->outer), $this->solids);
    }

    /** @return list<Polygon> the walls without their bare openings */
    private function pierced(): array
    {
        return $this->pierced ??= $this->cutGaps();
    }

    /** @return list<Polygon> */
    private function cutGaps(): array
    {
        $gaps = array_filter(
            $this->storey->openings,
            static fn(Opening $opening): bool => $opening->kind === OpeningKind::Bare && $opening->stands(),
        );
        if ($gaps === []) {
            return $this->solids;
        }

        return Remainder::of($this->solids, array_values(array_map($this->cutThrough(...), $gaps)));
    }

    /** A rectangle as wide as the opening, through the whole wall and a little beyond. */
    private function cutThrough(Opening $opening): Ring
    {
        $wall = $this->storey->wall($opening->wall) ?? throw new \LogicException('An opening without a wall.');
        $along = $wall->line()->direction();
        $across = $along->left()->times($wall->thickness + 2);
        $width = $opening->width ?? 0.0;
        $corner = $wall->line()->at($opening->at - $width / 2)->minus($across->times(0.5));

        return Ring::rectangle($corner, $along->times($width), $across);
    }

    private function faces(): Obstacles
    {
        return $this->faces ??= Obstacles::solid($this->solids);
    }
}
