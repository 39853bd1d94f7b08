<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;

/**
 * A wall moved sideways with its openings; the walls that meet it are drawn out or cut back to meet it still, their own
 * openings staying where they are. By a distance in mm, to the left of the wall's direction when positive, or by as much of
 * a movement on the plan as runs across the wall.
 */
final readonly class MoveWall implements Edit
{
    /** How close an end must lie to the wall's line, mm, to belong to it. */
    private const MEETS = 1.0;

    public function __construct(private string $id, private float|Point $by) {}

    public function on(Draft $draft): void
    {
        $wall = $draft->find($this->id);
        if ($wall->list !== 'walls') {
            throw new RefusedEdit("{$wall->name()} is no wall.");
        }
        $wall->refuseIfLocked();
        $old = $wall->line();
        $new = $old->offset($this->by instanceof Point ? $this->by->dot($old->direction()->left()) : $this->by);
        [$from, $to] = [$new->from, $new->to];
        foreach ($this->meeting($draft, $wall) as $other) {
            $this->follow($draft, $other, $old, $new);
            $along = $other->line();
            $from = $this->ownEnd($old->from, $from, $along, $new);
            $to = $this->ownEnd($old->to, $to, $along, $new);
        }
        $draft->change($draft->find($this->id), ['from' => $from->toArray(), 'to' => $to->toArray()]);
        $this->keepOpenings($draft, $wall, $old->from, $from);
    }

    public function words(): string
    {
        $distance = $this->by instanceof Point ? $this->by->length() : abs($this->by);

        return "Wall {$this->id} moved ".(new MetricNotation())->write(Amount::length($distance));
    }

    /** @return list<Entry> walls of the storey that have an end on the wall, or an end of the wall on them */
    private function meeting(Draft $draft, Entry $wall): array
    {
        $line = $wall->line();
        $found = [];
        foreach ($draft->entriesOf($wall->storey, 'walls') as $values) {
            $other = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
            $parallel = abs($other->line()->direction()->cross($line->direction())) < 0.1;
            if ($other->id() !== $this->id && !$parallel && $this->touches($line, $other->line())) {
                $found[] = $other;
            }
        }

        return $found;
    }

    private function touches(Segment $line, Segment $other): bool
    {
        return min($line->distanceTo($other->from), $line->distanceTo($other->to), $other->distanceTo($line->from), $other->distanceTo($line->to)) <= self::MEETS;
    }

    /** The end of another wall that lay on the old line is run to the new one. */
    private function follow(Draft $draft, Entry $other, Segment $old, Segment $new): void
    {
        $line = $other->line();
        foreach (['from' => $line->from, 'to' => $line->to] as $key => $end) {
            if ($old->distanceTo($end) > self::MEETS) {
                continue;
            }
            $crossing = $line->lineCrossing($new) ?? $end;
            $current = $draft->find($other->id());
            $current->refuseIfLocked();
            $draft->change($current, [$key => $crossing->toArray()]);
            if ($key === 'from') {
                $this->keepOpenings($draft, $current, $end, $crossing);
            }
        }
    }

    /** An end of the moved wall that lay on another wall stays on that wall's line. */
    private function ownEnd(Point $was, Point $is, Segment $other, Segment $new): Point
    {
        return $other->distanceTo($was) <= self::MEETS ? ($new->lineCrossing($other) ?? $is) : $is;
    }

    /** Openings count from the wall's start: when that moves along the wall, they stay where they are. */
    private function keepOpenings(Draft $draft, Entry $wall, Point $was, Point $is): void
    {
        $shift = $was->minus($is)->dot($wall->line()->direction());
        if (abs($shift) < 1e-6) {
            return;
        }
        foreach ($draft->entriesOf($wall->storey, 'openings') as $values) {
            if (($values['wall'] ?? null) === $wall->id()) {
                $opening = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
                $draft->change($opening, ['at' => round(($opening->number('at') ?? 0.0) + $shift, 4)]);
            }
        }
    }
}
