<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** A line that walls and columns are set out from, on every storey, with the letter or number by which people call it. */
final readonly class Axis implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, label: 'Letter or number', own: true)]
        public string $name,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Axes;
    }

    public function line(): Segment
    {
        return new Segment($this->from, $this->to);
    }

    private function check(JsonCursor $place): void
    {
        if ($this->line()->length() < 1.0) {
            throw $place->get('to')->refuse(Text::of('expected an axis that has some length'));
        }
    }
}
