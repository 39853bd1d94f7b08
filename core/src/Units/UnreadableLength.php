<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** What was typed is no length, or can be read in more than one way. */
final class UnreadableLength extends \RuntimeException
{
    /**
     * @param int          $position where the trouble begins, in characters from 0
     * @param list<string> $readings for a doubtful one: how to write each of the ways it can be read
     */
    public function __construct(string $message, public readonly int $position, public readonly array $readings = [])
    {
        parent::__construct($message);
    }

    /** @param list<string> $readings */
    public static function doubtful(string $text, int $position, array $readings): self
    {
        return new self(Text::of(
            '"{text}" can be read in two ways: write {readings}.',
            text: $text,
            readings: implode(Text::of(' or '), $readings),
        ), $position, $readings);
    }
}
