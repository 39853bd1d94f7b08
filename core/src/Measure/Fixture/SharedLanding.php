<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Kitchen\Landings;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'fixture.shared_landing',
    AnswerType::Length,
    'How much shorter the worktop is that it shares with what stands at the other end of it than the longer of the two that they are '
    .'advised to have, plus 12 in: 24 in beside a sink, 15 in beside a cooktop, range, refrigerator or oven.',
)]
final class SharedLanding extends RunMeasure
{
    protected const KINDS = [
        FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Refrigerator, FixtureKind::Oven,
    ];

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $least = null;
        foreach (array_filter($run->landings($one)) as $landing) {
            foreach (self::others($run, $one, self::KINDS) as [$other]) {
                $needed = Landings::shared($one->fixture->kind, $other->fixture->kind) ?? 0.0;
                $over = $landing[1] - $landing[0] - $needed;
                $isShared = in_array($landing, $run->landings($other), true);
                $least = $isShared && ($least === null || $over < $least[0]) ? [$over, $other, $landing, $needed] : $least;
            }
        }
        if ($least === null) {
            return new NotApplicable(Message::of('fixture.shared_landing.none'));
        }
        [$over, $other, $landing, $needed] = $least;

        return new Measured(
            Amount::length(max(0.0, -$over)),
            self::along($run, $landing[0], $landing[1], $one->storey()),
            [Message::of(
                'fixture.shared_landing.shared',
                other: $other->name(),
                long: Amount::length($landing[1] - $landing[0]),
                needed: Amount::length($needed),
            )],
            parties: [$other->id()],
        );
    }
}
