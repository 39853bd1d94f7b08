<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Layout\Axis;

/** Axes with the places in which they cross, and the stretches between these. */
final readonly class AxisNet
{
    /** Crossings nearer to one another than this, mm, are one. */
    private const SAME = 1.0;

    /** @param list<Axis> $axes */
    public function __construct(private array $axes) {}

    /** @return list<AxisCrossing> of an axis, from its start; one for each place, though several axes meet there */
    public function crossings(Axis $axis): array
    {
        $line = $axis->line();
        $crossings = [];
        foreach ($this->axes as $other) {
            $at = $other->id === $axis->id ? null : $line->lineCrossing($other->line());
            if ($at !== null && self::reaches($line, $line->along($at)) && self::reaches($other->line(), $other->line()->along($at))) {
                $crossings[] = new AxisCrossing($axis, $other, $at, $line->along($at));
            }
        }
        usort($crossings, static fn(AxisCrossing $a, AxisCrossing $b): int => $a->along <=> $b->along);
        $apart = [];
        foreach ($crossings as $crossing) {
            if ($apart === [] || $crossing->along - $apart[count($apart) - 1]->along >= self::SAME) {
                $apart[] = $crossing;
            }
        }

        return $apart;
    }

    /** @return list<AxisCrossing> all that there are, each once */
    public function allCrossings(): array
    {
        $all = [];
        foreach ($this->axes as $axis) {
            foreach ($this->crossings($axis) as $crossing) {
                $all[self::place($crossing)] ??= $crossing;
            }
        }

        return array_values($all);
    }

    /**
     * @param list<string> $keys
     *
     * @return list<AxisCrossing> those with these keys, each place once
     */
    public function chosenCrossings(array $keys): array
    {
        $chosen = [];
        foreach ($this->axes as $axis) {
            foreach ($this->crossings($axis) as $crossing) {
                if (in_array($crossing->key(), $keys, true)) {
                    $chosen[self::place($crossing)] ??= $crossing;
                }
            }
        }

        return array_values($chosen);
    }

    /** @return list<AxisStretch> */
    public function stretches(Axis $axis): array
    {
        $crossings = $this->crossings($axis);
        $isOuter = $this->isOuter($axis);
        $stretches = [];
        for ($number = 1; $number < count($crossings); ++$number) {
            $stretches[] = new AxisStretch($axis, $number - 1, $crossings[$number - 1], $crossings[$number], $isOuter);
        }

        return $stretches;
    }

    /** @return list<AxisStretch> of all axes */
    public function allStretches(): array
    {
        return array_merge(...array_map($this->stretches(...), $this->axes));
    }

    private function isOuter(Axis $axis): bool
    {
        $sides = array_map(static fn(AxisCrossing $crossing): float => $axis->line()->leftOf($crossing->at), $this->allCrossings());

        return $sides === [] || min($sides) > -self::SAME || max($sides) < self::SAME;
    }

    private static function place(AxisCrossing $crossing): string
    {
        return round($crossing->at->x).' '.round($crossing->at->y);
    }

    private static function reaches(Segment $line, float $along): bool
    {
        return $along > -self::SAME && $along < $line->length() + self::SAME;
    }
}
