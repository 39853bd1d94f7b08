<?php

declare(strict_types=1);

namespace App\Board;

/** An act that draws something new, which is chosen then. */
interface Draws extends Act
{
    /** The letter that ids of what it draws begin with. */
    public function letter(): string;
}
