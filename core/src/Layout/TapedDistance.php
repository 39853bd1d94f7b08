<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Layout\Words\TapedRole;

/**
 * A distance taped on site, held against the drawn one; the parts of a group must add up to its overall. In mm. Or a height above the
 * floor: of a room's ceiling or an opening's sill or head, taped where `from` is.
 */
final readonly class TapedDistance implements Element
{
    use IsElement;

    /**
     * @param string|null      $of     the room or opening whose height it is
     * @param string|null      $by     who taped it
     * @param string|null      $on     when, YYYY-MM-DD
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Identifier)]
        public string $storey,
        #[Key]
        public Point $from,
        #[Key]
        public Point $to,
        #[Key(Value::Size, label: 'Taped', own: true)]
        public float $measured,
        #[Key(Value::Text, label: 'Chain', own: true)]
        public ?string $group = null,
        #[Key(label: 'It is')]
        public ?TapedRole $role = null,
        #[Key(Value::Identifier)]
        public ?string $of = null,
        #[Key]
        public ?TapedHeight $height = null,
        #[Key(Value::Text, label: 'Taped by', own: true)]
        public ?string $by = null,
        #[Key(Value::Text, label: 'Taped on', own: true)]
        public ?string $on = null,
    ) {}

    public function withEnds(Point $from, Point $to): self
    {
        return $this->with(from: $from, to: $to);
    }

    public static function list(): ElementList
    {
        return ElementList::Survey;
    }

    private function check(JsonCursor $place): void
    {
        if (($this->of === null) !== ($this->height === null)) {
            throw $place->refuse(Text::of('expected both `of` and `height`, or neither'));
        }
    }
}
