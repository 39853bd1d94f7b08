<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.glass_area',
    AnswerType::Area,
    'The glass of a glazed door: as told, else its size less the stiles and rails around the glass, which are taken as '
    .'125 mm (common practice, no source). Not applicable to a door that is not glazed.',
)]
final class GlassArea extends SubjectMeasure
{
    private const STILE = 125.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $opening = $subject->opening;
        if ($opening->door?->glazed !== true) {
            return new NotApplicable(Message::of('door.glass_area.door_is_not_glazed'));
        }
        if ($opening->door->glassArea !== null) {
            $given = Amount::area($opening->door->glassArea);

            return new Measured($given, [], [Message::of('door.glass_area.given', glass: $given)]);
        }
        if ($opening->width === null || $opening->height === null) {
            return new Unknown(array_keys(array_filter(
                ["{$opening->id}.width" => $opening->width, "{$opening->id}.height" => $opening->height],
                static fn(?float $size): bool => $size === null,
            )));
        }
        $glass = Amount::drawnArea(max(0.0, $opening->width - 2 * self::STILE) * max(0.0, $opening->height - 2 * self::STILE));

        return new Measured(
            $glass,
            [],
            [
                Message::of(
                    'door.glass_area.glazed_door_by_less',
                    width: Amount::length($opening->width),
                    height: Amount::length($opening->height),
                    glass: $glass,
                ),
            ],
            [Message::of('door.glass_area.frame_around_glass_of', subject: $subject->spoken(), stile: Amount::length(self::STILE))],
        );
    }
}
