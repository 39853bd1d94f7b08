<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\DrawnDimension;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Opening;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Storey;
use Heurema\Layout\TapedDistance;

/** A layout being edited: its elements by id, each change written down. */
final class Draft
{
    /** The document's own fields. */
    private Layout $head;

    /** @var array<string, list<Element>> by `storey/list`, and by list of the document; storeys without what is in them */
    private array $lists = [];

    /** @var list<Change> */
    private array $changes = [];

    public function __construct(Layout $layout)
    {
        $this->head = $layout->bare();
        foreach (ElementList::ofDocument() as $list) {
            $this->lists[$list->value] = $layout->elements($list);
        }
        $this->lists[ElementList::Storeys->value] = [];
        foreach ($layout->storeys as $storey) {
            foreach (ElementList::ofStorey() as $list) {
                $this->lists["{$storey->id}/{$list->value}"] = $storey->elements($list);
            }
            $this->lists[ElementList::Storeys->value][] = $storey->bare();
        }
    }

    /** The document without what is listed in it. */
    public function head(): Layout
    {
        return $this->head;
    }

    /**
     * @return list<Element>
     *
     * @throws RefusedEdit when there is no such storey
     */
    public function elements(?string $storey, ElementList $list): array
    {
        return $this->lists[self::key($storey, $list)]
            ?? throw new RefusedEdit(
                $storey === null
                    ? Text::of('There is no list "{list}".', list: $list->value)
                    : Text::of('There is no list "{list}" on storey "{storey}".', list: $list->value, storey: $storey),
            );
    }

    /** @return list<Element> all that has a mark, or none yet, on every storey */
    public function marked(): array
    {
        return array_values(array_filter(
            array_merge(...array_values($this->lists)),
            static fn(Element $element): bool => $element->isMarked(),
        ));
    }

    /** @return list<Opening> those in a wall */
    public function openingsIn(?string $storey, string $wall): array
    {
        return array_values(array_filter(
            $this->elements($storey, ElementList::Openings),
            static fn(Element $opening): bool => $opening instanceof Opening && $opening->wall === $wall,
        ));
    }

    /** @return list<DrawnDimension> that begin or end at an element */
    public function dimensionsOf(string $id): array
    {
        return array_values(array_filter(
            array_merge(...array_values($this->lists)),
            static fn(Element $one): bool => $one instanceof DrawnDimension && in_array($id, $one->measures(), true),
        ));
    }

    /**
     * Where an element stands.
     *
     * @throws RefusedEdit when nothing has the id
     */
    public function find(string $id): DraftElement
    {
        foreach ($this->lists as $key => $elements) {
            foreach ($elements as $position => $element) {
                if ($element->id() === $id) {
                    $parts = explode('/', $key);

                    return new DraftElement(isset($parts[1]) ? $parts[0] : null, $position, $element);
                }
            }
        }

        throw new RefusedEdit(Text::of('Nothing has the id "{id}".', id: $id));
    }

    /**
     * @template T of Element
     *
     * @param class-string<T> $type
     *
     * @return T
     *
     * @throws RefusedEdit when nothing has the id, or it is something else
     */
    public function get(string $id, string $type): Element
    {
        $element = $this->find($id)->element;

        return $element instanceof $type
            ? $element
            : throw new RefusedEdit(Text::of('{element} is no {noun}.', element: $element->name(), noun: $type::list()->noun()));
    }

    /**
     * At the end of its list, or at a position in it.
     *
     * @throws RefusedEdit when no document may hold it
     */
    public function add(?string $storey, Element $element, ?int $position = null): void
    {
        $this->make(new Change($storey, $position ?? count($this->elements($storey, $element::list())), null, $element));
    }

    /**
     * Another in the place of the one with its id.
     *
     * @throws RefusedEdit when no document may hold it
     */
    public function replace(Element $after): void
    {
        $before = $this->find($after->id());
        $this->makeUnlessSame(new Change($before->storey, $before->position, $before->element, $after));
    }

    /** With the heights that were taped of it, and the dimensions that begin or end at it. */
    public function remove(string $id): void
    {
        foreach ($this->elements(null, ElementList::Survey) as $taped) {
            if ($taped instanceof TapedDistance && $taped->of === $id) {
                $this->remove($taped->id);
            }
        }
        foreach ($this->dimensionsOf($id) as $dimension) {
            $this->remove($dimension->id);
        }
        $element = $this->find($id);
        $this->make(new Change($element->storey, $element->position, $element->element, null));
    }

    /** Another head of the document. */
    public function replaceHead(Layout $after): void
    {
        $this->makeUnlessSame(new Change(null, 0, $this->head, $after));
    }

    /** @throws RefusedEdit when something is not as the change found it, or no document may hold what it makes */
    public function make(Change $change): void
    {
        $change = new Change($change->storey, $change->position, $change->before, $this->asWritten($change));
        if ($change->list === null) {
            $this->refuseStale($this->head, $change->before);
            $this->head = $change->after instanceof Layout ? $change->after : $this->head;
        } else {
            $this->makeInList($change, $change->list);
        }
        $this->changes[] = $change;
    }

    /** @return list<Change> */
    public function changes(): array
    {
        return $this->changes;
    }

    /**
     * The layout as it is edited so far.
     *
     * @throws RefusedEdit when it cannot be one
     */
    public function layout(): Layout
    {
        $storeys = [];
        foreach ($this->lists[ElementList::Storeys->value] as $storey) {
            $lists = [];
            foreach (ElementList::ofStorey() as $list) {
                $lists[$list->value] = $this->lists["{$storey->id()}/{$list->value}"] ?? [];
            }
            $storeys[] = $storey instanceof Storey
                ? $storey->withLists($lists)
                : throw new RefusedEdit(Text::of('{storey} is no storey.', storey: $storey->name()));
        }
        try {
            return (new LayoutReader())->accept($this->head->withLists([
                ...array_map(
                    fn(ElementList $list): array => $this->lists[$list->value],
                    array_column(ElementList::ofDocument(), null, 'value'),
                ),
                ElementList::Storeys->value => $storeys,
            ]));
        } catch (UnreadableLayout $e) {
            throw new RefusedEdit($e->getMessage(), 0, $e);
        }
    }

    /**
     * An element as its values say, read as from a document.
     *
     * @param array<string, mixed> $values null takes a key away
     *
     * @throws RefusedEdit with the place of what no document may hold
     */
    public static function read(ElementList $list, array $values, string $pointer = ''): Element
    {
        return self::readAt($list->type(), $values, $pointer);
    }

    /**
     * A document's own fields as its values say, read as from a document.
     *
     * @param array<string, mixed> $values null takes a key away
     *
     * @throws RefusedEdit with the place of what no document may hold
     */
    public static function document(array $values): Layout
    {
        return self::readAt(Layout::class, $values, '');
    }

    private function makeUnlessSame(Change $change): void
    {
        if ($change->before?->toArray() !== $this->asWritten($change)?->toArray()) {
            $this->make($change);
        }
    }

    /** What comes of a change, its numbers as a document has them. */
    private function asWritten(Change $change): Element|Layout|null
    {
        return match (true) {
            $change->after === null => null,
            $change->after instanceof Layout => self::document($change->after->toArray()),
            default => self::read(
                $change->after::list(),
                $change->after->toArray(),
                $this->pointer($change->after::list(), $change->storey, $change->position),
            ),
        };
    }

    private function makeInList(Change $change, ElementList $list): void
    {
        $elements = $this->elements($change->storey, $list);
        if ($change->before !== null) {
            $this->refuseStale($elements[$change->position] ?? null, $change->before);
        }
        if ($change->position > count($elements)) {
            throw new RefusedEdit(Text::of('The list has changed since.'));
        }
        array_splice(
            $elements,
            $change->position,
            $change->before === null ? 0 : 1,
            $change->after instanceof Element ? [$change->after] : [],
        );
        $this->lists[self::key($change->storey, $list)] = $elements;
        if ($list === ElementList::Storeys) {
            $this->keepStoreyLists($change);
        }
    }

    /** A new storey starts with empty lists; one that still holds something is not removed. */
    private function keepStoreyLists(Change $change): void
    {
        $gone = $change->after === null && $change->before instanceof Storey ? $change->before->id : null;
        foreach ($gone === null ? [] : ElementList::ofStorey() as $list) {
            if ($this->elements($gone, $list) !== []) {
                throw new RefusedEdit(Text::of('Storey "{gone}" is not empty.', gone: (string) $gone));
            }
            unset($this->lists[self::key($gone, $list)]);
        }
        $new = $change->before === null && $change->after instanceof Storey ? $change->after->id : null;
        foreach ($new === null ? [] : ElementList::ofStorey() as $list) {
            $this->lists[self::key($new, $list)] = [];
        }
    }

    private function refuseStale(Element|Layout|null $now, Element|Layout|null $before): void
    {
        if (json_encode($now?->toArray()) !== json_encode($before?->toArray())) {
            throw new RefusedEdit(Text::of('What this changes has itself been changed since.'));
        }
    }

    /** Where an element stands in the document. */
    public function pointer(ElementList $list, ?string $storey, int $position): string
    {
        $number = $storey === null
            ? null
            : array_search(
                $storey,
                array_map(static fn(Element $one): string => $one->id(), $this->lists[ElementList::Storeys->value]),
                true,
            );

        return ($number === null ? '' : "/storeys/{$number}")."/{$list->value}/{$position}";
    }

    /**
     * @template T of Element|Layout
     *
     * @param class-string<T>      $type
     * @param array<string, mixed> $values
     *
     * @return T
     */
    private static function readAt(string $type, array $values, string $pointer): Element|Layout
    {
        $known = array_filter($values, static fn(mixed $value): bool => $value !== null);
        try {
            $read = $type::read(new JsonCursor(
                json_decode(json_encode((object) $known, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR),
                $pointer,
            ));
        } catch (UnreadableLayout|\JsonException $e) {
            throw new RefusedEdit($e->getMessage(), 0, $e);
        }

        return $read instanceof $type ? $read : throw new RefusedEdit(Text::of('It cannot be read.'));
    }

    private static function key(?string $storey, ElementList $list): string
    {
        return $storey === null ? $list->value : "{$storey}/{$list->value}";
    }
}
