<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Point;
use Heurema\Layout\Flight;

/** A stair with its heights, in mm above the floor or ground at its foot. */
final readonly class Climb
{
    /**
     * @param non-empty-list<float> $levels the heights of the foot and above each riser, the floor it reaches last
     */
    private function __construct(public PlacedStair $stair, public array $levels) {}

    /** @return self|list<string> what the document lacks to tell */
    public static function of(PlacedStair $stair): self|array
    {
        $missing = [...($stair->stair->width === null ? ["{$stair->id()}.width"] : []), ...self::missingSizes($stair)];
        $measured = self::measured($stair);
        $others = $stair->stair->risers() - count($measured);
        $total = $stair->totalRise();
        if ($others > 0 && $total === null) {
            array_push($missing, ...$stair->missingForRise());
        }
        if ($missing !== []) {
            return $missing;
        }
        $share = $others > 0 ? ((float) $total - array_sum($measured)) / $others : 0.0;
        $levels = [0.0];
        for ($riser = 0; $riser < $stair->stair->risers(); ++$riser) {
            $levels[] = $levels[$riser] + ($measured[$riser] ?? $share);
        }

        return new self($stair, $levels);
    }

    public function top(): float
    {
        return $this->levels[count($this->levels) - 1];
    }

    /** Elevation of the floor at its foot; of the ground there where it leads up from outside. */
    public function foot(): float
    {
        $stair = $this->stair;

        return $stair->from === null ? ($stair->to->elevation ?? 0.0) - $this->top() : $stair->from->elevation ?? 0.0;
    }

    public function level(Step $step): float
    {
        return $this->levels[$step->risers];
    }

    /** How high the line over the nosings lies at a point of a step: a landing is level, a tread's line reaches the next nosing. */
    public function nosingLine(Step $step, Point $at): float
    {
        $level = $this->level($step);

        return $step->kind === StepKind::Landing ? $level : $level + ($this->levels[$step->risers + 1] - $level) * $step->share($at);
    }

    /** @return list<float> each riser */
    public function risers(): array
    {
        $risers = [];
        for ($riser = 1, $count = count($this->levels); $riser < $count; ++$riser) {
            $risers[] = $this->levels[$riser] - $this->levels[$riser - 1];
        }

        return $risers;
    }

    /** @return array<int, float> by the number of the riser, from 0 */
    private static function measured(PlacedStair $stair): array
    {
        $measured = [];
        $number = 0;
        foreach ($stair->stair->parts as $part) {
            foreach ($part instanceof Flight ? $part->rises ?? [] : [] as $step => $rise) {
                $measured[$number + $step] = $rise;
            }
            $number += $part->risers();
        }

        return $measured;
    }

    /** @return list<string> */
    private static function missingSizes(PlacedStair $stair): array
    {
        return $stair->stair->width === null || $stair->shape->head !== null ? [] : ["{$stair->id()}.parts"];
    }
}
