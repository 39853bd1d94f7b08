<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Units\Amount;
use Heurema\Units\MetricNotation;

/**
 * A wall moved sideways: what meets it is drawn out or cut back to meet it still, openings stay where they are on their walls, and
 * every room stays closed. By a distance in mm, to the left of the wall's direction when positive, or by as much of a movement on
 * the plan as runs across the wall.
 */
final readonly class MoveWall implements Edit
{
    /** An opening that hangs over the end of its wall by less, mm, does not. */
    private const HANGS_OVER = Tolerance::TOUCH;

    /** So near to a name, mm, a wall does not come. */
    private const BESIDE_NAME = 10.0;

    /** @param CollinearWalls|null $inLine null: walls in one line with it stay where a wall across holds them, else they follow */
    public function __construct(private string $id, private float|Point $by, private ?CollinearWalls $inLine = null) {}

    public function on(Draft $draft): void
    {
        $entry = $draft->find($this->id);
        if (!$entry->element instanceof Wall || $entry->storey === null) {
            throw new RefusedEdit(Text::of('{entry} is no wall.', entry: $entry->name()));
        }
        $before = new Home($draft->layout());
        $storey = $before->plans[$entry->storey]->storey;
        $wall = $storey->wall($this->id) ?? throw new RefusedEdit(Text::of('Choose a wall.'));
        $across = $wall->line()->direction()->left();
        $by = $across->times($this->by instanceof Point ? $this->by->dot($across) : $this->by);
        if ($by->length() < 1e-6) {
            return;
        }
        $moved = new MovedWalls(new WallMeetings($storey), $wall, $by, $this->inLine);
        foreach ($moved->lines() as $id => $line) {
            $this->draw($draft, $id, $line, $before);
        }
        $this->keepNames($draft, $storey, $moved->moving(), $by);
        $this->check($before, new Home($draft->layout()), $entry->storey);
    }

    public function words(): string
    {
        $distance = $this->by instanceof Point ? $this->by->length() : abs($this->by);

        return Text::of('Wall {it} moved {distance}', it: $this->id, distance: (new MetricNotation())->write(Amount::length($distance)));
    }

    /** Openings count from the wall's start: when that moves along the wall, they stay where they are. */
    private function draw(Draft $draft, string $id, Segment $line, Home $before): void
    {
        $draft->find($id)->refuseIfLocked();
        $wall = $draft->get($id, Wall::class);
        $shift = $wall->line()->from->minus($line->from)->dot($wall->line()->direction());
        $draft->replace($wall->withEnds($line->from, $line->to));
        foreach ($before->openings as $opening) {
            if ($opening->wall->id === $id) {
                $at = round($opening->opening->at + $shift, 4);
                self::refuseToHangOver($opening, $at, $line->length());
                $draft->replace($opening->opening->withAt($at));
            }
        }
    }

    private static function refuseToHangOver(PlacedOpening $opening, float $at, float $length): void
    {
        $half = ($opening->opening->width ?? 0.0) / 2;
        if ($at - $half < -self::HANGS_OVER || $at + $half > $length + self::HANGS_OVER) {
            throw new RefusedEdit(Text::of('{spoken} would hang over the end of its wall.', spoken: Text::capital($opening->spoken())));
        }
    }

    /**
     * The name of a room that a wall comes over goes with the wall.
     *
     * @param list<Wall> $moving where they were
     */
    private function keepNames(Draft $draft, Storey $storey, array $moving, Point $by): void
    {
        foreach ($storey->rooms as $room) {
            foreach ($moving as $wall) {
                $along = $wall->line()->along($room->at);
                $ahead = $room->at->minus($wall->line()->at($along))->dot($by->unit());
                if (
                    $along >= 0
                    && $along <= $wall->line()->length()
                    && $ahead > 0
                    && $ahead < $by->length() + $wall->thickness / 2 + self::BESIDE_NAME
                ) {
                    $draft->replace($room->withAt($room->at->plus($by)));

                    continue 2;
                }
            }
        }
    }

    /** @throws RefusedEdit */
    private function check(Home $before, Home $after, string $storey): void
    {
        $were = [];
        foreach ($before->openingsOn($storey) as $opening) {
            $were[$opening->id()] = $opening;
        }
        foreach ($after->openingsOn($storey) as $opening) {
            $was = $were[$opening->id()];
            if (array_diff($opening->plan->wallsInto($opening), $was->plan->wallsInto($was)) !== []) {
                throw new RefusedEdit(Text::of('A wall would stand in {opening}.', opening: $was->spoken()));
            }
        }
        (new SameRooms($before->plans[$storey], $after->plans[$storey]))->check();
    }
}
