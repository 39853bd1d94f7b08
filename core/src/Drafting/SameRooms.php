<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Room;
use Heurema\Spatial\Space;
use Heurema\Spatial\StoreyPlan;

/** Are the rooms of a storey, and the openings into them, the same after its walls have been moved? */
final readonly class SameRooms
{
    /** A space this narrow, mm, is a gap. */
    private const GAP = 150.0;

    public function __construct(private StoreyPlan $before, private StoreyPlan $after) {}

    /** @throws RefusedEdit when a room is opened, closed or lost; it says at which corner where it can be told */
    public function check(): void
    {
        [$were, $are] = [self::together($this->before), self::together($this->after)];
        $lost = array_filter($this->before->storey->rooms, static fn(Room $room): bool => $were[$room->id] !== $are[$room->id]);
        if ($lost === [] && self::spaces($this->before) <= self::spaces($this->after)) {
            return;
        }
        $rooms = array_map(static fn(Room $room): string => $room->name, array_values($lost));
        $names = implode(Text::of(' and '), array_slice($rooms, 0, 2));

        throw new RefusedEdit(Text::of('{it} would not stay closed{openCorner}.', it: $names === ''
            ? Text::of('A space')
            : $names, openCorner: $this->openCorner()));
    }

    /** How many spaces one could stand in: gaps between doubled walls come and go. */
    private static function spaces(StoreyPlan $plan): int
    {
        return count(array_filter($plan->spaces, static fn(Space $space): bool => $space->outline->thickness() > self::GAP));
    }

    /** @return array<string, string> by room: those whose names lie in one space with it; empty where it is not closed */
    private static function together(StoreyPlan $plan): array
    {
        $together = array_fill_keys(array_map(static fn(Room $room): string => $room->id, $plan->storey->rooms), '');
        foreach ($plan->spaces as $space) {
            foreach ($space->rooms as $room) {
                $together[$room->id] = self::names($space);
            }
        }

        return $together;
    }

    private static function names(Space $space): string
    {
        $ids = array_map(static fn(Room $room): string => $room->id, $space->rooms);
        sort($ids);

        return implode(' ', $ids);
    }

    /** The first corner at which walls met and would not any more. */
    private function openCorner(): string
    {
        $meetings = new WallMeetings($this->before->storey);
        foreach ($this->before->storey->standingWalls() as $wall) {
            foreach (WallMeetings::ENDS as $end) {
                $now = $this->after->wall($wall->id);
                foreach ($meetings->metBy($wall, $end) as $met) {
                    $there = $this->after->wall($met->id);
                    if ($now === null || $there === null || !WallMeetings::meets($now, $end, $there)) {
                        return Text::of(
                            ': {wallCalled} and {wallCalled2} would part',
                            wallCalled: Text::small($this->before->wallCalled($wall->id)),
                            wallCalled2: Text::small($this->before->wallCalled($met->id)),
                        );
                    }
                }
            }
        }

        return '';
    }
}
