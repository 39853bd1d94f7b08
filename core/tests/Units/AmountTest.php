<?php

declare(strict_types=1);

namespace Heurema\Tests\Units;

use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AmountTest extends TestCase
{
    /** Of each quantity: so far apart amounts are the same, a little farther they are not. */
    public function test_how_far_apart_amounts_are_the_same(): void
    {
        foreach ([
            ['mm', 0.05], ['m2', 0.0001], ['deg', 0.001], ['ratio', 0.000001], ['count', 0.5], ['l/s', 0.05],
        ] as [$quantity, $within]) {
            $one = Amount::of(Quantity::from($quantity), 0.0);
            self::assertTrue($one->equals(Amount::of($one->quantity, 0.99 * $within)), $quantity);
            self::assertFalse($one->equals(Amount::of($one->quantity, 1.02 * $within)), $quantity);
        }
        self::assertSame(UnitSystem::Metric, UnitSystem::Imperial->other());
        self::assertSame(UnitSystem::Imperial, UnitSystem::Metric->other());
    }

    public function test_lengths_closer_than_a_twentieth_of_a_millimetre_are_equal(): void
    {
        $limit = Amount::length(914.4);
        self::assertTrue(Amount::length(914.4)->isAtLeast($limit));
        self::assertTrue(Amount::length(914.36)->isAtLeast($limit));
        self::assertFalse(Amount::length(914.3)->isAtLeast($limit));
        self::assertTrue(Amount::length(914.44)->isAtMost($limit));
        self::assertFalse(Amount::length(914.5)->isAtMost($limit));
    }

    public function test_areas_closer_than_a_square_centimetre_are_equal(): void
    {
        $limit = Amount::area(6.5);
        self::assertTrue(Amount::area(6.49991)->isAtLeast($limit));
        self::assertFalse(Amount::area(6.4998)->isAtLeast($limit));
    }

    /** @return iterable<string, array{Amount, string, Amount, Amount|null}> */
    public static function calculations(): iterable
    {
        yield 'lengths together' => [Amount::length(300), 'plus', Amount::length(4.8), Amount::length(304.8)];
        yield 'a length and an area' => [Amount::length(300), 'plus', Amount::area(1), null];
        yield 'a length less another' => [Amount::length(300), 'less', Amount::length(400), Amount::length(-100)];
        yield 'a length less a number' => [Amount::length(300), 'less', Amount::count(1), null];
        yield 'length times length' => [Amount::length(3000), 'times', Amount::length(4000), Amount::area(12)];
        yield 'a share of a length' => [Amount::ratio(0.5), 'times', Amount::length(300), Amount::length(150)];
        yield 'an area so many times' => [Amount::area(6.5), 'times', Amount::count(2), Amount::area(13)];
        yield 'a count of counts' => [Amount::count(2), 'times', Amount::count(3), Amount::count(6)];
        yield 'a share of a count' => [Amount::ratio(0.5), 'times', Amount::count(3), Amount::of(Quantity::Count, 1.5)];
        yield 'length times area' => [Amount::length(3000), 'times', Amount::area(1), null];
        yield 'area times area' => [Amount::area(1), 'times', Amount::area(1), null];
        yield 'angle times length' => [Amount::angle(1), 'times', Amount::length(1), null];
        yield 'a length by a length' => [Amount::length(300), 'dividedBy', Amount::length(600), Amount::ratio(0.5)];
        yield 'a count by a count' => [Amount::count(3), 'dividedBy', Amount::count(2), Amount::ratio(1.5)];
        yield 'an area by a length' => [Amount::area(12), 'dividedBy', Amount::length(3000), Amount::length(4000)];
        yield 'an area by an area' => [Amount::area(1), 'dividedBy', Amount::area(8), Amount::ratio(0.125)];
        yield 'a length by a count' => [Amount::length(300), 'dividedBy', Amount::count(2), Amount::length(150)];
        yield 'a count by a length' => [Amount::count(2), 'dividedBy', Amount::length(300), null];
        yield 'a length by an area' => [Amount::length(300), 'dividedBy', Amount::area(1), null];
    }

    /** @param Amount|null $result null: it cannot be */
    #[DataProvider('calculations')]
    public function test_amounts_are_calculated_with_as_their_quantities_allow(
        Amount $left,
        string $how,
        Amount $right,
        ?Amount $result,
    ): void {
        if ($result === null) {
            $this->expectException(\LogicException::class);
        }
        $calculated = match ($how) {
            'plus' => $left->plus($right),
            'less' => $left->less($right),
            'times' => $left->times($right),
            default => $left->dividedBy($right),
        };
        self::assertNotNull($result);
        self::assertSame($result->quantity, $calculated->quantity);
        self::assertEqualsWithDelta($result->number, $calculated->number, 1e-9);
    }

    public function test_what_is_no_number_is_no_amount(): void
    {
        $this->expectException(\DomainException::class);
        Amount::length(NAN);
    }

    public function test_more_than_any_amount_is_one(): void
    {
        self::assertTrue(Amount::length(INF)->isAtLeast(Amount::length(1e12)));
        $this->expectException(\DomainException::class);
        Amount::length(INF)->less(Amount::length(INF));
    }

    public function test_different_quantities_are_never_compared(): void
    {
        $this->expectException(\LogicException::class);
        Amount::length(1)->isAtLeast(Amount::area(1));
    }
}
