<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\ByKeys;

/** @phpstan-require-implements Element */
trait IsElement
{
    use ByKeys;

    public function id(): string
    {
        return $this->id;
    }

    public function copied(string $id): static
    {
        return $this->with(...['id' => $id, ...(property_exists($this, 'locked') ? ['locked' => false] : [])]);
    }

    public function isLocked(): bool
    {
        return property_exists($this, 'locked') && $this->locked;
    }

    public function name(): string
    {
        return ucfirst(self::list()->noun()).' '.$this->id;
    }
}
