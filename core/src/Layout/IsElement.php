<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\ReadsByKeys;

/** @phpstan-require-implements Element */
trait IsElement
{
    use ReadsByKeys;

    public function id(): string
    {
        return $this->id;
    }

    public function copied(string $id): static
    {
        return $this->with(...[
            'id' => $id,
            ...(property_exists($this, 'locked') ? ['locked' => false] : []),
            ...($this->isMarked() ? ['mark' => null] : []),
        ]);
    }

    public function isMarked(): bool
    {
        return property_exists($this, 'mark');
    }

    public function mark(): ?string
    {
        $mark = get_object_vars($this)['mark'] ?? null;

        return is_string($mark) ? $mark : null;
    }

    public function withMark(?string $mark): static
    {
        return $this->with(mark: $mark);
    }

    public function isLocked(): bool
    {
        return property_exists($this, 'locked') && $this->locked;
    }

    public function name(): string
    {
        return Text::capital(self::list()->noun()).' '.$this->id;
    }
}
