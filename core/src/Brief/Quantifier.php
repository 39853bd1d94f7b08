<?php

declare(strict_types=1);

namespace Heurema\Brief;

/** Of which rooms of a use something is wished. */
enum Quantifier
{
    /** Of all that there are. */
    case Every;

    /** Of all, and there has to be one. */
    case The;

    /** Of one of them. */
    case One;

    /** Of the largest, and there has to be one. */
    case Largest;
}
