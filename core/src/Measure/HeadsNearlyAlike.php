<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * Heads on one wall that were meant to agree.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
#[Measures(
    'door.heads_nearly_alike',
    AnswerType::Count,
    'How many heads of openings in its wall are nearly, yet not, at the height of its own: 1 to 30 mm off.',
)]
#[Measures(
    'window.heads_nearly_alike',
    AnswerType::Count,
    'How many heads of openings in its wall are nearly, yet not, at the height of its own: 1 to 30 mm off.',
)]
final class HeadsNearlyAlike extends SubjectMeasure
{
    private const LEAST = 1.0;
    private const MOST = 30.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $head = $subject->head();
        if ($head === null) {
            return new Unknown([
                ...($subject->opening->height === null ? ["{$subject->id()}.height"] : []),
                ...($subject->sill() === null ? [$subject->sillKey()] : []),
            ]);
        }
        $rooms = array_filter([$subject->left->room, $subject->right->room]);
        $near = $rooms === [] ? [] : array_merge(...array_map($home->openingsOf(...), array_values($rooms)));
        $off = [];
        foreach ($near as $other) {
            $difference = $other !== $subject && self::isInLine($subject, $other) ? abs(($other->head() ?? INF) - $head) : 0.0;
            if ($difference >= self::LEAST - Tolerance::TOUCH && $difference <= self::MOST + Tolerance::TOUCH) {
                $off[$other->id()] = Message::of(
                    'heads_nearly_alike.other_by',
                    other: $other->name(),
                    difference: Amount::length($difference),
                );
            }
        }

        return new Measured(
            Amount::count(count($off)),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($head))],
            [
                $off === []
                    ? Message::of('heads_nearly_alike.heads_of_wall_agree')
                    : Message::of('heads_nearly_alike.its_head_nearly_agrees', off: array_values($off)),
            ],
        );
    }

    /** In one wall, or in two pieces of one. */
    private static function isInLine(PlacedOpening $one, PlacedOpening $other): bool
    {
        $line = $one->wall->line();

        return abs($line->direction()->cross($other->wall->line()->direction())) < 0.02 && abs($line->leftOf($other->middle())) < 10.0;
    }
}
