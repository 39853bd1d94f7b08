<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** Takes a typed length apart. */
final class LengthTokens
{
    private const LONGEST = 100;

    /** Other ways to type the same sign. */
    private const SAME = [
        '’' => "'", '‘' => "'", '′' => "'", '´' => "'", '`' => "'", '”' => '"', '“' => '"', '″' => '"', '„' => '"',
        '−' => '-', '–' => '-', '—' => '-', '⁄' => '/', "\u{a0}" => ' ', "\u{202f}" => ' ', "\u{2009}" => ' ', "\t" => ' ',
    ];

    private const FRACTION_SIGNS = [
        '½' => [1, 2], '¼' => [1, 4], '¾' => [3, 4], '⅓' => [1, 3], '⅔' => [2, 3], '⅛' => [1, 8], '⅜' => [3, 8], '⅝' => [5, 8],
        '⅞' => [7, 8],
    ];

    private const UNITS = [
        'millimetres' => 'mm', 'millimeters' => 'mm', 'mm' => 'mm', 'centimetres' => 'cm', 'centimeters' => 'cm', 'cm' => 'cm',
        'metres' => 'm', 'meters' => 'm', 'metre' => 'm', 'meter' => 'm', 'm' => 'm',
        'feet' => 'ft', 'foot' => 'ft', 'ft' => 'ft', 'inches' => 'in', 'inch' => 'in', 'in' => 'in', "''" => 'in', "'" => 'ft',
        '"' => 'in',
        'milímetros' => 'mm', 'centímetros' => 'cm', 'metros' => 'm', 'metro' => 'm', 'pies' => 'ft', 'pie' => 'ft',
        'pulgadas' => 'in', 'pulgada' => 'in',
    ];

    /**
     * @return list<LengthToken>
     *
     * @throws UnreadableLength
     */
    public static function of(string $typed): array
    {
        if (mb_strlen($typed) > self::LONGEST) {
            throw new UnreadableLength(Text::of('A length takes at most {most} characters.', most: self::LONGEST), self::LONGEST);
        }
        $text = mb_strtolower(strtr($typed, self::SAME));
        $text = (string) preg_replace('/^\s*'.trim(Notation::ROUNDED).'/u', ' ', $text);
        $tokens = [];
        $at = 0;
        while (($rest = mb_substr($text, $at)) !== '') {
            if (str_starts_with($rest, ' ')) {
                ++$at;

                continue;
            }
            $loose = $at > 0 && mb_substr($text, $at - 1, 1) === ' ';
            [$token, $length] = self::next($rest, $at, $loose, $typed);
            $tokens[] = $token;
            $at += $length;
        }

        return $tokens;
    }

    /** @return array{LengthToken, int} the token and how many characters it takes */
    private static function next(string $rest, int $at, bool $loose, string $typed): array
    {
        $sign = mb_substr($rest, 0, 1);
        if (isset(self::FRACTION_SIGNS[$sign])) {
            [$above, $below] = self::FRACTION_SIGNS[$sign];

            return [new LengthToken(LengthToken::FRACTION, "{$above}/{$below}", $above / $below, $at, $loose), 1];
        }
        if (preg_match('/^\/ ?2(?!\d)/', $rest, $found) === 1) {
            return [new LengthToken(LengthToken::HALF, '/2', 0.5, $at, $loose), strlen($found[0])];
        }
        if (preg_match('/^(\d+)\/(\d+)/', $rest, $found) === 1) {
            return [self::fraction($found[1], $found[2], $at, $loose), strlen($found[0])];
        }
        if (preg_match('/^(?:\d[\d.,]*|[.,]\d+)/', $rest, $found) === 1) {
            return [new LengthToken(LengthToken::NUMBER, $found[0], self::number($found[0], $at, $typed), $at, $loose), strlen($found[0])];
        }
        if (preg_match(
            '/^(?:'
                .implode(
                    '|',
                    array_map(
                        static fn(string $unit): string => preg_quote($unit, '/').(ctype_alpha($unit) ? '(?![a-z])\.?' : ''),
                        array_keys(self::UNITS),
                    ),
                )
                .')/',
            $rest,
            $found,
        ) === 1) {
            return [new LengthToken(LengthToken::UNIT, self::UNITS[rtrim($found[0], '.')], 1.0, $at, $loose), strlen($found[0])];
        }
        if (in_array($sign, ['+', '-', '(', ')'], true)) {
            return [new LengthToken(LengthToken::SIGN, $sign, 0.0, $at, $loose), 1];
        }

        throw new UnreadableLength(Text::of('Nothing in a length is written "{it}".', it: mb_substr($typed, $at, 1)), $at);
    }

    private static function fraction(string $above, string $below, int $at, bool $loose): LengthToken
    {
        if ((int) $below === 0) {
            throw new UnreadableLength(Text::of(
                '{above}/{below}: nothing can be parted in 0.',
                above: $above,
                below: $below,
            ), $at + strlen($above) + 1);
        }

        return new LengthToken(LengthToken::FRACTION, "{$above}/{$below}", (int) $above / (int) $below, $at, $loose);
    }

    /**
     * A decimal point or comma, or in English commas between thousands: one comma before three digits could be either there, as one point
     * could where decimals come after a comma.
     */
    private static function number(string $digits, int $at, string $typed): float
    {
        $mark = Text::language()->decimalMark();
        $separator = $mark === '.' ? ',' : '.';
        if (preg_match("/^\\d{1,3}[{$separator}]\\d{3}$/", $digits) === 1) {
            [$whole, $rest] = explode($separator, $digits);

            throw UnreadableLength::doubtful(trim($typed), $at, [$whole.$rest, $whole.$mark.$rest]);
        }
        if (preg_match("/^\\d{1,3}([{$separator}]\\d{3})+([{$mark}]\\d+)?$/", $digits) === 1) {
            return (float) strtr($digits, [$separator => '', $mark => '.']);
        }
        if (preg_match('/^\d*[.,]?\d*$/', $digits) !== 1) {
            throw new UnreadableLength(Text::of('"{digits}" is no number.', digits: $digits), $at);
        }

        return (float) str_replace(',', '.', $digits);
    }
}
