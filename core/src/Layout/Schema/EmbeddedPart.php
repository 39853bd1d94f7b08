<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

/** Keys of an element that stand in a class of their own; in the document they stand among the element's. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class EmbeddedPart
{
    /** @param list<\BackedEnum> $only the kinds that have them */
    public function __construct(public array $only = []) {}
}
