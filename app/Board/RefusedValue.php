<?php

declare(strict_types=1);

namespace App\Board;

/** Something typed into a field that cannot be taken. */
final class RefusedValue extends \RuntimeException
{
    public function __construct(public readonly string $key, string $message)
    {
        parent::__construct($message);
    }
}
