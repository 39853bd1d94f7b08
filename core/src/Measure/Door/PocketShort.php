<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Box;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Geometry\Vertices;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.pocket_short',
    AnswerType::Length,
    'How much of the wall that a pocket door slides into is missing: where the wall ends, or another '
    .'opening is. Where nobody said to which side it slides, the better side counts.',
)]
final class PocketShort extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $details = $subject->opening->door;
        if ($details?->operation !== DoorOperation::Pocket) {
            return new NotApplicable(Message::of('door.pocket_short.it_slides_into_no'));
        }
        $width = $subject->opening->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $span = $subject->span();
        $sides = ['from' => $span->reversed(), 'to' => $span];
        $sides = $details->hinge === null ? $sides : [$details->hinge->value => $sides[$details->hinge->value]];
        $short = min(array_map(static fn(Segment $side): float => self::short($side, $subject, $home), $sides));

        return new Measured(
            Amount::length($short),
            [Witness::dimension($subject->storey(), $span, Amount::length($span->length()))],
            [
                $short > 0
                    ? Message::of('door.pocket_short.pocket_lacks_of_wall', short: Amount::length($short))
                    : Message::of('door.pocket_short.there_is_wall_enough'),
            ],
            $details->hinge === null ? [Message::of('door.pocket_short.is_taken_to_slide', subject: $subject->name())] : [],
        );
    }

    /** Where along a span, and beyond it, the wall comes to the nearest face of one that it ends at; INF where it goes on or ends alone. */
    private static function corner(Segment $span, PlacedOpening $door): float
    {
        $corner = INF;
        foreach ([$door->wall->from, $door->wall->to] as $end) {
            $walls = $door->plan->wallsIn(Box::around([$end])->grown($door->wall->thickness));
            $goesOn = array_filter(
                $walls,
                static fn(Wall $wall): bool => $wall !== $door->wall
                    && self::isAcross($wall, $span) === null
                    && min($wall->from->distanceTo($end), $wall->to->distanceTo($end)) < $wall->thickness / 2,
            );
            foreach ($span->along($end) < $span->length() || $goesOn !== [] ? [] : $walls as $wall) {
                $sine = self::isAcross($wall, $span);
                $distance = $wall->line()->distanceTo($end);
                if ($sine !== null && $distance <= $wall->thickness / 2 + Tolerance::GRAZE) {
                    $corner = min($corner, $span->along($end) - max(0.0, $wall->thickness / 2 - $distance) / $sine);
                }
            }
        }

        return $corner;
    }

    /** The sine of the angle at which a wall meets a line; null where it runs along it. */
    private static function isAcross(Wall $wall, Segment $line): ?float
    {
        $sine = abs($wall->line()->direction()->cross($line->direction()));

        return $sine < 0.02 ? null : $sine;
    }

    /** Of the stretch beyond the far end of a span, as long as the span: what is no wall, or another opening. */
    private static function short(Segment $span, PlacedOpening $door, Home $home): float
    {
        $half = $door->wall->thickness / 2 - 1;
        $pocket = Ring::rectangle(
            $span->offset(-$half)->to,
            $span->vector(),
            $span->direction()->left()->times(2 * $half),
        )->counterClockwise();
        $along = static fn(Polygon $part): array => [
            min(array_map($span->along(...), $part->outer->points)),
            max(array_map($span->along(...), $part->outer->points)),
        ];
        $wall = array_map($along, $door->plan->mass->in($pocket, $pocket, Vertices::SNAP));
        sort($wall);
        $reached = $span->length();
        foreach ($wall as [$from, $to]) {
            $reached = $from <= $reached + 1.0 ? max($reached, $to) : $reached;
        }
        $reached = min($reached, self::corner($span, $door));
        foreach ($home->openingsNear($door->storey(), $pocket->bounds()) as $other) {
            $isInWall = $other !== $door
                && abs($span->leftOf($other->middle())) < $door->wall->thickness / 2
                && abs($span->direction()->cross($other->wall->line()->direction())) < 0.02;
            $begins = min($span->along($other->span()->from), $span->along($other->span()->to));
            $reached = $isInWall && $begins >= $span->length() - Tolerance::TOUCH ? min($reached, $begins) : $reached;
        }

        return max(0.0, round(2 * $span->length() - $reached, 3) - Tolerance::TOUCH > 0 ? 2 * $span->length() - $reached : 0.0);
    }
}
