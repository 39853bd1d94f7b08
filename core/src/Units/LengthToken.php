<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A piece of a typed length. */
final readonly class LengthToken
{
    public const NUMBER = 'number';
    public const FRACTION = 'fraction';
    public const UNIT = 'unit';
    public const SIGN = 'sign';
    public const HALF = 'half';

    /**
     * @param string $text  a unit's own name (ft, in, mm, cm, m), a sign (+ - ( )), or the number as it was typed
     * @param float  $value of a number or fraction
     * @param int    $at    position in the typed text, in characters
     * @param bool   $loose white space stands before it
     */
    public function __construct(public string $kind, public string $text, public float $value, public int $at, public bool $loose) {}

    public function is(string $kind, string ...$texts): bool
    {
        return $this->kind === $kind && ($texts === [] || in_array($this->text, $texts, true));
    }
}
