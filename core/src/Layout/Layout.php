<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Scope;
use Heurema\Units\LengthReader;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;

/** One drawn home: what the designer drew, nothing derived from it. */
final readonly class Layout implements Described
{
    use ReadsByKeys;

    public const FORMAT = 'heurema-layout';
    public const VERSION = 1;
    private const HEAD = ['format' => self::FORMAT, 'version' => self::VERSION];

    /**
     * @param TypingUnit           $typing  what a bare number counts when typed in a metric home
     * @param float|null           $north   direction of true north, degrees counter-clockwise from +x; null: not known
     * @param float|null           $grade   elevation of the finished ground at the building; null: 0
     * @param list<GroundLevel>    $ground  levels of the ground at places, where it slopes
     * @param float|null           $atticArea what of the attic under the roof is at least 30 in (762 mm) high, m2; 0: there is none
     * @param list<Storey>         $storeys lowest first
     * @param list<Stair>          $stairs
     * @param list<Ramp>           $ramps
     * @param list<TapedDistance> $survey
     * @param list<Axis>           $axes
     * @param list<SectionLine>    $sections
     * @param \stdClass|null       $extra   kept as it is
     */
    public function __construct(
        #[Key(Value::Name)]
        public string $name,
        #[Key]
        public UnitSystem $units,
        #[Key]
        public TypingUnit $typing = TypingUnit::Millimetre,
        #[Key]
        public Scope $scope = Scope::Whole,
        #[Key(Value::Angle)]
        public ?float $north = null,
        #[Key(Value::Elevation)]
        public ?float $grade = null,
        #[Key(Value::Parts, of: GroundLevel::class, most: 40)]
        public array $ground = [],
        #[Key(Value::Number, most: 1_000_000)]
        public ?float $atticArea = null,
        #[Key(Value::Parts, of: Storey::class, most: 200, required: true)]
        public array $storeys = [],
        #[Key(Value::Parts, of: Stair::class, always: true)]
        public array $stairs = [],
        #[Key(Value::Parts, of: Ramp::class)]
        public array $ramps = [],
        #[Key(Value::Parts, of: TapedDistance::class, always: true)]
        public array $survey = [],
        #[Key(Value::Parts, of: Axis::class, most: 1000)]
        public array $axes = [],
        #[Key(Value::Parts, of: SectionLine::class, most: 40)]
        public array $sections = [],
        #[Key(Value::Untouched)]
        public ?\stdClass $extra = null,
    ) {}

    public static function read(JsonCursor $place): self
    {
        $schema = ElementSchema::of(self::class);
        $place->object([...array_keys(self::HEAD), ...array_column($schema->keys(), 'key')]);
        foreach (self::HEAD as $key => $value) {
            $place->get($key)->exactly($value);
        }

        return $schema->readKeys($place);
    }

    /** @return array<string, mixed> in the order in which the document is written */
    public function toArray(): array
    {
        return [...self::HEAD, ...ElementSchema::of(self::class)->write($this)];
    }

    /** @param array<string, list<Element>> $lists by name */
    public function withLists(array $lists): self
    {
        $properties = array_map(static fn(string $list): string => ElementList::from($list)->property(), array_keys($lists));

        return $this->with(...array_combine($properties, $lists));
    }

    public function named(string $name): self
    {
        return $this->with(name: $name);
    }

    /** Its own fields, without what is listed in it. */
    public function bare(): self
    {
        return $this->withLists(array_fill_keys(array_column(ElementList::ofDocument(), 'value'), []));
    }

    /** @return list<Element> */
    public function elements(ElementList $list): array
    {
        /** @var array<string, list<Element>> $lists */
        $lists = get_object_vars($this);

        return $lists[$list->property()];
    }

    /** Reads lengths as they are typed in this home. */
    public function lengths(): LengthReader
    {
        return new LengthReader($this->units, $this->typing);
    }

    public function storey(string $id): ?Storey
    {
        foreach ($this->storeys as $storey) {
            if ($storey->id === $id) {
                return $storey;
            }
        }

        return null;
    }
}
