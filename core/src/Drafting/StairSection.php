<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Spatial\Headroom;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\Cover;
use Heurema\Spatial\Stair\Step;

/**
 * A stair cut upright along the line one walks, rolled out flat: x along that line from the first nosing, y above the foot, in mm.
 */
final readonly class StairSection
{
    /** So far the floor at its foot and head is drawn, mm. */
    private const BEYOND = 1000.0;

    /** How finely the line is walked, mm. */
    private const PACE = 10.0;

    /**
     * @param list<SectionStep>  $steps
     * @param list<SectionCover> $covers what hangs over the line, from its first point to its last
     */
    private function __construct(
        public Climb $climb,
        public array $steps,
        public float $run,
        public array $covers,
        public ?Headroom $lowest,
        public ?float $lowestX,
    ) {}

    public static function of(Climb $climb, Home $home): self
    {
        $steps = [];
        $x = 0.0;
        foreach ($climb->stair->shape->steps as $step) {
            $steps[] = new SectionStep(
                $x,
                $x + $step->run(),
                $climb->level($step),
                $climb->nosingLine($step, $step->back->middle()),
                $step->kind,
            );
            $x += $step->run();
        }
        $covers = $home->covers($climb);
        $line = self::walk($climb, $x);
        $lowest = $covers->missing === [] ? Headroom::lowest($climb, $covers) : null;

        return new self(
            $climb,
            $steps,
            $x,
            array_merge(...array_map(static fn(Cover $cover): array => self::over($cover, $line), $covers->found)),
            $lowest,
            $lowest === null ? null : self::nearest($lowest->at, $line),
        );
    }

    /** How high the line over the nosings lies, mm above the foot; level before the first and after the last. */
    public function nosingLine(float $x): float
    {
        foreach ($this->steps as $step) {
            if ($x >= $step->from && $x <= $step->to && $step->to > $step->from) {
                return $step->level + ($step->next - $step->level) * ($x - $step->from) / ($step->to - $step->from);
            }
        }

        return $x < 0 ? 0.0 : $this->climb->top();
    }

    public function left(): float
    {
        return -self::BEYOND;
    }

    public function right(): float
    {
        return $this->run + self::BEYOND;
    }

    /** @return list<array{float, Point}> points along the line, each with its x */
    private static function walk(Climb $climb, float $run): array
    {
        $shape = $climb->stair->shape;
        [$foot, $head] = [$shape->foot(), $shape->head];
        $line = [];
        for ($back = self::BEYOND; $foot !== null && $back > 0; $back -= self::PACE) {
            $line[] = [-$back, $foot->offset(-$back)->middle()];
        }
        $x = 0.0;
        foreach ($shape->steps as $step) {
            $line = [...$line, ...self::across($step, $x)];
            $x += $step->run();
        }
        for ($on = 0.0; $head !== null && $on <= self::BEYOND; $on += self::PACE) {
            $line[] = [$run + $on, $head->offset($on)->middle()];
        }

        return $line;
    }

    /** @return list<array{float, Point}> */
    private static function across(Step $step, float $x): array
    {
        $line = [];
        for ($walked = 0.0; $walked < $step->run(); $walked += self::PACE) {
            $line[] = [$x + $walked, $step->walked($walked)];
        }

        return $line;
    }

    /**
     * @param list<array{float, Point}> $line
     *
     * @return list<SectionCover>
     */
    private static function over(Cover $cover, array $line): array
    {
        $found = [];
        $points = [];
        foreach ([...$line, null] as $place) {
            if ($place !== null && $cover->over->contains($place[1])) {
                $points[] = [$place[0], $cover->height($place[1])];
            } elseif ($points !== []) {
                $found[] = new SectionCover($points, $cover);
                $points = [];
            }
        }

        return $found;
    }

    /** @param list<array{float, Point}> $line */
    private static function nearest(Point $point, array $line): ?float
    {
        usort($line, static fn(array $a, array $b): int => $a[1]->distanceTo($point) <=> $b[1]->distanceTo($point));

        return $line[0][0] ?? null;
    }
}
