<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Marks;
use Heurema\Layout\Storey;

/**
 * Everything as another layout has it; elements that both have keep their places, for those who follow them by their ids, and their marks
 * where the other one says none.
 */
final readonly class TakeOver implements Edit
{
    public function __construct(private Layout $other) {}

    public function on(Draft $draft): void
    {
        $draft->replaceHead($this->other->bare());
        $wanted = array_column(array_map(static fn(Storey $storey): array => [$storey->id, $storey], $this->other->storeys), 1, 0);
        foreach ($this->lists($draft) as [$storey, $list]) {
            $kept = array_flip(self::ids($this->wanted($storey, $list)));
            foreach (self::ids($draft->elements($storey, $list)) as $id) {
                // what was taped of something goes with it
                if (!isset($kept[$id]) && in_array($id, self::ids($draft->elements($storey, $list)), true)) {
                    $draft->remove($id);
                }
            }
        }
        foreach (self::ids($draft->elements(null, ElementList::Storeys)) as $id) {
            if (!isset($wanted[$id])) {
                $draft->remove($id);
            }
        }
        $there = array_flip(self::ids($draft->elements(null, ElementList::Storeys)));
        foreach ($this->other->storeys as $position => $storey) {
            self::put($draft, null, $storey->bare(), isset($there[$storey->id]), $position);
        }
        foreach ($this->lists($draft) as [$storey, $list]) {
            $there = array_flip(self::ids($draft->elements($storey, $list)));
            foreach ($this->wanted($storey, $list) as $element) {
                $isThere = isset($there[$element->id()]);
                self::put($draft, $storey, $isThere ? $this->marked($element, $draft) : $element, $isThere);
            }
        }
    }

    public function words(): string
    {
        return Text::of('Everything taken over from a file');
    }

    /** With the mark that it has now, unless it became something else or the other layout gives that mark to another. */
    private function marked(Element $element, Draft $draft): Element
    {
        $now = $draft->find($element->id())->element;
        $mark = $now->mark();
        $isKept = $mark !== null && $element->isMarked() && $element->mark() === null && Marks::areOfOneSeries($now, $element);

        return $isKept && !$this->says($element::list(), $mark) ? $element->withMark($mark) : $element;
    }

    private function says(ElementList $list, string $mark): bool
    {
        foreach ([$this->other, ...$this->other->storeys] as $holder) {
            foreach ($list->isOfStorey() === ($holder instanceof Storey) ? $holder->elements($list) : [] as $element) {
                if (mb_strtolower($element->mark() ?? '') === mb_strtolower($mark)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array{string|null, ElementList}> all lists but that of the storeys */
    private function lists(Draft $draft): array
    {
        $lists = [];
        foreach (ElementList::ofDocument() as $list) {
            $lists = [...$lists, ...$list === ElementList::Storeys ? [] : [[null, $list]]];
        }
        foreach (self::ids($draft->elements(null, ElementList::Storeys)) as $storey) {
            array_push($lists, ...array_map(static fn(ElementList $list): array => [$storey, $list], ElementList::ofStorey()));
        }

        return $lists;
    }

    /** @return list<Element> */
    private function wanted(?string $storey, ElementList $list): array
    {
        return $storey === null ? $this->other->elements($list) : $this->other->storey($storey)?->elements($list) ?? [];
    }

    private static function put(Draft $draft, ?string $storey, Element $element, bool $isThere, ?int $position = null): void
    {
        if ($isThere) {
            $draft->replace($element);
        } else {
            $draft->add($storey, $element, $position);
        }
    }

    /**
     * @param list<Element> $elements
     *
     * @return list<string>
     */
    private static function ids(array $elements): array
    {
        return array_map(static fn(Element $element): string => $element->id(), $elements);
    }
}
