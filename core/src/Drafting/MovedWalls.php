<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Wall;

/**
 * The lines that walls take when one of them is moved sideways. Each end that met what moves runs along its own line and meets it
 * as it did; ends of what moves run along the walls that they meet. A wall that also holds one that stays where it is, is drawn out
 * and never cut back.
 */
final class MovedWalls
{
    /** A wall shorter than this, mm, is none. */
    private const LEAST = 1.0;

    /** @var array<string, Wall> what moves sideways, by id */
    private array $moving = [];

    /** @var array<string, Segment> */
    private array $lines = [];

    /**
     * @param Point $by across the wall, mm
     *
     * @throws RefusedEdit when nothing would be left of a wall
     */
    public function __construct(
        private readonly WallMeetings $meetings,
        private readonly Wall $wall,
        private readonly Point $by,
        private readonly ?CollinearWalls $inLine,
    ) {
        $this->take($wall);
        $followers = $this->followers();
        foreach ($followers as [$other, $ends]) {
            $this->follow($other, $ends, array_column($followers, 0));
        }
        foreach ($this->moving as $moved) {
            $this->lines[$moved->id] = new Segment($this->ownEnd($moved, WallMeetings::FROM), $this->ownEnd($moved, WallMeetings::TO));
        }
    }

    /** @return array<string, Segment> by id, only those that change */
    public function lines(): array
    {
        return $this->lines;
    }

    /** @return list<Wall> what moves sideways, where it was */
    public function moving(): array
    {
        return array_values($this->moving);
    }

    /** Walls in line go along as was chosen; where nobody chose, where no wall across holds them. */
    private function take(Wall $wall): void
    {
        if (isset($this->moving[$wall->id])) {
            return;
        }
        $this->moving[$wall->id] = $wall;
        foreach ($this->inLine === CollinearWalls::Stay ? [] : WallMeetings::ENDS as $end) {
            foreach ($this->meetings->inLine($wall, $end) as [$other, $its]) {
                if ($this->inLine === CollinearWalls::Follow || !$this->isHeld($wall, $end, $other, $its)) {
                    $this->take($other);
                }
            }
        }
    }

    /**
     * Does a wall across hold both of two walls in one line?
     *
     * @param 'from'|'to' $end
     * @param 'from'|'to' $its
     */
    private function isHeld(Wall $wall, string $end, Wall $other, string $its): bool
    {
        $across = $this->meetings->metBy($wall, $end);

        return array_filter($this->meetings->metBy($other, $its), static fn(Wall $held): bool => in_array($held, $across, true)) !== [];
    }

    /** @return array<string, array{Wall, list<'from'|'to'>}> the walls with ends on what moves */
    private function followers(): array
    {
        $followers = [];
        foreach ($this->moving as $moved) {
            foreach ($this->meetings->endsOn($moved) as [$other, $end]) {
                if (!isset($this->moving[$other->id])) {
                    $followers[$other->id] = [$other, array_values(array_unique([...($followers[$other->id][1] ?? []), $end]))];
                }
            }
        }

        return $followers;
    }

    /**
     * @param list<'from'|'to'> $ends
     * @param list<Wall>        $followers
     */
    private function follow(Wall $wall, array $ends, array $followers): void
    {
        $line = $wall->line();
        $shift = $this->along($line->direction());
        $moved = [WallMeetings::FROM => $line->from, WallMeetings::TO => $line->to];
        foreach ($ends as $end) {
            $isCutBack = $shift->dot(WallMeetings::towards($wall, $end)->direction()) < 0;
            if (!$isCutBack || !$this->holdsWhatStays($wall, $end, $followers)) {
                $moved[$end] = $moved[$end]->plus($shift);
            }
        }
        $this->lines[$wall->id] = $this->standing($wall, new Segment($moved[WallMeetings::FROM], $moved[WallMeetings::TO]));
    }

    /**
     * Does a wall that stays as it is end on this one's end, or this one on it?
     *
     * @param 'from'|'to' $end
     * @param list<Wall>  $followers
     */
    private function holdsWhatStays(Wall $wall, string $end, array $followers): bool
    {
        $at = WallMeetings::end($wall, $end);
        $stays = fn(Wall $other): bool => !isset($this->moving[$other->id]) && !in_array($other, $followers, true);
        if (array_filter($this->meetings->metBy($wall, $end), $stays) !== []) {
            return true;
        }
        foreach ($this->meetings->endsOn($wall) as [$other, $its]) {
            if (
                $stays($other)
                && WallMeetings::end($other, $its)->distanceTo($at) <= $wall->thickness / 2 + $other->thickness / 2 + $this->wall->thickness
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where an end of what moves comes to lie: along the wall that it meets, the outermost of several.
     *
     * @param 'from'|'to' $end
     */
    private function ownEnd(Wall $moved, string $end): Point
    {
        $out = WallMeetings::towards($moved, $end)->direction();
        $shifts = array_map(
            fn(Wall $met): Point => $this->along($met->line()->direction()),
            array_values(array_filter($this->meetings->metBy($moved, $end), fn(Wall $met): bool => !isset($this->moving[$met->id]))),
        );
        usort($shifts, static fn(Point $a, Point $b): int => $b->dot($out) <=> $a->dot($out));

        return WallMeetings::end($moved, $end)->plus($shifts[0] ?? $this->by);
    }

    /** The movement along a direction by which one comes as far across the moved wall as it does. */
    private function along(Point $direction): Point
    {
        return $direction->times($this->by->dot($this->by) / $direction->dot($this->by));
    }

    private function standing(Wall $wall, Segment $line): Segment
    {
        if ($line->vector()->dot($wall->line()->direction()) < self::LEAST) {
            throw new RefusedEdit(Text::of('Nothing would be left of wall {wall}.', wall: $wall->id));
        }

        return $line;
    }
}
