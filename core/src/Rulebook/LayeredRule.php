<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** A rule as it stands after the books that were laid over its own. */
final readonly class LayeredRule
{
    /**
     * @param string      $layer id of the book that decided it last
     * @param string|null $off   why it was switched off
     */
    public function __construct(public Mapping $entry, public string $layer, public ?string $off = null) {}
}
