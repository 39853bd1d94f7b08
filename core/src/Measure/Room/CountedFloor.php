<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\FloorTaken;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** The floor of a room that counts: without columns, ducts, stairs and openings, and without what lies under too low a ceiling. */
final class CountedFloor
{
    /** Far enough, in mm, to lie outside every home. */
    private const FAR = 100_000_000.0;

    /** @var array<array-key, Message|string> what was taken away: names of elements, or what else it is */
    public array $takenAway = [];

    /** @var list<string> heights that would have to be known */
    public array $missing = [];

    /** @var list<Ring> */
    private array $cut = [];

    private function __construct(private readonly Polygon $outline, private readonly RoomSpace $room, private readonly Home $home) {}

    /** @param float|null $height mm; floor under a ceiling lower than this does not count */
    public static function of(Polygon $outline, RoomSpace $room, Home $home, ?float $height): self
    {
        $floor = new self($outline, $room, $home);
        $floor->takeColumns();
        $floor->takeStairsAndOpenings();
        if ($height !== null) {
            $floor->takeUnderCeiling($height);
            $floor->takeUnderSoffits($height);
        }

        return $floor;
    }

    /** @return list<Polygon> */
    public function parts(): array
    {
        return Remainder::of([$this->outline], $this->cut);
    }

    /** In square millimetres. */
    public function area(): float
    {
        return array_sum(array_map(static fn(Polygon $part): float => $part->area(), $this->parts()));
    }

    private function takeColumns(): void
    {
        foreach ($this->home->fixturesNear($this->room->storey(), $this->outline->bounds()) as $fixture) {
            $ring = $fixture->outline;
            if ($ring !== null && self::isBuilt($fixture) && $this->overlaps($ring)) {
                $this->cut[] = $ring;
                $this->takenAway[] = $fixture->spoken();
            }
        }
    }

    private function takeStairsAndOpenings(): void
    {
        foreach (FloorTaken::in($this->room, $this->home, FloorTaken::FLOOR) as $ring) {
            if ($this->overlaps($ring)) {
                $this->cut[] = $ring;
                $this->takenAway['stairs'] = Message::of('room.counted_floor.stairs_and_openings');
            }
        }
    }

    private function takeUnderCeiling(float $height): void
    {
        $ceiling = $this->room->ceiling();
        if ($ceiling === null) {
            $this->missing[] = $this->room->ceilingKey();
        } elseif ($ceiling instanceof SlopedCeiling) {
            foreach ($ceiling->slopes() as $slope) {
                $this->takeUnderSlope($slope, $height);
            }
        } elseif ($ceiling < $height - Tolerance::TOUCH) {
            $this->cut[] = $this->outline->outer;
            $this->takenAway[] = Message::of('room.counted_floor.all_of_it', ceiling: Amount::length($ceiling));
        }
    }

    private function takeUnderSlope(SlopedCeiling $ceiling, float $height): void
    {
        $lowest = min(array_map($ceiling->heightAt(...), $this->outline->outer->points));
        if ($lowest >= $height - Tolerance::TOUCH) {
            return;
        }
        $line = new Segment($ceiling->from, $ceiling->to);
        $reach = $ceiling->high > $ceiling->low
            ? ($height - $ceiling->low) / ($ceiling->high - $ceiling->low) * $line->length()
            : self::FAR;
        $edge = $line->at(min($reach, self::FAR));
        $across = $line->direction()->left()->times(self::FAR);
        $this->cut[] = Ring::rectangle(
            $edge->minus($across),
            $across->times(2),
            $line->direction()->times(-2 * self::FAR),
        )->counterClockwise();
        $this->takenAway[] = Message::of('room.counted_floor.under_lower_ceiling', height: Amount::length($height));
    }

    private function takeUnderSoffits(float $height): void
    {
        foreach (SoffitsOver::room($this->outline, $this->room, $this->home) as $soffit) {
            if ($soffit->underside === null) {
                $this->missing[] = "{$soffit->id}.underside";
            } elseif ($soffit->underside < $height - Tolerance::TOUCH) {
                $this->cut[] = $soffit->outline;
                $this->takenAway[] = Message::of('room.counted_floor.under_soffit', soffit: $soffit->id);
            }
        }
    }

    private static function isBuilt(PlacedFixture $fixture): bool
    {
        return in_array($fixture->fixture->kind, [FixtureKind::Column, FixtureKind::Duct], true);
    }

    private function overlaps(Ring $ring): bool
    {
        return Overlap::area($this->outline, $ring) > 100.0;
    }
}
