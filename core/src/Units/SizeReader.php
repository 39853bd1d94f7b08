<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** Reads two sides as people type them: `11' x 13'4"`, `920cm × 1060cm`, `4 ft by 12 ft`. */
final readonly class SizeReader
{
    public function __construct(private LengthReader $lengths) {}

    /**
     * @return array{ReadLength, ReadLength}
     *
     * @throws UnreadableLength
     */
    public function read(string $typed): array
    {
        [$first, $second] = self::sides($typed);

        return [$this->lengths->read($first), $this->lengths->read($second)];
    }

    /**
     * What stands before the sign between the last two lengths, and after it.
     *
     * @return array{string, string}
     *
     * @throws UnreadableLength
     */
    public static function sides(string $typed): array
    {
        if (preg_match('/^(.+?)\s*(?:[x×]|\bby\b)\s*([^x×]+)$/iu', trim($typed), $parts) !== 1) {
            throw new UnreadableLength(Text::of('Type two sides, such as 3.2 m x 4 m or 11\' x 13\'4".'), 0);
        }

        return [$parts[1], $parts[2]];
    }
}
