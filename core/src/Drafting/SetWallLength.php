<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Wall;

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
        $place = $draft->find($this->id);
        $wall = $draft->get($this->id, Wall::class);
        $place->refuseIfLocked();
        $storey = $draft->layout()->storey((string) $place->storey) ?? throw new RefusedEdit(Text::of('Choose a wall.'));
        $line = WallMeetings::towards($wall, $this->end);
        $by = $line->direction()->times($this->length - $line->length());
        $met = (new WallMeetings($storey))->metBy($wall, $this->end);
        if ($met !== []) {
            // obliquely met, the wall that is met goes as far across itself as takes the end along by as much
            $across = $met[0]->line()->direction()->left();
            (new MoveWall($met[0]->id, $by->dot($across)))->on($draft);

            return;
        }
        $end = $line->to->plus($by);
        $isStart = $this->end === WallMeetings::FROM;
        $draft->replace($isStart ? $wall->withEnds($end, $wall->to) : $wall->withEnds($wall->from, $end));
        // openings count from the start: when that goes, they stay where they are
        foreach ($isStart ? $draft->openingsIn($place->storey, $this->id) : [] as $opening) {
            $draft->replace($opening->withAt($opening->at + $this->length - $line->length()));
        }
    }

    public function words(): string
    {
        return Text::of('Wall {it}: length set', it: $this->id);
    }
}
