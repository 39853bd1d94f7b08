<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\SurveyRole;

/** A distance taped on site, held against the drawn one; the parts of a group must add up to its overall. In mm. */
final readonly class SurveyDistance implements Element
{
    use IsElement;

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
        public ?SurveyRole $role = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Survey;
    }
}
