<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\WallSide;

/** Where the home is cut upright for a section, on every storey. */
final readonly class SectionLine implements Element
{
    use IsElement;

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, label: 'Letter or name', own: true)]
        public string $name,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
        #[Key(under: MotionRule::ChangesSides, label: 'Looks to the')]
        public WallSide $looks = WallSide::Left,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Sections;
    }

    /** With what one looks at on its left. */
    public function line(): Segment
    {
        return $this->looks === WallSide::Left ? new Segment($this->from, $this->to) : new Segment($this->to, $this->from);
    }

    private function check(JsonCursor $place): void
    {
        if ($this->line()->length() < 1.0) {
            throw $place->get('to')->refuse(Text::of('expected a line that has some length'));
        }
    }
}
