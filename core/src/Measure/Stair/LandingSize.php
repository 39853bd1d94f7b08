<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Landing;
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
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\StairEnd;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.landing',
    AnswerType::Length,
    'The least landing: how deep the floor is free in the direction one walks, or with `of: width` how '
    .'wide the landing is. `at`: `foot`, `head` or `between`; without it all of them. Doors are closed; open ground is free.',
    with: ['at' => AnswerType::Word, 'of' => AnswerType::Word],
    words: ['at' => ['foot', 'head', 'between'], 'of' => ['depth', 'width']],
)]
final class LandingSize extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $at = $with->word('at');
        $sizes = $with->word('of') === 'width'
            ? self::widths($climb, $at)
            : [...self::depths($climb, $at), ...self::ends($subject, $home, $at)];
        if ($sizes === []) {
            return new NotApplicable(Message::of('stair.landing_size.it_has_no_landing'));
        }
        usort($sizes, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        [$size, $line, $storey, $name] = $sizes[0];

        return new Measured(
            Amount::length($size),
            [Witness::dimension($storey, $line, Amount::length($size))],
            array_map(
                static fn(array $one): Message => $one[0] >= self::REACH
                    ? Message::of('stair.landing_size.at_least', landing: $one[3], size: Amount::length($one[0]))
                    : Message::of('stair.landing_size.one', landing: $one[3], size: Amount::length($one[0])),
                $sizes,
            ),
        );
    }

    /** @return list<array{float, Segment, string, string}> */
    private static function widths(Climb $climb, ?string $at): array
    {
        $found = [];
        foreach ($climb->stair->shape->steps as $step) {
            if ($step->kind === StepKind::Landing && ($at === null || $at === 'between')) {
                $found[] = [$step->front->length(), $step->front, $climb->stair->storey(), Text::of('Landing')];
            }
        }

        return $found;
    }

    /** @return list<array{float, Segment, string, string}> */
    private static function depths(Climb $climb, ?string $at): array
    {
        $found = [];
        foreach ($climb->stair->shape->steps as $step) {
            $part = $climb->stair->stair->parts[$step->part];
            if ($part instanceof Landing && $part->depth !== null && ($at === null || $at === 'between')) {
                $line = new Segment($step->front->middle(), $step->front->offset($part->depth)->middle());
                $found[] = [$part->depth, $line, $climb->stair->storey(), Text::of('Landing')];
            }
        }

        return $found;
    }

    /** @return list<array{float, Segment, string, string}> */
    private static function ends(PlacedStair $stair, Home $home, ?string $at): array
    {
        $found = [];
        foreach (['foot' => StairEnd::foot($stair, $home), 'head' => StairEnd::head($stair, $home)] as $name => $end) {
            if ($end !== null && ($at === null || $at === $name)) {
                $depth = $end->freeDepth(self::REACH, $home);
                $found[] = [
                    $depth,
                    new Segment($end->edge->middle(), $end->edge->offset($depth)->middle()),
                    $end->plan === null ? $stair->storey() : $end->plan->storey->id,
                    Text::capital($name),
                ];
            }
        }

        return $found;
    }

    /** It does not matter how much farther the floor goes on, mm. */
    private const REACH = 1600.0;
}
