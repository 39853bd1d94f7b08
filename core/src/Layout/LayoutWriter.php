<?php

declare(strict_types=1);

namespace Heurema\Layout;

/**
 * Writes a layout document: the keys always in the same order, numbers without noise, so that equal layouts are equal bytes, and as
 * few as there can be.
 */
final class LayoutWriter
{
    public function write(Layout $layout): string
    {
        return json_encode($layout->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
