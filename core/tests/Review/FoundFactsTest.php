<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\FoundFacts;
use Heurema\Review\Outcome;
use Heurema\Review\Verdict;
use Heurema\Units\Amount;
use Heurema\Words\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FoundFactsTest extends TestCase
{
    /** @return iterable<string, array{Outcome, Outcome, bool}> */
    public static function pairs(): iterable
    {
        $short = static fn(float $mm, float $limit = 914.4): Outcome => new Outcome(
            Verdict::Violated,
            measured: Amount::length($mm),
            limit: Amount::length($limit),
        );
        yield 'the same' => [$short(900), $short(900), true];
        yield 'just within the tolerance' => [$short(900), $short(900.049), true];
        yield 'just past the tolerance' => [$short(900), $short(900.051), false];
        yield 'just past it, shorter' => [$short(900), $short(899.949), false];
        yield 'another limit' => [$short(900), $short(900, 915), false];
        yield 'another verdict' => [
            $short(900),
            new Outcome(Verdict::Met, measured: Amount::length(900), limit: Amount::length(914.4)),
            false,
        ];
        yield 'no amount any more' => [$short(900), new Outcome(Verdict::Violated), false];
        yield 'another quantity' => [
            $short(900),
            new Outcome(Verdict::Violated, measured: Amount::area(900), limit: Amount::area(914.4)),
            false,
        ];
        yield 'an area within a square centimetre' => [
            new Outcome(Verdict::Violated, measured: Amount::area(6.0)),
            new Outcome(Verdict::Violated, measured: Amount::area(6.00009)),
            true,
        ];
        yield 'an area past it' => [
            new Outcome(Verdict::Violated, measured: Amount::area(6.0)),
            new Outcome(Verdict::Violated, measured: Amount::area(6.00011)),
            false,
        ];
        yield 'without end' => [$short(INF), $short(INF), true];
        yield 'without end no more' => [$short(INF), $short(900), false];
        yield 'other words and working alone' => [
            $short(900),
            $short(900)->with(['reason' => Message::of('other'), 'working' => [Message::of('way')], 'assumptions' => [Message::of('a')]]),
            true,
        ];
        yield 'the same missing, in another order' => [
            Outcome::undetermined(['w1.height', 'w2.height'], Message::of('a')),
            Outcome::undetermined(['w2.height', 'w1.height'], Message::of('b')),
            true,
        ];
        yield 'less missing' => [
            Outcome::undetermined(['w1.height', 'w2.height'], Message::of('a')),
            Outcome::undetermined(['w1.height'], Message::of('a')),
            false,
        ];
        yield 'the same parties, in another order' => [self::hits(['f1', 'f2']), self::hits(['f2', 'f1']), true];
        yield 'as many others' => [self::hits(['f1', 'f2']), self::hits(['f1', 'f3']), false];
        yield 'parties that were not kept' => [self::hits(['f1', 'f2']), self::hits(null), true];
        yield 'none, and none kept' => [self::hits([]), self::hits(null), true];
        yield 'none any more' => [self::hits(['f1']), self::hits([]), false];
    }

    #[DataProvider('pairs')]
    public function test_a_decision_stands_as_long_as_what_was_found_is_the_same(Outcome $one, Outcome $other, bool $isSame): void
    {
        [$first, $second] = [FoundFacts::of($one), FoundFacts::of($other)];
        self::assertSame([$isSame, $isSame], [$first->agreesWith($second), $second->agreesWith($first)]);
        self::assertSame($isSame, FoundFacts::read($first->write())->agreesWith($second), 'and as it was kept');
    }

    public function test_it_is_read_as_it_was_written(): void
    {
        foreach (self::pairs() as [$one]) {
            $written = FoundFacts::of($one)->write();
            self::assertSame($written, FoundFacts::read($written)->write());
        }
        self::assertSame(
            '{"verdict":"violated","measured":["mm",900.0],"limit":["mm",914.4],"missing":[],"parties":["f1"]}',
            FoundFacts::of(new Outcome(
                Verdict::Violated,
                measured: Amount::length(900),
                limit: Amount::length(914.4),
                parties: ['f1', 'f1'],
            ))->write(),
        );
    }

    /** @param list<string>|null $parties */
    private static function hits(?array $parties): Outcome
    {
        return new Outcome(Verdict::Violated, measured: Amount::count(2), limit: Amount::count(0), parties: $parties);
    }
}
