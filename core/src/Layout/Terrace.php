<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Ring;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** Ground outside that is made level: its outline, and how high it lies above the storey's floor, mm, below when negative. */
final readonly class Terrace implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, otherwise: 'id', label: 'Name', own: true)]
        public string $name,
        #[Key]
        public Ring $outline,
        #[Key(Value::Elevation, label: 'Above the storey’s floor')]
        public ?float $level = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Terraces;
    }

    /** Its elevation, mm; null where it or that of its storey nobody said. */
    public function elevationOn(Storey $storey): ?float
    {
        return $this->level === null || $storey->elevation === null ? null : $storey->elevation + $this->level;
    }
}
