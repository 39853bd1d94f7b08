<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Words\Message;

/** A height of a home that people speak of. */
final readonly class NamedLevel
{
    /** @param float $height mm above the zero of heights */
    public function __construct(public Message $name, public float $height) {}
}
