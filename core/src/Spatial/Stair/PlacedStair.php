<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Layout\FloorOpening;
use Heurema\Layout\Stair;
use Heurema\Layout\Storey;
use Heurema\Spatial\Subject\Naming;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A stair with the storeys it joins. */
final readonly class PlacedStair implements Subject
{
    /** So far before its last nosing one is in the opening, mm. */
    private const BEFORE_HEAD = 20.0;

    public StairShape $shape;

    public function __construct(public Stair $stair, public ?Storey $from, public Storey $to, private ?Naming $names = null)
    {
        $this->shape = StairShape::of($stair);
    }

    public function type(): SubjectType
    {
        return SubjectType::Stair;
    }

    public function id(): string
    {
        return $this->stair->id;
    }

    public function name(): string
    {
        return $this->names?->of($this) ?? $this->stair->name;
    }

    /** The storey it starts on; steps outside count to the storey they reach. */
    public function storey(): string
    {
        return ($this->from ?? $this->to)->id;
    }

    /** The opening in the upper floor that it comes up through; null where none is drawn there. */
    public function opening(): ?FloorOpening
    {
        if ($this->shape->head === null) {
            return null;
        }
        $below = $this->shape->head->offset(-self::BEFORE_HEAD)->middle();
        foreach ($this->to->voids as $void) {
            if ($void->outline->contains($below)) {
                return $void;
            }
        }

        return null;
    }

    /** From the floor at its foot to the floor at its head, in mm; null when it cannot be told. */
    public function totalRise(): ?float
    {
        if ($this->stair->rise !== null) {
            return $this->stair->rise;
        }
        if ($this->from?->elevation === null || $this->to->elevation === null) {
            return null;
        }

        return $this->to->elevation - $this->from->elevation;
    }

    /** @return list<string> what the document lacks for the total rise */
    public function missingForRise(): array
    {
        if ($this->from === null) {
            return ["{$this->stair->id}.rise"];
        }
        $unknown = array_filter([$this->from, $this->to], static fn(Storey $storey): bool => $storey->elevation === null);

        return array_values(array_map(static fn(Storey $storey): string => "{$storey->id}.elevation", $unknown));
    }
}
