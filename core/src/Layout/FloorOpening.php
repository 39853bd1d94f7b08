<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Ring;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** An opening in a storey's floor, for a stair or a space two storeys high. */
final readonly class FloorOpening implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public Ring $outline,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Voids;
    }

    public function withOutline(Ring $outline): self
    {
        return $this->with(outline: $outline);
    }
}
