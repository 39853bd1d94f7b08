<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;

/** The keys of a part that stand among those of its element. */
final readonly class EmbeddedSchema
{
    /**
     * @param ElementSchema<covariant Part> $of
     * @param list<string>                  $only the kinds that have them, none: all
     */
    private function __construct(public string $property, private ElementSchema $of, private array $only) {}

    public static function of(\ReflectionParameter $parameter): self
    {
        $type = $parameter->getType();
        $class = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        $only = $parameter->getAttributes(EmbeddedPart::class)[0]->newInstance()->only;

        return new self(
            $parameter->name,
            is_subclass_of($class, Part::class)
                ? ElementSchema::of($class)
                : throw new \LogicException("{$class} is no part of a document."),
            array_map(static fn(\BackedEnum $kind): string => (string) $kind->value, $only),
        );
    }

    /** @return list<KeySchema> */
    public function keys(?string $kind): array
    {
        if (!$this->belongsTo($kind)) {
            return [];
        }
        $isOf = static fn(KeySchema $key): bool => $kind === null
            || $key->is->only === []
            || in_array($kind, array_column($key->is->only, 'value'), true);

        return array_values(array_filter($this->of->keys(), $isOf));
    }

    /** @throws UnreadableLayout */
    public function read(JsonCursor $element): ?Part
    {
        return $this->belongsTo($element->get('kind')->text()) ? $this->of->readKeys($element) : null;
    }

    public function carried(mixed $part, Motion $motion): mixed
    {
        return $part instanceof Described ? $part->carried($motion) : $part;
    }

    private function belongsTo(?string $kind): bool
    {
        return $kind === null || $this->only === [] || in_array($kind, $this->only, true);
    }
}
