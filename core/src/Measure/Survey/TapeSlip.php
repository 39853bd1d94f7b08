<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

use Heurema\Words\Message;

/** What may have gone wrong with a tape reading that does not fit. */
final class TapeSlip
{
    /** A reading this close to a slip, in mm, is explained by it. */
    private const CLOSE = 25.0;

    /** A question with the likely cause; null when none is plain. In mm. */
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

        return null;
    }
}
