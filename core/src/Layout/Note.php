<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** Words written on the plan. */
final readonly class Note implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public Point $at,
        #[Key(Value::Text, label: 'Text', own: true)]
        public string $text,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Notes;
    }
}
