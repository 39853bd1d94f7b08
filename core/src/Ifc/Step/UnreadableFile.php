<?php

declare(strict_types=1);

namespace Heurema\Ifc\Step;

/** A building model that cannot be read: why, and at which entity or line. */
final class UnreadableFile extends \RuntimeException
{
    public static function atEntity(int $id, string $why): self
    {
        return new self("#{$id}: {$why}");
    }
}
