<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;

/** One key of an element, as its property and its attribute say it. */
final readonly class KeySchema
{
    /**
     * @param class-string<\BackedEnum>|null $words    of a word
     * @param class-string<Part>|null        $part     of an object
     * @param bool                           $required may it not be left out?
     * @param mixed                          $default  its value where it is left out
     */
    public function __construct(
        public string $key,
        public string $property,
        public Value $value,
        public Key $is,
        public ?string $words,
        public ?string $part,
        public bool $required,
        public mixed $default,
    ) {}

    public static function of(\ReflectionParameter $parameter): self
    {
        $is = $parameter->getAttributes(Key::class)[0]->newInstance();
        $type = self::typeOf($parameter);
        [$words, $part] = [
            is_subclass_of($type, \BackedEnum::class) ? $type : null,
            is_subclass_of($type, Part::class) ? $type : self::partOf($is),
        ];

        return new self(
            key: strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $parameter->name)),
            property: $parameter->name,
            value: $is->as ?? match (true) {
                $words !== null => Value::Word,
                $part !== null => Value::Part,
                $type === Point::class => Value::Point,
                $type === Ring::class => Value::Ring,
                $type === 'bool' => Value::YesNo,
                default => throw new \LogicException("The key {$parameter->name} does not say what it is."),
            },
            is: $is,
            words: $words,
            part: $part,
            required: $is->required
                || (
                    !$parameter->allowsNull() && !$parameter->isDefaultValueAvailable() && $is->otherwise === null && $is->default === null
                ),
            default: $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : $is->default,
        );
    }

    /**
     * Its value, checked.
     *
     * @param array<string, mixed> $others what has been read of the element, by property
     *
     * @throws UnreadableLayout
     */
    public function read(JsonCursor $element, array $others): mixed
    {
        $place = $this->required ? $element->get($this->key) : $element->optional($this->key);

        return match (true) {
            $place !== null => $this->readAt($place),
            $this->is->otherwise !== null => $others[$this->is->otherwise] ?? null,
            default => $this->default,
        };
    }

    /** @return list<\BackedEnum> the words that it may be */
    public function allowedWords(): array
    {
        return $this->is->among !== [] ? $this->is->among : ($this->words === null ? [] : $this->words::cases());
    }

    /** Is there always a value, said or not? */
    public function isAlwaysKnown(): bool
    {
        return $this->required || $this->is->otherwise !== null || $this->default !== null;
    }

    /** Is it left out where it has this value? */
    public function isLeftOut(mixed $value): bool
    {
        return $value === null || (!$this->required && !$this->is->always && $this->is->otherwise === null && $value === $this->default);
    }

    public function write(mixed $value): mixed
    {
        return match (true) {
            $this->value === Value::Tagged => array_map($this->tagged(...), is_array($value) ? $value : []),
            $value instanceof Part && $value->toArray() === [] => new \stdClass(),
            default => self::written($value),
        };
    }

    /** How many entries its list may have; null: it is no list of objects. */
    public function mostEntries(): ?int
    {
        return in_array($this->value, [Value::Parts, Value::Tagged], true) ? (int) ($this->is->most ?? JsonCursor::MOST_ENTRIES) : null;
    }

    /** What becomes of it when its element is moved, turned or mirrored. */
    public function underMotion(): MotionRule
    {
        return $this->is->under ?? ($this->value->isPlace() ? MotionRule::Moves : MotionRule::Stays);
    }

    /**
     * Is it usually told of an element of such a kind?
     *
     * @param list<string> $words all words that the element is described by
     */
    public function suits(array $words): bool
    {
        $its = array_map(static fn(\BackedEnum $word): string => (string) $word->value, $this->is->suits);

        return $its === [] || array_intersect($its, $words) !== [];
    }

    private function readAt(JsonCursor $place): mixed
    {
        [$least, $most] = [$this->is->least ?? 0, $this->is->most ?? 0];

        return match ($this->value) {
            Value::Identifier => $place->identifier(),
            Value::Name => $place->name(),
            Value::Mark => $place->mark(),
            Value::Text => $place->text(),
            Value::Length => $place->length(),
            Value::Size => $this->part !== null && $place->isObject() ? $this->part::read($place) : $place->size(),
            Value::Elevation => $place->elevation(),
            Value::Angle => $place->angle(),
            Value::Number, Value::AirFlow => $place->number($least, $most),
            Value::Whole => $place->integer((int) $least, (int) $most),
            Value::YesNo => $place->boolean(),
            Value::Word => $place->oneOf($this->allowedWords()),
            Value::Point => $place->point(),
            Value::Points => $place->points((int) $least),
            Value::Ring => $place->ring(),
            Value::Outline => $place->ring()->points,
            Value::TwoLengths => array_map(static fn(JsonCursor $length): float => $length->length(), $place->pair()),
            Value::Sizes => array_map(static fn(JsonCursor $size): float => $size->size(), $place->items()),
            Value::Part => $this->part === null ? null : $this->part::read($place),
            Value::Parts => array_map(
                fn(JsonCursor $item): ?Part => $this->part === null ? null : $this->part::read($item),
                $place->items($this->mostEntries() ?? 0),
            ),
            Value::Tagged => array_map($this->readTagged(...), $place->items($this->mostEntries() ?? 0)),
            Value::Untouched => $place->isObject() ? $place->raw() : throw $place->refuse(Text::of('expected an object')),
        };
    }

    private function readTagged(JsonCursor $place): Part
    {
        $tags = is_array($this->is->of) ? $this->is->of : [];
        $place->object(array_keys($tags));
        $named = array_values(array_filter(array_keys($tags), $place->has(...)));
        $type = count($named) === 1
            ? $tags[$named[0]]
            : throw $place->refuse(Text::of('expected one of {list}', list: implode(', ', array_keys($tags))));

        return is_subclass_of($type, Part::class) ? $type::read($place->get($named[0])) : throw $place->refuse(Text::of('expected a part'));
    }

    /** @return array<string, mixed> */
    private function tagged(mixed $part): array
    {
        $tag = is_array($this->is->of) && is_object($part) ? array_search($part::class, $this->is->of, true) : false;

        return $tag === false ? [] : [$tag => self::written($part)];
    }

    private static function written(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Point => $value->toArray(),
            is_array($value) => array_map(self::written(...), $value),
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Part => $value->toArray(),
            $value instanceof Ring => self::written($value->points),
            default => $value,
        };
    }

    /** The property's type; of several, the class among them. */
    private static function typeOf(\ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();
        $names = array_map(
            static fn(?\ReflectionType $one): string => $one instanceof \ReflectionNamedType ? $one->getName() : '',
            $type instanceof \ReflectionUnionType ? $type->getTypes() : [$type],
        );

        return array_values(array_filter($names, static fn(string $name): bool => str_contains($name, '\\')))[0] ?? $names[0];
    }

    /** @return class-string<Part>|null of the entries of its list */
    private static function partOf(Key $is): ?string
    {
        return is_string($is->of) && is_subclass_of($is->of, Part::class) ? $is->of : null;
    }
}
