<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Box;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
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
    'door.casing_short',
    AnswerType::Length,
    'How much of the wall face beside a jamb is missing for the casing around the door, on the worse side and face: where another wall or '
    .'the next opening with its own casing begins. Of a door that has none said, nothing.',
)]
final class CasingShort extends SubjectMeasure
{
    /** How far before the face one looks for what the casing would meet, mm. */
    private const BEFORE = [2.0, 15.0];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$casing, $width] = [$subject->opening->trim, $subject->opening->width];
        if ($casing === null || $casing <= 0.0) {
            return new NotApplicable(Message::of('door.casing_short.no_casing_is_said'));
        }
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $free = $this->least($subject, $home, $casing);
        $short = $free === null ? 0.0 : max(0.0, $casing - $free->length());

        return new Measured(
            Amount::length($short),
            $free === null ? [] : [Witness::dimension($subject->storey(), $free, Amount::length($free->length()))],
            [
                $free === null
                    ? Message::of('door.casing_short.there_is_room', casing: Amount::length($casing))
                    : Message::of('door.casing_short.is_left', free: Amount::length($free->length()), casing: Amount::length($casing)),
            ],
        );
    }

    /** The shortest stretch of a face beside a jamb; null where the casing fits everywhere. */
    private function least(PlacedOpening $door, Home $home, float $casing): ?Segment
    {
        $least = null;
        foreach ([1, -1] as $side) {
            $face = $door->spanAt($side * $door->wall->thickness / 2);
            foreach ([$face, $face->reversed()] as $way) {
                $free = $this->free($door, $way, $side, $casing, $home);
                if ($free !== null && $free->length() < min($casing, $least?->length() ?? INF)) {
                    $least = $free;
                }
            }
        }

        return $least;
    }

    /** @param Segment $way along the face, its end at the jamb */
    private function free(PlacedOpening $door, Segment $way, int $side, float $casing, Home $home): ?Segment
    {
        $out = $door->wall->line()->direction()->left()->times($side);
        $isLeft = $way->direction()->left()->dot($out) > 0;
        [$near, $far] = $isLeft ? self::BEFORE : [-self::BEFORE[1], -self::BEFORE[0]];
        $wall = $door->plan->mass->obstructions()->sweep(new Sweep($way->to, $way->direction(), $near, $far));
        $ends = $wall === null ? [] : [$wall->distance];
        $beside = Box::around([$way->to, $way->at($way->length() + 2 * $casing)])->grown(1.0);
        foreach ($home->openingsNear($door->storey(), $beside) as $other) {
            if ($other !== $door && $other->wall === $door->wall) {
                $jambs = array_map($way->along(...), [$other->span()->from, $other->span()->to]);
                $ends[] = min($jambs) - $way->length() - ($other->opening->trim ?? 0.0);
            }
        }
        $ends = array_filter($ends, static fn(float $end): bool => $end >= -Sweep::TOUCH);

        return $ends === [] ? null : new Segment($way->to, $way->at($way->length() + max(0.0, min($ends))));
    }
}
