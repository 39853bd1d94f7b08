<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Landing;
use Heurema\Layout\RampRun;
use Heurema\Layout\Words\Turn;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\FreeZone;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedRamp> */
#[Measures(
    'ramp.landing',
    AnswerType::Length,
    'The least landing: how long it is in the direction one goes, at its foot and head as far as the floor is free. '
    .'`at`: `foot`, `head`, `between` or `turn`; without it all of them. Doors are closed; open ground is free.',
    with: ['at' => AnswerType::Word],
    words: ['at' => ['foot', 'head', 'between', 'turn']],
)]
final class LandingSize extends SubjectMeasure
{
    /** It does not matter how much farther the floor goes on, mm. */
    private const REACH = 2000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $at = $with->word('at');
        $sizes = [];
        foreach (self::drawn($subject, $at) as $number => [$landing, $called]) {
            if ($landing->depth === null) {
                return new Unknown(["{$subject->id()}.parts.{$number}.landing.depth"]);
            }
            $sizes[] = [$landing->depth, $subject->shape->parts[$number]->way, $called];
        }
        array_push($sizes, ...self::ends($subject, $home, $at));
        if ($sizes === []) {
            return new NotApplicable(Message::of('ramp.landing_size.none_there'));
        }
        usort($sizes, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return new Measured(
            Amount::length($sizes[0][0]),
            [Witness::dimension($subject->storey(), $sizes[0][1], Amount::length($sizes[0][0]))],
            array_map(
                static fn(array $one): Message => $one[0] >= self::REACH
                    ? Message::of('ramp.landing_size.at_least', landing: $one[2], size: Amount::length($one[0]))
                    : Message::of('ramp.landing_size.one', landing: $one[2], size: Amount::length($one[0])),
                $sizes,
            ),
        );
    }

    /** @return array<int, array{Landing, Message}> those that are drawn, by the number of the part, with what they are called */
    private static function drawn(PlacedRamp $ramp, ?string $at): array
    {
        $found = [];
        $last = count($ramp->ramp->parts) - 1;
        foreach ($ramp->ramp->parts as $number => $part) {
            $where = match (true) {
                !$part instanceof Landing => null,
                $number === 0 => 'foot',
                $number === $last => 'head',
                $part->turn === Turn::None => 'between',
                default => 'turn',
            };
            if ($part instanceof Landing && $where !== null && ($at === null || $at === $where)) {
                $found[$number] = [$part, self::called($where)];
            }
        }

        return $found;
    }

    /** @return list<array{float, Segment, Message}> the floor where no landing is drawn: size, where, what it is called */
    private static function ends(PlacedRamp $ramp, Home $home, ?string $at): array
    {
        $found = [];
        $parts = $ramp->ramp->parts;
        foreach ([
            'foot' => [$parts[0], $ramp->shape->foot],
            'head' => [$parts[count($parts) - 1], $ramp->shape->head()],
        ] as $name => [$part, $edge]) {
            if ($part instanceof RampRun && ($at === null || $at === $name)) {
                $depth = self::freeDepth($edge, $ramp->plan, $home);
                $found[] = [$depth, new Segment($edge->middle(), $edge->offset($depth)->middle()), self::called($name)];
            }
        }

        return $found;
    }

    private static function called(string $where): Message
    {
        return match ($where) {
            'foot' => Message::of('ramp.landing_size.foot'),
            'head' => Message::of('ramp.landing_size.head'),
            default => Message::of('ramp.landing_size.landing'),
        };
    }

    /** How far one can go straight on over the whole width before something stands in the way. */
    private static function freeDepth(Segment $edge, StoreyPlan $plan, Home $home): float
    {
        $floor = Ring::rectangle($edge->from, $edge->vector(), $edge->direction()->left()->times(self::REACH));
        $reach = self::REACH;
        foreach (FreeZone::of($floor, $plan, $home)->taken as $part) {
            $reach = min($reach, ...array_map($edge->leftOf(...), $part->outer->points));
        }

        return Doorway::fromStart($reach);
    }
}
