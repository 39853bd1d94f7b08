<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Geometry\Point;
use Heurema\Measure\Witness;
use Heurema\Rulebook\Between;
use Heurema\Rulebook\Comparison;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Units\Quantity;

/**
 * What a finding saw, in space: lengths and outlines on the floor or the step that they lie on; heights upright from what they are measured
 * from. In mm, z up from the zero of the home's heights.
 */
final readonly class SpatialWitness
{
    /** So far over a floor lines are drawn, and how high the pole of a mark is. */
    private const OVER = 15.0;
    private const POLE = 1100.0;

    /** Measures of a height over the floor, or over the step, at the place of their mark. */
    private const UPRIGHT = '/(headroom\w*|handrail_height|ceiling_height|sill|clear_height|glass_bottom|glass_top|rim|riser'
        .'|flight_rise|total_rise|\.under|underside|\.height|above_ceiling|bar_height)$/';

    /**
     * @param non-empty-list<array{float, float, float}> $line
     * @param bool                             $isOutline it closes, and what it surrounds is shown
     */
    private function __construct(public array $line, public bool $isOutline, public string $text) {}

    /** @return list<self> */
    public static function of(Finding $finding, Home $home): array
    {
        return array_values(array_filter(array_map(
            static fn(Witness $witness): ?self => isset($home->plans[$witness->storey]) ? self::read($witness, $finding, $home) : null,
            $finding->outcome->witness,
        )));
    }

    private static function read(Witness $witness, Finding $finding, Home $home): self
    {
        $points = $witness->lines()[0];
        $base = self::base($points[0], $witness->storey, $home);
        $text = $finding->wording->say($witness->text);
        if ($witness->type !== Witness::MARK) {
            $line = array_map(static fn(Point $at): array => [$at->x, $at->y, $base + self::OVER], $points);

            return new self($line, $witness->type === Witness::OUTLINE, $text === '' ? (string) $finding->measuredBriefly() : $text);
        }
        $measured = $finding->outcome->measured;
        $isUpright = $measured?->quantity === Quantity::Length
            && is_finite($measured->number)
            && preg_match(self::UPRIGHT, self::measure($finding)) === 1;
        $top = $base + ($isUpright ? max(1.0, $measured->number) : self::POLE);

        return new self([[$points[0]->x, $points[0]->y, $base], [$points[0]->x, $points[0]->y, $top]], false, $text);
    }

    private static function measure(Finding $finding): string
    {
        $asked = $finding->rule->requirement;

        return match (true) {
            $asked instanceof Comparison => $asked->measure,
            $asked instanceof Between => $asked->low->measure,
            default => '',
        };
    }

    /** The floor there, or the step of a stair over it. */
    private static function base(Point $at, string $storey, Home $home): float
    {
        $plan = $home->plans[$storey];
        $level = $plan->storey->elevation ?? 0.0;
        $heights = [$level];
        foreach ($plan->rooms as $room) {
            if ($room->outline()?->contains($at) === true) {
                $heights = [$level + $room->level()];
                break;
            }
        }
        foreach ($home->stairs as $stair) {
            $climb = $stair->storey() === $storey ? Climb::of($stair) : null;
            foreach ($climb instanceof Climb ? $stair->shape->steps : [] as $step) {
                if ($climb instanceof Climb && $step->outline->contains($at)) {
                    $heights[] = $level + $climb->level($step);
                }
            }
        }

        return max($heights);
    }
}
