<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

/** What may have gone wrong with a tape reading that does not fit. */
final class TapeSlip
{
    /** A reading this close to a slip, in mm, is explained by it. */
    private const CLOSE = 25.0;

    /** A question with the likely cause; null when none is plain. In mm. */
    public static function behind(float $difference, float $taped, float $expected): ?string
    {
        $metres = round($difference / 1000);
        if ($metres !== 0.0 && abs($difference - 1000 * $metres) <= self::CLOSE) {
            return sprintf('Was the tape read %d m too %s?', abs((int) $metres), $metres > 0 ? 'long' : 'short');
        }
        foreach ([
            [10.0, 'A nought too few, or centimetres for millimetres?'],
            [0.1, 'A nought too many?'],
            [25.4, 'Inches for millimetres?'],
        ] as [$factor, $question]) {
            if (abs($taped * $factor - $expected) <= self::CLOSE) {
                return $question;
            }
        }

        return null;
    }
}
