<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

use Heurema\Words\Message;

/** What may have gone wrong with a tape reading that does not fit. */
final class TapeSlip
{
    /** A reading this close to a slip, in mm, is explained by it. */
    private const CLOSE = 25.0;

    /** So close, in mm, are readings that differ in one digit, or in two that changed places. */
    private const EXACT = 5.0;

    private const FOOT = 304.8;
    private const HUNDRED = 100.0;

    /** The likely cause; null when none is plain. In mm. */
    public static function behind(float $difference, float $taped, float $expected): ?Message
    {
        $metres = round($difference / 1000);
        if ($metres !== 0.0 && abs($difference - 1000 * $metres) <= self::CLOSE) {
            return $metres > 0
                ? Message::of('survey.tape_slip.too_long', metres: (int) $metres)
                : Message::of('survey.tape_slip.too_short', metres: -(int) $metres);
        }
        foreach ([
            [10.0, 'survey.tape_slip.nought_too_few'],
            [0.1, 'survey.tape_slip.nought_too_many'],
            [25.4, 'survey.tape_slip.inches'],
        ] as [$factor, $question]) {
            if (abs($taped * $factor - $expected) <= self::CLOSE) {
                return Message::of($question);
            }
        }

        return self::transposed($taped, $expected) ?? self::digit($difference);
    }

    private static function transposed(float $taped, float $expected): ?Message
    {
        $digits = (string) (int) round($taped);
        for ($place = 0; $place + 1 < strlen($digits); ++$place) {
            $other = $digits;
            [$other[$place], $other[$place + 1]] = [$digits[$place + 1], $digits[$place]];
            if ($other !== $digits && abs((float) $other - $expected) <= self::EXACT) {
                return Message::of('survey.tape_slip.transposed', digits: $other);
            }
        }

        return null;
    }

    private static function digit(float $difference): ?Message
    {
        $off = abs($difference);
        [$feet, $hundreds] = [round($off / self::FOOT), round($off / self::HUNDRED)];
        [$fromFeet, $fromHundreds] = [abs($off - $feet * self::FOOT), abs($off - $hundreds * self::HUNDRED)];

        return match (true) {
            $feet >= 1 && $fromFeet <= self::EXACT && ($fromFeet < $fromHundreds || $hundreds > 9) => Message::of(
                'survey.tape_slip.feet',
                feet: (int) $feet,
            ),
            $hundreds >= 1 && $hundreds <= 9 && $fromHundreds <= self::EXACT => Message::of('survey.tape_slip.hundreds'),
            default => null,
        };
    }
}
