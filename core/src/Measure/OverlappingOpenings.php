<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Geometry\Box;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * Openings of one wall that overlap, in height as well.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
#[Measures('door.overlaps', AnswerType::Count, 'How many other openings of its wall it overlaps.')]
#[Measures('window.overlaps', AnswerType::Count, 'How many other openings of its wall it overlaps.')]
final class OverlappingOpenings extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->opening->width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $others = array_filter($home->openingsNear(
            $subject->storey(),
            Box::around([$subject->span()->from, $subject->span()->to]),
        ), static fn(PlacedOpening $other): bool => $other !== $subject
            && $other->wall === $subject->wall
            && self::overlap($subject, $other) > Tolerance::TOUCH && self::shareHeights($subject, $other));
        $walls = array_values(array_filter(
            $subject->roof === null ? $subject->plan->wallsInto($subject) : [],
            static fn(string $wall): bool => !self::turnsCorner($subject, $wall, $home),
        ));
        $names = [
            ...array_map(static fn(PlacedOpening $other): string => $other->name(), array_values($others)),
            ...array_map($subject->plan->wallCalled(...), $walls),
        ];

        return new Measured(
            Amount::count(count($names)),
            [Witness::dimension($subject->storey(), $subject->span(), Amount::length($subject->opening->width))],
            [
                $names === []
                    ? Message::of('overlapping_openings.it_has_its_stretch')
                    : Message::of('overlapping_openings.in_its_stretch_of', names: $names),
            ],
            parties: [...array_map(static fn(PlacedOpening $other): string => $other->id(), array_values($others)), ...$walls],
        );
    }

    /** Glass that turns a corner: a window at the end of the other wall meets this one. */
    private static function turnsCorner(PlacedOpening $window, string $wall, Home $home): bool
    {
        foreach ($home->openingsNear(
            $window->storey(),
            Box::around([$window->span()->from, $window->span()->to])->grown($window->wall->thickness),
        ) as $other) {
            if (
                $other->wall->id === $wall
                && $other->type() === SubjectType::Window
                && $window->type() === SubjectType::Window
                && $other->span()->shortestTo($window->span())->length() <= ($other->wall->thickness + $window->wall->thickness) / 2
                + Tolerance::TOUCH
            ) {
                return true;
            }
        }

        return false;
    }

    private static function overlap(PlacedOpening $first, PlacedOpening $second): float
    {
        return (($first->opening->width ?? 0.0) + ($second->opening->width ?? 0.0)) / 2 - abs($first->opening->at - $second->opening->at);
    }

    /** A high window may lie over another; where a height is not known they are taken to meet. */
    private static function shareHeights(PlacedOpening $first, PlacedOpening $second): bool
    {
        foreach ([[$first->opening, $second->opening], [$second->opening, $first->opening]] as [$low, $high]) {
            if ($low->height !== null && $high->sill !== null && ($low->sill ?? 0.0) + $low->height <= $high->sill + Tolerance::TOUCH) {
                return false;
            }
        }

        return true;
    }
}
