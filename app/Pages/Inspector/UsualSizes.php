<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use App\Board\UsualWalls;
use Heurema\Drafting\EntranceSteps;
use Heurema\Units\UnitSystem;

/** The sizes that tools begin with, as they are typed. */
final readonly class UsualSizes
{
    public function __construct(private Chosen $chosen) {}

    /** @return array{string, string} height and largest gap that a guard begins with, as they are typed (common practice, no source) */
    public function guard(): array
    {
        return $this->isImperial() ? ['36"', '3 7/8"'] : [$this->chosen->typed(1100.0), $this->chosen->typed(99.0)];
    }

    /**
     * @return array{string, string, string, string} riser, tread, landing and margin that entrance steps begin with, as they are typed:
     *                                               those that there are, else as is usual (common practice, no source)
     */
    public function entranceSteps(): array
    {
        $door = $this->chosen->opening();
        $like = $door === null ? null : EntranceSteps::nearest($door, $this->chosen->home);
        if ($like !== null) {
            return array_map($this->chosen->typed(...), [$like->highest, $like->tread, $like->landing, $like->margin]);
        }

        return $this->isImperial()
            ? ['7"', '11"', '36"', '6"']
            : [$this->chosen->typed(170.0), $this->chosen->typed(280.0), $this->chosen->typed(900.0), $this->chosen->typed(150.0)];
    }

    /**
     * @return array{string, string, string, string} slope, width, landing and rise of a run that an entrance ramp begins with, as they
     *                                               are typed (common practice, no source)
     */
    public function entranceRamp(): array
    {
        return $this->isImperial()
            ? ['12', '48"', '60"', '30"']
            : ['12', $this->chosen->typed(1200.0), $this->chosen->typed(1500.0), $this->chosen->typed(500.0)];
    }

    /** @return array{string, string} width and height of a usual roof window, as they are typed (common practice, no source) */
    public function roofWindow(): array
    {
        return $this->isImperial() ? ['30"', '46"'] : [$this->chosen->typed(780.0), $this->chosen->typed(1180.0)];
    }

    /** How high the underside of a soffit begins, as it is typed (common practice, no source). */
    public function soffit(): string
    {
        return $this->isImperial() ? "7'-0\"" : $this->chosen->typed(2100.0);
    }

    public function beam(): string
    {
        return $this->isImperial() ? '6"' : $this->chosen->typed(200.0);
    }

    /** The highest that a riser may usually be, mm (R311.7.5.1; Approved Document K 220 mm is seldom used up). */
    public function riser(): float
    {
        return $this->isImperial() ? 196.85 : 190.0;
    }

    /** What the next wall is likely to be. */
    public function wallType(): string
    {
        return $this->chosen->drawnStorey()?->walls === [] ? 'exterior' : 'interior';
    }

    /** @return array<string, string> the thickness of each type of wall: as it was drawn last, else as is usual */
    public function wallThicknesses(): array
    {
        return array_map($this->chosen->typed(...), UsualWalls::thicknesses($this->chosen->layout));
    }

    /** The distance by which an arrow key moves a fixture, mm. */
    public function step(): float
    {
        return $this->isImperial() ? 25.4 : 10.0;
    }

    private function isImperial(): bool
    {
        return $this->chosen->layout->units === UnitSystem::Imperial;
    }
}
