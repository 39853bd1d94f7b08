<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

/** An object of the document that reads and writes itself. */
interface Part
{
    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self;

    /** @return array<string, mixed> as the document writes it: what is not known, or is what it is unless said, is left out */
    public function toArray(): array;
}
