<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Schema\JsonCursor;

/**
 * One element of the document as it was and as it is, or the document's own fields.
 *
 * Before is null where the element was not there, after where it is gone.
 */
final readonly class Change
{
    /** Null for the document's own fields. */
    public ?ElementList $list;

    /**
     * @param string|null $storey   id of the storey whose list it is; null for lists of the document
     * @param int         $position in its list
     */
    public function __construct(
        public ?string $storey,
        public int $position,
        public Element|Layout|null $before,
        public Element|Layout|null $after,
    ) {
        $one = $before ?? $after;
        $this->list = $one instanceof Element ? $one::list() : null;
    }

    public function reversed(): self
    {
        return new self($this->storey, $this->position, $this->after, $this->before);
    }

    /**
     * @return array{string|null, string|null, int, array<string, mixed>|null, array<string, mixed>|null}
     *     storey, list, position, before, after
     */
    public function toArray(): array
    {
        return [$this->storey, $this->list?->value, $this->position, self::written($this->before), self::written($this->after)];
    }

    /** @param array{string|null, string|null, int, \stdClass|null, \stdClass|null} $kept as toArray gave it */
    public static function of(array $kept): self
    {
        [$storey, $list, $position, $before, $after] = $kept;
        $read = static fn(?\stdClass $values): Element|Layout|null => $values === null
            ? null
            : self::read($list === null ? null : ElementList::from($list), $values);

        return new self($storey, $position, $read($before), $read($after));
    }

    private static function read(?ElementList $list, \stdClass $values): Element|Layout
    {
        if ($list === null) {
            return Layout::read(new JsonCursor((object) [...(array) $values, ElementList::Storeys->value => []]));
        }
        $read = $list->type()::read(new JsonCursor($values));

        return $read instanceof Element ? $read : throw new \LogicException("{$list->value} holds no elements.");
    }

    /**
     * Without what is listed in it: that has changes of its own.
     *
     * @return array<string, mixed>|null
     */
    private static function written(Element|Layout|null $one): ?array
    {
        $lists = $one instanceof Layout ? ElementList::ofDocument() : ElementList::ofStorey();

        return $one instanceof Element && $one::list() !== ElementList::Storeys
            ? $one->toArray()
            : ($one === null ? null : array_diff_key($one->toArray(), array_column($lists, null, 'value')));
    }
}
