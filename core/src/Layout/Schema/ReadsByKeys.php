<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;

/** What a described part of the document does by its keys. @phpstan-require-implements Described */
trait ReadsByKeys
{
    public static function read(JsonCursor $place): self
    {
        $read = ElementSchema::of(self::class)->read($place);
        $read->check($place);

        return $read;
    }

    public function toArray(): array
    {
        return ElementSchema::of(self::class)->write($this);
    }

    public function carried(Motion $motion): static
    {
        return $this->with(...ElementSchema::of(self::class)->carried($this, $motion));
    }

    /** @param mixed ...$values those that differ, by property */
    private function with(mixed ...$values): static
    {
        return ElementSchema::of(static::class)->with($this, $values);
    }

    /** Refuses what one key alone does not tell. */
    private function check(JsonCursor $place): void {}
}
