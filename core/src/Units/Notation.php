<?php

declare(strict_types=1);

namespace Heurema\Units;

/** Writes amounts as people of one system read them. A rounded value starts with the mark. */
interface Notation
{
    public const ROUNDED = '≈ ';

    /** What floating point may add to a difference. */
    public const NOISE = 1e-9;

    public function write(Amount $amount): string;
}
