<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\StairKind;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\Cover;
use Heurema\Spatial\Stair\CoverKind;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * All that hangs over a stair: floors outside their openings, ceilings where no opening is above them, soffits, other stairs.
 */
final class StairCovers
{
    /** From the line over the nosings straight down to the underside of a stair, mm: common practice, no source. */
    public const STAIR_DEPTH = 300.0;

    /** Steps this far above the underside of a soffit, mm, pass over it. */
    private const PASSES = 300.0;

    /** @var list<Cover> the lowest first */
    public array $found = [];

    /** What comes in over a step by no more than this, mm, only touches it. */
    public float $touch = Tolerance::TOUCH;

    /** @var list<string> heights over the stair that nobody said */
    public array $missing = [];

    /** @var array<string, Message> by the stair they are about */
    public array $assumptions = [];

    private readonly Box $reach;

    private readonly Ring $around;

    private readonly float $foot;

    /** @param Ring $around the plan of the stair and of the floor at its foot and head */
    private function __construct(private readonly Home $home, private readonly Climb $climb, Ring $around)
    {
        $this->around = $around;
        $this->reach = $around->bounds();
        $this->foot = $climb->foot();
    }

    public static function of(Home $home, Climb $climb, Ring $around): self
    {
        $covers = new self($home, $climb, $around);
        foreach ($covers->storeys() as $number => $storey) {
            $covers->takeStorey($storey, $number > 0 || $climb->stair->from === null);
        }
        foreach ($home->stairs as $other) {
            $covers->takeStair($other);
        }

        $covers->touch = $covers->lean() ? Tolerance::GRAZE : Tolerance::TOUCH;
        usort($covers->found, static fn(Cover $a, Cover $b): int => $a->floorOfHeights() <=> $b->floorOfHeights());

        return $covers;
    }

    /** Does an edge over the stair lean a little against its flights? */
    private function lean(): bool
    {
        $sides = array_merge(...array_map(static fn(Step $step): array => $step->outline->edges(), $this->climb->stair->shape->steps));
        foreach ($this->found as $cover) {
            foreach ($cover->over->edges() as $edge) {
                foreach ($sides as $side) {
                    [$along, $aside] = [
                        $side->along($edge->to) - $side->along($edge->from),
                        $side->leftOf($edge->to) - $side->leftOf($edge->from),
                    ];
                    if (abs($aside) <= Tolerance::GRAZE && Tolerance::ofEdge($along, $aside) > Tolerance::TOUCH) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @return list<Storey> from the one at its foot upwards; of steps outside from the one they reach */
    private function storeys(): array
    {
        $first = $this->climb->stair->storey();
        $found = [];
        foreach ($this->home->layout->storeys as $storey) {
            if ($found !== [] || $storey->id === $first) {
                $found[] = $storey;
            }
        }

        return $found;
    }

    private function takeStorey(Storey $storey, bool $isAboveFoot): void
    {
        $plan = $this->home->plans[$storey->id];
        $openings = $this->openingsAbove($storey);
        if ($isAboveFoot) {
            $this->takeFloor($plan);
        }
        if ($storey->elevation === null) {
            return;
        }
        $top = ($this->above($storey)->elevation ?? INF) - $this->foot;
        foreach ($plan->rooms as $room) {
            $outline = $room->outline();
            if ($outline === null || !$outline->bounds()->overlaps($this->reach)) {
                continue;
            }
            $ceiling = $room->ceiling();
            foreach ($this->near($outline, $openings) as $part) {
                if ($ceiling === null) {
                    $this->missing[] = $room->ceilingKey();
                } else {
                    $this->found[] = new Cover(
                        $part,
                        $storey->elevation - $this->foot,
                        $ceiling,
                        $top,
                        Text::of('the ceiling of {room}', room: $room->name()),
                        $top < INF ? CoverKind::CeilingUnderFloor : CoverKind::CeilingUnderRoof,
                    );
                }
            }
        }
        foreach ($storey->soffits as $soffit) {
            if (!$soffit->outline->bounds()->overlaps($this->reach)) {
                continue;
            }
            if ($soffit->underside === null) {
                $this->missing[] = "{$soffit->id}.underside";
            } else {
                $this->found[] = new Cover(
                    new Polygon($soffit->outline->counterClockwise()),
                    $storey->elevation - $this->foot,
                    $soffit->underside,
                    $storey->elevation - $this->foot + $soffit->underside + self::PASSES,
                    Text::of('the soffit over it'),
                    CoverKind::Soffit,
                );
            }
        }
    }

    private function takeFloor(StoreyPlan $plan): void
    {
        $storey = $plan->storey;
        $parts = [];
        foreach ($plan->mass->slab() as $slab) {
            if ($slab->bounds()->overlaps($this->reach)) {
                array_push($parts, ...$this->near($slab, array_map(static fn($void): Ring => $void->outline, $storey->voids)));
            }
        }
        if ($parts === []) {
            return;
        }
        if ($storey->elevation === null || $storey->floorThickness === null) {
            $this->missing[] = $storey->elevation === null ? "{$storey->id}.elevation" : "{$storey->id}.floor_thickness";

            return;
        }
        foreach ($parts as $part) {
            $this->found[] = new Cover(
                $part,
                $storey->elevation - $this->foot,
                -$storey->floorThickness,
                $storey->elevation - $this->foot,
                Text::of('the floor of {name}', name: $storey->name),
                CoverKind::Floor,
            );
        }
    }

    private function takeStair(PlacedStair $other): void
    {
        // a spiral comes around over itself
        $isOwn = $other === $this->climb->stair;
        $climb = $other->from?->elevation === null || ($isOwn && $other->stair->kind !== StairKind::Spiral) ? null : Climb::of($other);
        if (!$climb instanceof Climb) {
            return;
        }
        $base = ($other->from->elevation ?? 0.0) - $this->foot;
        foreach ($base < 1 && !$isOwn ? [] : $other->shape->steps as $step) {
            if ($step->outline->bounds()->overlaps($this->reach)) {
                $this->found[] = new Cover(
                    new Polygon($step->outline),
                    $base,
                    $climb->level($step) - self::STAIR_DEPTH,
                    $base + $climb->level($step),
                    $other->name(),
                    CoverKind::Stair,
                );
                $this->assumptions[$other->id()] = Message::of(
                    'spatial.stair_covers.is_taken_to_be',
                    other: $other->name(),
                    stairDepth: Amount::length(self::STAIR_DEPTH),
                );
            }
        }
    }

    /** @return list<Ring> the openings in the floor above a storey */
    private function openingsAbove(Storey $storey): array
    {
        return array_map(static fn($void): Ring => $void->outline, $this->above($storey)->voids ?? []);
    }

    private function above(Storey $storey): ?Storey
    {
        foreach ($this->home->layout->storeys as $number => $candidate) {
            if ($candidate === $storey) {
                return $this->home->layout->storeys[$number + 1] ?? null;
            }
        }

        return null;
    }

    /**
     * What of a shape lies over the stair, rings cut out.
     *
     * @param list<Ring> $rings
     *
     * @return list<Polygon>
     */
    private function near(Polygon $polygon, array $rings): array
    {
        $over = Overlap::parts($polygon, $this->around);
        $cut = array_filter($rings, fn(Ring $ring): bool => $ring->bounds()->overlaps($this->reach));

        return $cut === [] || $over === [] ? $over : Remainder::of($over, array_values($cut));
    }
}
