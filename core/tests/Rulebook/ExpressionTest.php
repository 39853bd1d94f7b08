<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Expression;
use Heurema\Rulebook\Figure;
use Heurema\Rulebook\Language\Setting;
use Heurema\Rulebook\UnreadableExpression;
use Heurema\Rulebook\Vocabulary;
use Heurema\Tests\Said;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExpressionTest extends TestCase
{
    /**
     * @return iterable<array{string, bool|null}> null: not known. The facts: a bedroom, 12 m2, lit; whether it has an exhaust is not known
     */
    public static function conditions(): iterable
    {
        yield ["room.use == 'bedroom'", true];
        yield ["room.use != 'bedroom'", false];
        yield ["room.use in ['hall', 'bedroom']", true];
        yield ['room.use in sleeping', true];
        yield ["not (room.use in ['hall'])", true];
        yield ['room.floor_area >= 12 m2', true];
        yield ['room.floor_area > 12 m2', false];
        yield ['room.floor_area < 130 sq ft', true];
        yield ['room.floor_area == 120000 sq in', false];
        yield ['room.exhaust', null];
        yield ['not room.exhaust', null];
        yield ['room.lit or room.exhaust', true];
        yield ['room.exhaust or room.lit', true];
        yield ['room.lit and room.exhaust', null];
        yield ['not room.lit and room.exhaust', false];
        yield ['room.exhaust and not room.lit', false];
        yield ['room.exhaust or not room.lit', null];
        yield ['settings.quiet', false];
        yield ['(room.lit ? 3 m2 : 20 m2) < room.floor_area', true];
        yield ['room.least_width * 2 > 4 m', null];
        yield ['4 m * 3 m == room.floor_area', true];
        yield ['room.floor_area / 24 m2 == 50 %', true];
        yield ['room.floor_area + 1 m2 - 2 m2 == 11 m2', true];
    }

    #[DataProvider('conditions')]
    public function test_conditions_are_three_valued(string $text, ?bool $expected): void
    {
        $value = Expression::read($text, self::vocabulary())->evaluate(self::facts())->value;
        self::assertSame($expected, $value instanceof Unknown ? null : $value);
    }

    /** @return iterable<array{string, string}> what is held together that cannot be, and the reason in words */
    public static function refusals(): iterable
    {
        yield ["room.use < 'hall'", 'words have no size'];
        yield ["room.use + 'hall'", 'words have no size'];
        yield ['- room.lit', 'words have no size'];
        yield ['not room.floor_area', 'expected yes or no'];
        yield ['room.floor_area and room.lit', 'expected yes or no'];
        yield ['room.lit and room.floor_area', 'expected yes or no'];
        yield ["room.floor_area in ['hall']", 'expected a word'];
        yield ["room.use in 'hall'", 'expected a list of words'];
        yield ["['hall'] == ['hall']", 'a word is in it'];
        yield ['room.floor_area == room.least_width', 'expected an area'];
        yield ['room.floor_area * room.floor_area', 'cannot be multiplied'];
        yield ['room.least_width / room.floor_area', 'cannot be divided'];
        yield ['room.lit ? room.floor_area : room.least_width', 'expected an area'];
        yield ['room.floor_area ? 1 : 2', 'expected yes or no'];
        yield ['sleeping', 'is a list'];
        yield ['awake', 'cannot read'];
        yield ['room', 'alone says nothing'];
        yield ['settings.loud', 'no setting "loud"'];
        yield ['room.flour', 'no measure "room.flour"'];
        yield ["room.use matches '/x/'", 'not known here'];
        yield ['null', 'expected a number'];
    }

    #[DataProvider('refusals')]
    public function test_what_cannot_be_held_together_is_refused(string $text, string $reason): void
    {
        $this->expectException(UnreadableExpression::class);
        $this->expectExceptionMessage($reason);
        Expression::read($text, self::vocabulary());
    }

    public function test_signs(): void
    {
        $value = static fn(string $text): mixed => Expression::read($text, self::vocabulary())->evaluate(self::facts())->value;
        self::assertEquals(Amount::area(-12.0), $value('- room.floor_area'));
        self::assertEquals(Amount::area(12.0), $value('+ room.floor_area'));
        self::assertEquals(Amount::count(-2), $value('1 - 3'));
        self::assertInstanceOf(Unknown::class, $value('- room.least_width'));
    }

    /** Of what makes no sense of a subject nothing holds, neither that it is so nor that it differs. */
    public function test_what_makes_no_sense(): void
    {
        $facts = new ExampleFacts(self::vocabulary(), [
            'room.least_width' => 'none', 'room.lit' => true, 'room.wet' => 'none',
        ]);
        $value = static fn(string $text): mixed => Expression::read($text, self::vocabulary())->evaluate($facts)->value;
        foreach ([
            'room.least_width > 1 m', 'room.least_width == 1 m', 'room.least_width != 1 m', 'room.least_width + 1 m < 3 m',
            'room.lit and room.least_width > 1 m', 'room.lit and room.wet', 'room.wet and room.lit', 'room.wet and room.wet',
            'room.wet',
        ] as $text) {
            self::assertFalse($value($text), $text);
        }
        self::assertTrue($value('not (room.least_width > 1 m)'));
        self::assertTrue($value('room.lit or room.least_width > 1 m'));
        self::assertTrue($value('room.wet or room.lit'));
        self::assertFalse($value('room.wet or room.wet'));
        self::assertEquals(Amount::length(2000.0), $value('room.least_width > 1 m ? 1 m : 2 m'));
        self::assertInstanceOf(Unknown::class, $value('2 * room.least_width'));
    }

    public function test_how_long_an_expression_may_be(): void
    {
        $longest = 'room.lit'.str_repeat(' ', 492);
        self::assertTrue(Expression::read($longest, self::vocabulary())->evaluate(self::facts())->value);
        $this->expectException(UnreadableExpression::class);
        Expression::read("{$longest} ", self::vocabulary());
    }

    /** What is known only of a home may be nothing: then nobody knows what comes of it. */
    public function test_divided_by_what_is_measured(): void
    {
        $quotient = static fn(string $width): mixed => Expression::read('4 m / room.least_width', self::vocabulary())
            ->evaluate(new ExampleFacts(self::vocabulary(), ['room.least_width' => $width]))->value;
        self::assertEquals(Amount::ratio(4.0), $quotient('1 m'));
        self::assertEquals(Amount::ratio(4000.0), $quotient('1 mm'));
        self::assertEquals(new Unknown(['something other than 0 to divide by']), $quotient('0 m'));
    }

    /** What needs no home is worked out when it is read; one part that needs it is enough. */
    public function test_what_is_the_same_for_every_home(): void
    {
        foreach ([
            '2 m + 1 m' => true, '2 m' => true, '2 m + room.least_width' => false, 'room.least_width + 2 m' => false,
            '(1 m > 2 m) ? 1 m : 2 m' => true, '(room.least_width > 2 m) ? 1 m : 2 m' => false,
            "('hall' in ['hall']) ? 1 m : 2 m" => true, "(room.use in ['hall']) ? 1 m : 2 m" => false,
            '(room.lit and 1 m > 2 m) ? 1 m : 2 m' => false, '(not (1 m > 2 m)) ? 1 m : 2 m' => true,
        ] as $text => $isSame) {
            self::assertSame($isSame, Expression::read($text, self::vocabulary())->constant() !== null, $text);
        }
    }

    public function test_a_share_of_a_measure(): void
    {
        $result = Expression::read('8 % of room.floor_area', self::vocabulary())->evaluate(self::facts());
        self::assertInstanceOf(Amount::class, $result->value);
        self::assertEqualsWithDelta(0.96, $result->value->number, 1e-9);
        self::assertEqualsWithDelta(12.0, $result->values['room.floor_area']->number, 1e-9);
    }

    public function test_a_default_setting_is_an_assumption(): void
    {
        self::assertSame(
            ['It is taken to be loud.'],
            Said::all(Expression::read('settings.quiet', self::vocabulary())->evaluate(self::facts())->assumptions),
        );
    }

    public function test_what_is_not_known_is_named(): void
    {
        $value = Expression::read('room.lit and room.exhaust', self::vocabulary())->evaluate(self::facts())->value;
        self::assertInstanceOf(Unknown::class, $value);
        self::assertSame(['room.exhaust'], $value->missing);
    }

    /** @return iterable<array{string, float}> in the amount's own unit; conversions exact by definition (1 in = 25.4 mm) */
    public static function figures(): iterable
    {
        yield ['70 sq ft', 6.5032128];
        yield ['900 sq in', 0.58064400];
        yield ['7 ft', 2133.6];
        yield ['6 ft 8 in', 2032.0];
        yield ['6 ft 11 15/16 in', 2132.0125];
        yield ['17 3/4 in', 450.85];
        yield ['5/8 in', 15.875];
        yield ['2400 mm', 2400.0];
        yield ['2.4 m', 2400.0];
        yield ['95cm', 950.0];
        yield ['9.5 m2', 9.5];
        yield ['8 %', 0.08];
        yield ['42 deg', 42.0];
        yield ['3', 3.0];
    }

    #[DataProvider('figures')]
    public function test_figures(string $text, float $number): void
    {
        self::assertEqualsWithDelta($number, Figure::read($text)?->amount->number, 1e-9);
    }

    public function test_figures_are_written_plainly(): void
    {
        foreach ([
            "6'" => '6 ft', '7"' => '7 in', "6'-8\"" => '6 ft 8 in', '17 3/4"' => '17 3/4 in', '95  cm' => '95 cm',
        ] as $typed => $plain) {
            self::assertSame($plain, Figure::plainly($typed));
        }
    }

    public function test_what_is_no_figure(): void
    {
        foreach (['', 'ft', 'seven ft', '7 ft 3', '1/0 in', '7 yd', '--3 m', '7 ft 3 mm'] as $text) {
            self::assertNull(Figure::read($text), $text);
        }
    }

    private static function vocabulary(): Vocabulary
    {
        return new Vocabulary(
            Catalogue::standard(),
            ['sleeping' => ['bedroom']],
            ['quiet' => new Setting('quiet', 'It is taken to be loud.', false, 'no')],
        );
    }

    private static function facts(): ExampleFacts
    {
        return new ExampleFacts(self::vocabulary(), ['room.use' => 'bedroom', 'room.floor_area' => '12 m2', 'room.lit' => true]);
    }
}
