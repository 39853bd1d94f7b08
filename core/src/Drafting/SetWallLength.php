<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;

/**
 * A wall made as long as said, between its ends, in mm: the end goes along the wall's line. A wall that the end meets is moved
 * with everything that meets it; a loose end goes by itself.
 */
final readonly class SetWallLength implements Edit
{
    /** @param 'from'|'to' $end the end that moves */
    public function __construct(private string $id, private float $length, private string $end = WallMeetings::TO) {}

    public function on(Draft $draft): void
    {
        $entry = $draft->find($this->id);
        if ($entry->list !== 'walls' || $entry->storey === null) {
            throw new RefusedEdit("{$entry->name()} is no wall.");
        }
        $entry->refuseIfLocked();
        $storey = $draft->layout()->storey($entry->storey);
        $wall = $storey?->wall($this->id) ?? throw new RefusedEdit('Choose a wall.');
        $line = WallMeetings::towards($wall, $this->end);
        $by = $line->direction()->times($this->length - $line->length());
        $met = (new WallMeetings($storey))->metBy($wall, $this->end);
        if ($met !== []) {
            // obliquely met, the wall that is met goes as far across itself as takes the end along by as much
            $across = $met[0]->line()->direction()->left();
            (new MoveWall($met[0]->id, $by->dot($across)))->on($draft);

            return;
        }
        $draft->change($entry, [$this->end => $line->to->plus($by)->toArray()]);
        if ($this->end === WallMeetings::FROM) {
            $this->keepOpenings($draft, $entry, $this->length - $line->length());
        }
    }

    public function words(): string
    {
        return "Wall {$this->id}: length set";
    }

    /** Openings count from the start: when that goes, they stay where they are. */
    private function keepOpenings(Draft $draft, DraftElement $wall, float $longer): void
    {
        foreach ($draft->entriesOf($wall->storey, 'openings') as $values) {
            if (($values['wall'] ?? null) === $wall->id()) {
                $opening = $draft->find(is_string($values['id'] ?? null) ? $values['id'] : '');
                $draft->change($opening, ['at' => round(($opening->number('at') ?? 0.0) + $longer, 4)]);
            }
        }
    }
}
