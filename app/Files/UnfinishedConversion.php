<?php

declare(strict_types=1);

namespace App\Files;

/** A program that did not finish what it was given. */
final class UnfinishedConversion extends \RuntimeException
{
    private function __construct(string $message, public readonly bool $isTooLong, ?\Throwable $previous = null)
    {
        parent::__construct($message, previous: $previous);
    }

    /** It went past a limit and was stopped. */
    public static function tooLong(string $program, \Throwable $previous): self
    {
        return new self("{$program} was stopped at a limit.", true, $previous);
    }

    /** It gave up by itself. */
    public static function refused(string $program, string $said): self
    {
        return new self("{$program}: ".trim($said), false);
    }
}
