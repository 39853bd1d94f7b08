<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Outcome;
use Heurema\Review\Verdict;
use Heurema\Units\Amount;
use Heurema\Words\Message;
use PHPUnit\Framework\TestCase;

/** What came of a rule: how far from its limit, and whether it counts what there should be none of. */
final class OutcomeTest extends TestCase
{
    public function test_a_shortfall_is_a_share_of_the_limit(): void
    {
        $of = static fn(?float $margin, float $limit): Outcome => new Outcome(
            Verdict::Violated,
            measured: Amount::length(900.0),
            limit: Amount::length($limit),
            margin: $margin,
        );
        self::assertSame(0.1, $of(-100.0, 1000.0)->shortfall());
        self::assertSame(-0.1, $of(-100.0, 1000.0)->relativeMargin());
        self::assertSame(0.0, $of(100.0, 1000.0)->shortfall());
        self::assertSame(0.1, $of(100.0, 1000.0)->relativeMargin());
        self::assertSame(0.333333, $of(1000.0, 3000.0)->relativeMargin());
        self::assertSame([0.0, 0.0], [$of(null, 1000.0)->shortfall(), $of(null, 1000.0)->relativeMargin()]);
        $unlimited = new Outcome(Verdict::Met, margin: 5.0);
        self::assertSame([0.0, 0.0], [$unlimited->shortfall(), $unlimited->relativeMargin()], 'held against nothing');
        self::assertGreaterThan(1e6, $of(-1.0, 0.0)->shortfall(), 'of a limit of nothing any excess is large');
    }

    public function test_a_count_of_what_there_should_be_none_of(): void
    {
        $found = Message::of('attribute.drawn_as', value: 'a door');
        $of = static fn(Amount $measured, Amount $limit, Message ...$working): bool => (new Outcome(
            Verdict::Violated,
            measured: $measured,
            limit: $limit,
            working: array_values($working),
        ))->isCountOfNone();
        self::assertTrue($of(Amount::count(1), Amount::count(0), $found));
        self::assertFalse($of(Amount::count(0), Amount::count(0), $found), 'none was found');
        self::assertFalse($of(Amount::count(2), Amount::count(1), $found), 'one is allowed');
        self::assertFalse($of(Amount::count(1), Amount::count(0)), 'nobody says which');
        self::assertFalse($of(Amount::length(1.0), Amount::length(0.0), $found), 'a length is no count');
        self::assertFalse((new Outcome(Verdict::Met))->isCountOfNone());
    }

    public function test_what_is_assumed_is_said_once(): void
    {
        [$one, $other] = [Message::of('attribute.drawn_as', value: 'a door'), Message::of('attribute.drawn_as', value: 'a gate')];
        $outcome = new Outcome(Verdict::Met, assumptions: [$one], parties: ['w1']);
        self::assertSame($outcome, $outcome->assuming([]));
        self::assertEquals([$one, $other], $outcome->assuming([$one, $other])->assumptions);
        self::assertSame(['w1'], $outcome->with(['verdict' => Verdict::Violated])->parties);
        self::assertSame(['w2'], $outcome->with(['parties' => ['w2']])->parties);
        self::assertSame(Verdict::Met, $outcome->with(['parties' => ['w2']])->verdict);
    }
}
