<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;

/**
 * The keys of a class of the document, in the order in which they are written: worked out of its attributes once.
 *
 * @template T of Part
 */
final class ElementSchema
{
    /** @var array<class-string, self<covariant Part>> */
    private static array $known = [];

    /** @var list<KeySchema|EmbeddedSchema> */
    private readonly array $members;

    /** The key that tells which others an element may have. */
    private readonly ?KeySchema $kind;

    /** @param class-string<T> $class */
    private function __construct(private readonly string $class)
    {
        $members = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $members[] = $parameter->getAttributes(EmbeddedPart::class) === [] ? KeySchema::of($parameter) : EmbeddedSchema::of($parameter);
        }
        $this->members = $members;
        $isSpread = array_filter($members, static fn(KeySchema|EmbeddedSchema $member): bool => $member instanceof EmbeddedSchema) !== [];
        $this->kind = $isSpread
            ? array_values(array_filter(
                $members,
                static fn(KeySchema|EmbeddedSchema $member): bool => $member->property === 'kind' && $member instanceof KeySchema,
            ))[0]
            ?? null
            : null;
    }

    /**
     * @template C of Part
     *
     * @param class-string<C> $class
     *
     * @return self<C>
     */
    public static function of(string $class): self
    {
        /** @var self<C> $schema */
        $schema = self::$known[$class] ??= new self($class);

        return $schema;
    }

    /**
     * @param string|null $kind null: of all kinds
     *
     * @return list<KeySchema> those spread over its parts among them
     */
    public function keys(?string $kind = null): array
    {
        $keys = [];
        foreach ($this->members as $member) {
            array_push($keys, ...($member instanceof KeySchema ? [$member] : $member->keys($kind)));
        }

        return $keys;
    }

    /**
     * @return T
     *
     * @throws UnreadableLayout with the place of what is wrong
     */
    public function read(JsonCursor $place): Part
    {
        $place->object(array_column($this->keys($this->kindOf($place)), 'key'));

        return $this->readKeys($place);
    }

    /**
     * The same without asking for keys that it does not know.
     *
     * @return T
     *
     * @throws UnreadableLayout
     */
    public function readKeys(JsonCursor $place): Part
    {
        $values = [];
        foreach ($this->members as $member) {
            $values[$member->property] = $member->read($place, $values);
        }

        return new ($this->class)(...$values);
    }

    /**
     * @param T $element
     *
     * @return array<string, mixed>
     */
    public function write(Part $element): array
    {
        $values = get_object_vars($element);
        $written = [];
        foreach ($this->members as $member) {
            $value = $values[$member->property];
            if ($member instanceof EmbeddedSchema) {
                $written += $value instanceof Part ? $value->toArray() : [];
            } elseif (!$member->isLeftOut($value)) {
                $written[$member->key] = $member->write($value);
            }
        }

        return $written;
    }

    /**
     * The same with other values.
     *
     * @param T                    $element
     * @param array<mixed>         $values by property
     *
     * @return T
     */
    public function with(Part $element, array $values): Part
    {
        return $values === [] ? $element : new ($this->class)(...[...get_object_vars($element), ...$values]);
    }

    /**
     * What a motion makes of it, by property.
     *
     * @param T $element
     *
     * @return array<string, mixed>
     */
    public function carried(Part $element, Motion $motion): array
    {
        $values = get_object_vars($element);
        $carried = [];
        foreach ($this->members as $member) {
            $value = $values[$member->property];
            $after = $member instanceof EmbeddedSchema ? $member->carried($value, $motion) : $member->underMotion()->after($motion, $value);
            if ($after !== $value) {
                $carried[$member->property] = $after;
            }
        }

        return $carried;
    }

    private function kindOf(JsonCursor $place): ?string
    {
        $kind = $this->kind?->read($place->isObject() ? $place : $place->object([]), []);

        return $kind instanceof \BackedEnum ? (string) $kind->value : null;
    }
}
