<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/**
 * Reads a length as people type it: `12'-6 1/2"`, `7 ft 2`, `3'4-5/8`, `9 1/4`, `2470`, `2.47 m`, `95cm`, sums and
 * differences of these, halves (`/2`), brackets.
 *
 * A bare number is inches in an imperial layout, and in a metric one millimetres or what it says. What can be read in two ways is refused
 * with both, never guessed.
 */
final class LengthReader
{
    /** @var list<LengthToken> */
    private array $tokens = [];

    private int $next = 0;

    private string $typed = '';

    /** @param TypingUnit $bare what a bare number counts in a metric home */
    public function __construct(private readonly UnitSystem $units, private readonly TypingUnit $bare = TypingUnit::Millimetre) {}

    /** @throws UnreadableLength */
    public function read(string $typed): ReadLength
    {
        $this->typed = $typed;
        $this->tokens = LengthTokens::of($typed);
        $this->next = 0;
        if ($this->tokens === []) {
            throw new UnreadableLength(Text::of('Type a length, such as {sample}.', sample: $this->sample()), 0);
        }
        $term = $this->sum();
        if ($this->peek() !== null) {
            throw new UnreadableLength(Text::of('Nothing fits in here: "{rest}".', rest: $this->rest()), $this->peek()->at);
        }
        if ($term->mm < 0) {
            throw new UnreadableLength(
                Text::of(
                    'A length is never below 0: this comes to {length}.',
                    length: $this->units->notation()->write(Amount::length($term->mm)),
                ),
                0,
            );
        }

        $mm = round($term->mm, 4) + 0.0;
        $isWorkedOut = preg_match('/ plus | less |half of /', $term->words) === 1;

        return new ReadLength($mm, $term->words.($isWorkedOut ? ': '.$this->units->notation()->write(Amount::length($mm)) : ''));
    }

    private function sum(): LengthTerm
    {
        $first = $this->peek();
        if ($first !== null && $first->is(LengthToken::SIGN, '-')) {
            throw new UnreadableLength(Text::of('A length is never below 0.'), $first->at);
        }
        $term = $this->halved($this->factor(), false);
        while (($sign = $this->take(LengthToken::SIGN, '+', '-')) !== null) {
            $other = $this->halved($this->factor(), true);
            $term = $this->combined($term, $sign, $other);
        }

        return $term;
    }

    private function combined(LengthTerm $term, LengthToken $sign, LengthTerm $other): LengthTerm
    {
        $this->refuseMixing($term, $other);
        $isMinus = $sign->text === '-';
        if ($isMinus && $term->isBareNumber && $this->units === UnitSystem::Imperial && $other->mm < 12 * Amount::MM_PER_INCH) {
            $inches = Decimal::trim($other->mm / Amount::MM_PER_INCH, 4);
            $first = Decimal::trim($term->mm / Amount::MM_PER_INCH, 4);

            throw UnreadableLength::doubtful(trim($this->typed), $sign->at, ["{$first}' {$inches}\"", "{$first}\" - {$inches}\""]);
        }

        return new LengthTerm(
            $isMinus ? $term->mm - $other->mm : $term->mm + $other->mm,
            Text::of($isMinus ? '{one} less {other}' : '{one} plus {other}', one: $term->words, other: $other->words),
            $term->system ?? $other->system,
            $term->at,
        );
    }

    private function halved(LengthTerm $term, bool $inSum): LengthTerm
    {
        $half = $this->take(LengthToken::HALF);
        if ($half === null) {
            return $term;
        }
        if ($inSum) {
            throw new UnreadableLength(Text::of('Put brackets around what is to be halved.'), $half->at);
        }

        return new LengthTerm($term->mm / 2, Text::of('half of {words}', words: $term->words), $term->system, $term->at);
    }

    private function factor(): LengthTerm
    {
        $bracket = $this->take(LengthToken::SIGN, '(');
        if ($bracket === null) {
            return $this->length();
        }
        $term = $this->sum();
        if ($this->take(LengthToken::SIGN, ')') === null) {
            throw new UnreadableLength(Text::of('This bracket is never closed.'), $bracket->at);
        }

        return new LengthTerm($term->mm, "({$term->words})", $term->system, $term->at);
    }

    private function length(): LengthTerm
    {
        $start = $this->peek() ?? throw new UnreadableLength(Text::of('A length is missing at the end.'), mb_strlen($this->typed));
        $quantity = $this->quantity();
        if ($quantity === null) {
            throw new UnreadableLength(Text::of('Expected a number, found "{rest}".', rest: $this->rest()), $start->at);
        }
        $unit = $this->take(LengthToken::UNIT)?->text;
        $this->refuseOtherUnit($unit);

        return match ($unit) {
            'ft' => $this->afterFeet($quantity, $start->at),
            'in' => new LengthTerm(
                $quantity->value * Amount::MM_PER_INCH,
                self::count($quantity->words, Text::of('inch'), Text::of('inches')),
                UnitSystem::Imperial,
                $start->at,
            ),
            'mm', 'cm', 'm' => $this->metric($quantity, $unit, $start->at),
            default => $this->bare($quantity, $start->at),
        };
    }

    /** Feet, and the inches that may follow: with a space, a hyphen without spaces, or nothing between. */
    private function afterFeet(TypedNumber $feet, int $at): LengthTerm
    {
        $words = self::count($feet->words, Text::of('foot'), Text::of('feet'));
        $inches = $this->inchesBehindFeet();
        if ($inches === null) {
            return new LengthTerm($feet->value * Amount::MM_PER_FOOT, $words, UnitSystem::Imperial, $at);
        }
        if (floor($feet->value) !== $feet->value) {
            throw new UnreadableLength(
                Text::of(
                    'Parts of a foot and inches do not go together: write {written}.',
                    written: $this->written($feet->value * 12 + $inches->value),
                ),
                $at,
            );
        }
        if ($inches->value >= 12) {
            throw new UnreadableLength(
                Text::of(
                    'Behind feet there are less than 12 inches: write {written}.',
                    written: $this->written($feet->value * 12 + $inches->value),
                ),
                $inches->at,
            );
        }

        return new LengthTerm(
            $feet->value * Amount::MM_PER_FOOT + $inches->value * Amount::MM_PER_INCH,
            $words.' '.self::count($inches->words, Text::of('inch'), Text::of('inches')),
            UnitSystem::Imperial,
            $at,
        );
    }

    private function inchesBehindFeet(): ?TypedNumber
    {
        $hyphen = $this->peek();
        $follows = $this->peek(1);
        if (
            $hyphen !== null
            && $hyphen->is(LengthToken::SIGN, '-')
            && $follows !== null
            && ($follows->is(LengthToken::NUMBER) || $follows->is(LengthToken::FRACTION))
        ) {
            $isLoose = $hyphen->loose || $follows->loose;
            if ($isLoose && $this->measuresInches(1)) {
                throw UnreadableLength::doubtful(
                    trim($this->typed),
                    $hyphen->at,
                    [
                        "{$this->typedBefore($hyphen)}-{$this->typedFrom($follows)}",
                        "{$this->typedBefore($hyphen)} 0\" - {$this->typedFrom($follows)}",
                    ],
                );
            }
            if (!$isLoose) {
                ++$this->next;
            }
        }
        $inches = $this->quantity();
        if ($inches === null) {
            return null;
        }
        $unit = $this->take(LengthToken::UNIT);
        if ($unit !== null && $unit->text !== 'in') {
            throw new UnreadableLength(Text::of('Feet and {text} do not mix in one length.', text: $unit->text), $unit->at);
        }

        return $inches;
    }

    /** Would what stands some tokens on be read as inches: a number with an inch sign, or none? */
    private function measuresInches(int $ahead): bool
    {
        for ($at = $ahead; ($token = $this->peek($at)) !== null; ++$at) {
            if ($token->is(LengthToken::UNIT)) {
                return $token->text === 'in';
            }
            if ($token->is(LengthToken::SIGN)) {
                return true;
            }
        }

        return true;
    }

    /** A number, a fraction, or a number and a fraction behind it with a space or a hyphen between. */
    private function quantity(): ?TypedNumber
    {
        $number = $this->take(LengthToken::NUMBER);
        if ($number === null) {
            $fraction = $this->take(LengthToken::FRACTION);

            return $fraction === null ? null : $this->fractionAlone($fraction);
        }
        $fraction = $this->fractionBehind($number);
        if ($fraction === null) {
            return new TypedNumber($number->value, self::plain($number->value), $number->at, false);
        }
        if (floor($number->value) !== $number->value) {
            throw new UnreadableLength(Text::of('A number with a point takes no fraction.'), $fraction->at);
        }
        if ($fraction->value >= 1) {
            throw new UnreadableLength(Text::of(
                'Behind a whole number a fraction is smaller than 1, {text} is not.',
                text: $fraction->text,
            ), $fraction->at);
        }

        return new TypedNumber($number->value + $fraction->value, self::plain($number->value).' '.$fraction->text, $number->at, true);
    }

    private function fractionBehind(LengthToken $number): ?LengthToken
    {
        $hyphen = $this->peek();
        $follows = $this->peek(1);
        if ($hyphen !== null && $hyphen->is(LengthToken::SIGN, '-') && $follows !== null && $follows->is(LengthToken::FRACTION)) {
            if ($hyphen->loose || $follows->loose) {
                throw UnreadableLength::doubtful(
                    trim($this->typed),
                    $hyphen->at,
                    [
                        "{$this->typedBefore($hyphen)} {$this->typedFrom($follows)}",
                        "{$this->typedBefore($hyphen)}\" - {$this->typedFrom($follows)}",
                    ],
                );
            }
            ++$this->next;
        }

        return $this->take(LengthToken::FRACTION);
    }

    /** `45/8`: is it forty-five eighths, or four and five eighths with the space forgotten? */
    private function fractionAlone(LengthToken $fraction): TypedNumber
    {
        [$above, $below] = array_map(intval(...), explode('/', $fraction->text));
        $digits = (string) $above;
        if ($below === 2 && $above > 2 && $this->peek(-2)?->is(LengthToken::UNIT, 'ft') === true) {
            $feet = $this->typedBefore($fraction);
            $forgotten = $above > 20 && $above % 10 === 1 ? [$feet.' '.intdiv($above, 10).' 1/2"'] : [];

            throw UnreadableLength::doubtful(
                trim($this->typed),
                $fraction->at,
                [...$forgotten, $feet.' '.Decimal::trim($above / 2, 1).'"', ...($above < 12 ? ["({$feet} {$above}\")/2"] : [])],
            );
        }
        $isMetricHalf = $this->units === UnitSystem::Metric && $below === 2 && $this->peek()?->is(LengthToken::UNIT) !== true;
        if ($above > $below && !$isMetricHalf) {
            for ($split = 1; $split < strlen($digits); ++$split) {
                [$whole, $rest] = [substr($digits, 0, $split), (int) substr($digits, $split)];
                if ($rest > 0 && $rest < $below && $digits[$split] !== '0') {
                    $before = $this->typedBefore($fraction);
                    $before = $before === '' ? '' : "{$before} ";

                    throw UnreadableLength::doubtful(trim($this->typed), $fraction->at, [
                        $before.$this->reading((int) $whole, $rest, $below),
                        $before.$this->reading(intdiv($above, $below), $above % $below, $below),
                    ]);
                }
            }
        }

        return new TypedNumber($fraction->value, $fraction->text, $fraction->at, true);
    }

    /** A whole number and a fraction as they can be typed with the unit that stands next. */
    private function reading(int $whole, int $above, int $below): string
    {
        $next = $this->peek();
        $unit = $next?->is(LengthToken::UNIT) === true ? $next->text : '';

        return match (true) {
            in_array($unit, ['mm', 'cm', 'm'], true) => Decimal::trim($whole + $above / $below, 4)." {$unit}",
            $unit === 'ft' => "{$whole} {$above}/{$below}'",
            $unit === 'in' || $this->units === UnitSystem::Metric => "{$whole} {$above}/{$below}\"",
            default => "{$whole} {$above}/{$below}",
        };
    }

    private function metric(TypedNumber $quantity, string $unit, int $at): LengthTerm
    {
        if ($quantity->hasFraction) {
            throw new UnreadableLength(Text::of(
                'Write the fraction as a decimal: {quantity} {unit}.',
                quantity: $quantity->value,
                unit: $unit,
            ), $at);
        }
        $counted = TypingUnit::from($unit);
        $term = new LengthTerm(
            $quantity->value * $counted->mm(),
            self::count($quantity->words, $counted->one(), $counted->one().'s'),
            UnitSystem::Metric,
            $at,
        );

        return $this->peek()?->is(LengthToken::NUMBER) === true ? $this->afterMetric($term, $counted) : $term;
    }

    /** A smaller unit behind a larger one: `1 m 10 cm`. */
    private function afterMetric(LengthTerm $term, TypingUnit $unit): LengthTerm
    {
        $at = $this->peek()->at ?? 0;
        $follows = $this->peek(1);
        $smaller = $follows?->is(LengthToken::UNIT) === true ? TypingUnit::tryFrom($follows->text) : null;
        if ($smaller === null || $smaller->mm() >= $unit->mm()) {
            throw new UnreadableLength(Text::of('One number with one unit is enough, such as 2.47 m.'), $at);
        }
        $rest = $this->length();
        if ($rest->mm >= $unit->mm()) {
            throw new UnreadableLength(Text::of('Behind {one}s there is less than one {one}.', one: $unit->one()), $at);
        }

        return new LengthTerm($term->mm + $rest->mm, "{$term->words} {$rest->words}", UnitSystem::Metric, $term->at);
    }

    private function bare(TypedNumber $quantity, int $at): LengthTerm
    {
        $follows = $this->peek();
        if ($follows !== null && ($follows->is(LengthToken::NUMBER) || $follows->is(LengthToken::FRACTION))) {
            throw new UnreadableLength(Text::of(
                'Say what the first number counts, such as {words}\' {text}".',
                words: $quantity->words,
                text: $follows->text,
            ), $follows->at);
        }
        if ($this->units === UnitSystem::Imperial) {
            return new LengthTerm(
                $quantity->value * Amount::MM_PER_INCH,
                self::count($quantity->words, Text::of('inch'), Text::of('inches')),
                null,
                $at,
                !$quantity->hasFraction,
            );
        }
        $isHalf = preg_match('/^\d+\/2$/', $quantity->words) === 1;
        if ($quantity->hasFraction && !$isHalf) {
            throw new UnreadableLength(Text::of('Fractions are of inches: write {words}", or a decimal.', words: $quantity->words), $at);
        }
        $unit = $this->bare->one();
        $words = $quantity->hasFraction
            ? Text::of('half of {it} {unit}s', it: substr($quantity->words, 0, -2), unit: $unit)
            : self::count($quantity->words, $unit, "{$unit}s");

        return new LengthTerm($quantity->value * $this->bare->mm(), $words, null, $at);
    }

    private function refuseMixing(LengthTerm $term, LengthTerm $other): void
    {
        $systems = [$term->system, $other->system];
        if (in_array(UnitSystem::Imperial, $systems, true) && in_array(UnitSystem::Metric, $systems, true)) {
            throw new UnreadableLength(Text::of('Feet or inches and metres do not mix in one calculation.'), $other->at);
        }
        $said = $term->system ?? $other->system;
        if ($said !== null && $said !== $this->units && in_array(null, $systems, true)) {
            throw new UnreadableLength(Text::of('Say the unit of every number here.'), $term->system === null ? $term->at : $other->at);
        }
    }

    private function refuseOtherUnit(?string $unit): void
    {
        $second = $unit === null ? null : $this->peek();
        if ($second !== null && $second->is(LengthToken::UNIT)) {
            throw new UnreadableLength(Text::of('Two units stand behind one number.'), $second->at);
        }
    }

    private function peek(int $ahead = 0): ?LengthToken
    {
        return $this->tokens[$this->next + $ahead] ?? null;
    }

    private function take(string $kind, string ...$texts): ?LengthToken
    {
        $token = $this->peek();
        if ($token === null || !$token->is($kind, ...$texts)) {
            return null;
        }
        ++$this->next;

        return $token;
    }

    private function rest(): string
    {
        return $this->typedFrom($this->peek());
    }

    private function typedFrom(?LengthToken $token): string
    {
        return $token === null ? '' : trim(mb_substr($this->typed, $token->at));
    }

    private function typedBefore(LengthToken $token): string
    {
        return trim(mb_substr($this->typed, 0, $token->at));
    }

    private function written(float $inches): string
    {
        return (new ImperialNotation(64))->write(Amount::length($inches * Amount::MM_PER_INCH));
    }

    private function sample(): string
    {
        return $this->units === UnitSystem::Imperial ? '12\'-6 1/2"' : '2470 or 2.47 m';
    }

    private static function plain(float $number): string
    {
        return Decimal::trim($number, 4);
    }

    private static function count(string $number, string $one, string $many): string
    {
        return "{$number} ".($number === '1' || (str_contains($number, '/') && !str_contains($number, ' ')) ? $one : $many);
    }
}
