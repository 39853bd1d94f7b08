<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/**
 * A rail on one side of a stair or a ramp, in mm: its height above the nosing line or the slope, how far it stands in from its side, and
 * how far it goes on beyond the lowest and the highest nosing. Written as its height alone where nothing else is said.
 */
final readonly class Handrail implements Described
{
    use ReadsByKeys {
        read as private readObject;
        toArray as private writeObject;
    }

    public function __construct(
        #[Key(Value::Size)]
        public float $height,
        #[Key(Value::Length)]
        public ?float $projection = null,
        #[Key(Value::Length)]
        public ?float $foot = null,
        #[Key(Value::Length)]
        public ?float $head = null,
    ) {}

    public static function read(JsonCursor $place): self
    {
        return $place->isObject() ? self::readObject($place) : new self($place->size());
    }

    /** @return float|array<string, mixed> as the document writes it */
    public function written(): float|array
    {
        /** @var array<string, mixed> $written */
        $written = $this->writeObject();

        return array_keys($written) === ['height'] ? $this->height : $written;
    }
}
