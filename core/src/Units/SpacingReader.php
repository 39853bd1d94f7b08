<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/**
 * Reads distances that follow one another as people type them: `3.6 4.2 3.6`, `12' 14'6 10'`, `3 x 12'`, `3600; 4200`.
 *
 * A bare number that would come to less than 100 mm is metres in a metric home; in an imperial one a bare number below 96 is refused, since
 * it could be feet as well as inches.
 */
final readonly class SpacingReader
{
    /** So many distances it reads. */
    private const MOST = 100;

    /** mm; what is nearer is no spacing. */
    private const LEAST = 100.0;

    /** mm; a bare number of inches that comes to less may be feet. */
    private const EIGHT_FEET = 2438.4;

    private const FEET = '\d+(?:\.\d+)?\s*(?:[\'′’]|ft\b|feet\b)';
    private const INCHES = '(?:\d+[ -])?\d+(?:\.\d+|\/\d+)?\s*(?:["″”]|in\b)';
    private const BARE_INCHES = '-?\d+(?:[ -]\d+\/\d+)?(?![\d.]|\s*[\'′’"″”])';
    private const PLAIN = '\d+(?:\.\d+|,\d{1,3}(?!\d))?(?:\s*(?:mm|cm|m)\b)?';

    private LengthReader $lengths;

    public function __construct(private UnitSystem $units, private TypingUnit $typing = TypingUnit::Millimetre)
    {
        $this->lengths = new LengthReader($units, $typing);
    }

    /**
     * @return non-empty-list<ReadLength>
     *
     * @throws UnreadableLength
     */
    public function read(string $typed): array
    {
        $length = self::FEET.'(?:\s*-?\s*'.self::INCHES.'|'.self::BARE_INCHES.')?|'.self::INCHES.'|'.self::PLAIN;
        $spacings = [];
        $at = 0;
        while ($at < strlen($typed)) {
            if (preg_match(
                "/\\G(?:\\s*[;,]\\s*|\\s+)?(?:(\\d{1,2})\\s*[x×]\\s*)?({$length})(?=[\\s;,]|\$)/u",
                $typed,
                $found,
                0,
                $at,
            ) !== 1) {
                if (trim(substr($typed, $at), " \t\n\r;,") === '') {
                    break;
                }
                throw new UnreadableLength(
                    Text::of(
                        'Nothing fits in here: "{it}". Type distances one after the other, such as {sample}.',
                        it: trim(substr($typed, $at)),
                        sample: $this->sample(),
                    ),
                    $at,
                );
            }
            array_push($spacings, ...array_fill(0, max(1, (int) $found[1]), $this->spacing($found[2], $at)));
            $at += strlen($found[0]);
        }

        return match (true) {
            $spacings === [] => throw new UnreadableLength(Text::of(
                'Type distances one after the other, such as {sample}.',
                sample: $this->sample(),
            ), 0),
            count($spacings) > self::MOST => throw new UnreadableLength(Text::of(
                'At most {most} distances are read at once.',
                most: self::MOST,
            ), 0),
            default => $spacings,
        };
    }

    private function spacing(string $text, int $at): ReadLength
    {
        $read = $this->lengths->read($text);
        $isBare = is_numeric(str_replace(',', '.', $text)) && $read->mm > 0;
        if ($isBare && $this->units === UnitSystem::Imperial && $read->mm < self::EIGHT_FEET) {
            throw UnreadableLength::doubtful($text, $at, ["{$text}'", "{$text}\""]);
        }
        if ($isBare && $this->units === UnitSystem::Metric && $read->mm < self::LEAST) {
            $read = $this->lengths->read("{$text} m");
        }

        return $read->mm < self::LEAST ? throw new UnreadableLength(Text::of(
            '{text} is too little between two axes.',
            text: $text,
        ), $at) : $read;
    }

    private function sample(): string
    {
        return $this->units === UnitSystem::Imperial ? "12' 14' 10'6" : '3.6 4.2 3.6';
    }
}
