<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Ring;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** A beam, duct or dropped ceiling: its outline and the height of its underside above the floor, in mm. */
final readonly class Soffit implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public Ring $outline,
        #[Key(Value::Length, label: 'Underside above floor')]
        public ?float $underside = null,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Soffits;
    }
}
