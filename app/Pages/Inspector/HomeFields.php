<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\Acts\SetHome;
use App\Board\SignedLength;
use Heurema\Layout\Storey;

/** The level, north and attic of the home, as they are typed. */
final readonly class HomeFields
{
    public function __construct(private Chosen $chosen) {}

    /** How far the ground outside lies below the floor in sight, as it would be typed; empty: nobody said. */
    public function ground(): string
    {
        $grade = $this->chosen->layout->grade;
        $below = $grade === null ? null : ($this->chosen->drawnStorey()->elevation ?? 0.0) - $grade;

        return $below === null ? '' : SignedLength::write($below, $this->chosen->layout);
    }

    /** How far north is turned from up, degrees clockwise; empty: nobody said. */
    public function north(): string
    {
        $north = $this->chosen->layout->north;

        return $north === null ? '' : (string) round(fmod(450.0 - $north, 360.0), 6);
    }

    /** How large the attic is, as it would be typed; empty: nobody said. */
    public function attic(): string
    {
        return SetHome::atticTyped($this->chosen->layout);
    }

    /** How high the floor of the chosen storey lies, as it would be typed; empty: nobody said. */
    public function storeyLevel(): string
    {
        $storey = $this->chosen->element();
        $level = $storey instanceof Storey ? $storey->elevation : null;

        return $level === null ? '' : SignedLength::write($level, $this->chosen->layout);
    }
}
