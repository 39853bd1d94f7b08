<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;

/**
 * A wall made as long as said, between its ends, in mm: the end goes along the wall's line. A wall that the end meets is moved
 * with everything that meets it; a loose end goes by itself.
 */
final readonly class SetWallLength implements Edit
{
    private const MEETS = 1.0;

    /** @param 'from'|'to' $end the end that moves */
    public function __construct(private string $id, private float $length, private string $end = 'to') {}

    public function on(Draft $draft): void
    {
        $wall = $draft->find($this->id);
        if ($wall->list !== 'walls') {
            throw new RefusedEdit("{$wall->name()} is no wall.");
        }
        $wall->refuseIfLocked();
        $line = $this->end === 'to' ? $wall->line() : $wall->line()->reversed();
        $by = $line->direction()->times($this->length - $line->length());
        $met = $this->metAt($draft, $wall, $line->to);
        if ($met !== null) {
            (new MoveWall($met->id(), $by))->on($draft);

            return;
        }
        $draft->change($wall, [$this->end => $line->to->plus($by)->toArray()]);
        if ($this->end === 'from') {
            $this->keepOpenings($draft, $wall, $this->length - $line->length());
        }
    }

    public function words(): string
    {
        return "Wall {$this->id}: length set";
    }

    private function metAt(Draft $draft, Entry $wall, Point $end): ?Entry
    {
        foreach ($draft->entriesOf($wall->storey, 'walls') as $values) {
            $other = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
            $isAcross = abs($other->line()->direction()->cross($wall->line()->direction())) > 0.5;
            if ($other->id() !== $this->id && $isAcross && $other->line()->distanceTo($end) <= self::MEETS) {
                return $other;
            }
        }

        return null;
    }

    /** Openings count from the start: when that goes, they stay where they are. */
    private function keepOpenings(Draft $draft, Entry $wall, float $longer): void
    {
        foreach ($draft->entriesOf($wall->storey, 'openings') as $values) {
            if (($values['wall'] ?? null) === $wall->id()) {
                $opening = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
                $draft->change($opening, ['at' => round(($opening->number('at') ?? 0.0) + $longer, 4)]);
            }
        }
    }
}
