<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\Stair;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Review\ProposedStair;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is known of a stair that one only thinks of: 15 risers over 2.7 m, with treads of 250 mm or none yet. */
final class ProposedStairTest extends TestCase
{
    private const FLIGHT = ['flight' => ['risers' => 15, 'tread' => 250]];

    /** @return iterable<string, array{string, Amount|bool|string, bool}> measure, value, is it known before there is a tread? */
    public static function measures(): iterable
    {
        yield 'riser' => ['stair.riser', Amount::length(180.0), true];
        yield 'tread' => ['stair.tread', Amount::length(250.0), false];
        yield 'risers alike' => ['stair.riser_spread', Amount::length(0.0), true];
        yield 'treads alike' => ['stair.tread_spread', Amount::length(0.0), true];
        yield 'pitch' => ['stair.pitch', Amount::angle(rad2deg(atan(180.0 / 250.0))), false];
        yield 'twice the riser and the tread' => ['stair.two_r_plus_g', Amount::length(610.0), false];
        yield 'risers of a flight' => ['stair.risers_per_flight', Amount::count(15), true];
        yield 'risers in line' => ['stair.straight_run', Amount::count(15), true];
        yield 'rise of a flight' => ['stair.flight_rise', Amount::length(2700.0), true];
        yield 'all risers' => ['stair.risers', Amount::count(15), true];
        yield 'kind' => ['stair.kind', 'straight', true];
        yield 'indoors' => ['stair.outside', false, true];
    }

    #[DataProvider('measures')]
    public function test_what_follows_from_risers_and_treads_is_known(string $measure, Amount|bool|string $value, bool $isEarly): void
    {
        $found = self::proposed([self::FLIGHT])->measure($measure, new Parameters());
        self::assertEqualsWithDelta(new Measured($value), $found, 1e-9);
        $early = self::proposed([self::FLIGHT], null)->measure($measure, new Parameters());
        self::assertEqualsWithDelta($isEarly ? new Measured($value) : new Unknown([$measure]), $early, 1e-9);
    }

    public function test_flights_with_a_landing_between_share_the_risers_in_a_way_that_is_not_known(): void
    {
        $stair = self::proposed([self::FLIGHT, ['landing' => ['depth' => 900]], self::FLIGHT]);
        foreach (['stair.risers_per_flight', 'stair.straight_run', 'stair.flight_rise'] as $measure) {
            self::assertEquals(new Unknown([$measure]), $stair->measure($measure, new Parameters()));
        }
        self::assertEquals(new Measured(Amount::count(15)), $stair->measure('stair.risers', new Parameters()));
    }

    public function test_what_else_rules_ask_of_a_stair_is_not_known(): void
    {
        $stair = self::proposed([self::FLIGHT]);
        self::assertEquals(new Unknown(['stair.headroom']), $stair->measure('stair.headroom', new Parameters()));
        self::assertSame([], $stair->related('doors'));
    }

    /** @param list<array<string, array<string, int>>> $parts */
    private static function proposed(array $parts, ?float $tread = 250.0): ProposedStair
    {
        $stair = Sketch::room(4000, 6000)->stair(['parts' => $parts])->layout()->stairs[0];

        return new ProposedStair($stair, 2700.0, 15, $tread, self::book(), []);
    }

    private static function book(): RuleBook
    {
        return (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/uk-part-k.yaml');
    }
}
