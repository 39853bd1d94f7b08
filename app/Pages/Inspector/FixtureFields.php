<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Drafting\Surroundings;
use Heurema\Drafting\WallOffsets;
use Heurema\Geometry\Segment;
use Heurema\Kitchen\UnitChange;
use Heurema\Layout\Fixture;

/** The chosen fixture: its shape, the unit that it is, where it stands. */
final readonly class FixtureFields
{
    public function __construct(private Chosen $chosen) {}

    public function shape(): FixtureShape
    {
        $fixture = $this->chosen->element();

        return $fixture instanceof Fixture
            ? new FixtureShape($fixture, $this->chosen->layout)
            : throw new \LogicException('No fixture is chosen.');
    }

    /** @return array<string, Segment> from the centre line of the chosen fixture to the wall at its left and right */
    public function sides(): array
    {
        $sides = [];
        $fixture = $this->chosen->fixture();
        if ($fixture === null) {
            return [];
        }
        foreach ((new WallOffsets($fixture))->sides() as $side) {
            if ($side->length() > 0) {
                $sides[$side->direction()->dot($fixture->frame->xAxis) > 0 ? 'right' : 'left'] = $side;
            }
        }

        return $sides;
    }

    /** How wide the gap is in which the chosen fixture stands. */
    public function gap(): ?string
    {
        $fixture = $this->chosen->fixture();
        $between = $fixture === null ? null : (new Surroundings($fixture, $this->chosen->home))->between();

        return $between === null ? null : $this->chosen->length($between);
    }

    /** The chosen fixture as a unit of a run; null: it is none. */
    public function unit(): ?UnitChange
    {
        $fixture = $this->chosen->fixture();

        return $fixture === null ? null : UnitChange::of($fixture, $this->chosen->home);
    }

    /** @return array<string, array<string, string>> heights of the chosen fixture above the bare floor, by room and by what they are */
    public function aboveBareFloor(): array
    {
        $placed = $this->chosen->fixture() ?? $this->chosen->opening();

        return $placed === null ? [] : BareFloorHeights::of($placed, $this->chosen->home)->list();
    }
}
