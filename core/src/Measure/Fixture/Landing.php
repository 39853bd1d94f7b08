<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Layout\Words\HingeSide;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'fixture.landing',
    AnswerType::Length,
    'Worktop right beside the fixture in its run, along the fronts and around corners, 24 inches deep at the least, up to what is set '
    .'in it or stands in its way. `of`: the `longer` (or where nothing is said) or the `shorter` of its two sides, or that on '
    .'its `handle` side: the longer where nobody said at which side its door is hung, or it has two leaves; 0 where there is none.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['longer', 'shorter', 'handle']],
)]
final class Landing extends RunMeasure
{
    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $landings = $run->landings($one);
        $lengths = array_map(static fn(?array $top): float => $top === null ? 0.0 : $top[1] - $top[0], $landings);
        $longer = $lengths[0] >= $lengths[1] ? 0 : 1;
        $chosen = match ($with->word('of')) {
            'shorter' => 1 - $longer,
            'handle' => self::handleSide($one) ?? $longer,
            default => $longer,
        };
        $landing = $landings[$chosen];

        return new Measured(
            Amount::length($lengths[$chosen]),
            $landing === null ? [] : self::along($run, $landing[0], $landing[1], $one->storey()),
            [Message::of('fixture.landing.beside', left: Amount::length($lengths[0]), right: Amount::length($lengths[1]))],
        );
    }

    /** 0: the left, as one faces it; 1: the right; null: either. */
    private static function handleSide(PlacedFixture $one): ?int
    {
        return match ($one->fixture->hinge) {
            HingeSide::Left => 1,
            HingeSide::Right => 0,
            default => null,
        };
    }
}
