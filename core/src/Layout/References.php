<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Schema\ElementSchema;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Units\Decimal;

/**
 * Checks what one element alone cannot tell: ids are unique, what is referred to exists, openings lie on their walls, lists are not
 * endless.
 */
final class References
{
    /** @var array<string, string> id to the pointer of the element that has it */
    private array $taken = [];

    /** @var array<string, string> list and mark to the pointer of the element that has it */
    private array $marked = [];

    /** @var array<string, list<string>> ids of what dimensions can begin or end at, by storey */
    private array $measurable = [];

    public function __construct(private readonly Layout $layout) {}

    /** @throws UnreadableLayout */
    public function check(): void
    {
        $this->refuseLonger($this->layout, '');
        foreach (ElementList::ofDocument() as $list) {
            foreach ($this->layout->elements($list) as $position => $element) {
                $pointer = "/{$list->value}/{$position}";
                $this->take($element, $pointer);
                match (true) {
                    $element instanceof Storey => $this->checkListsOf($element, $pointer),
                    $element instanceof Stair => $this->checkStair($element, $pointer),
                    $element instanceof Ramp => $this->checkStorey($element->storey, "{$pointer}/storey"),
                    $element instanceof TapedDistance => $this->checkTaped($element, $pointer),
                    default => null,
                };
            }
        }
    }

    private function checkListsOf(Storey $storey, string $pointer): void
    {
        $this->refuseLonger($storey, $pointer);
        foreach (ElementList::ofStorey() as $list) {
            foreach ($storey->elements($list) as $position => $element) {
                $this->take($element, "{$pointer}/{$list->value}/{$position}");
            }
        }
        foreach ($storey->dimensions as $position => $dimension) {
            $this->checkMeasured($dimension, $storey, "{$pointer}/dimensions/{$position}");
        }
        foreach ($storey->openings as $position => $opening) {
            self::checkOnWall($opening, $storey, "{$pointer}/openings/{$position}");
        }
    }

    private function checkMeasured(DrawnDimension $dimension, Storey $storey, string $pointer): void
    {
        foreach (['from' => $dimension->from, 'to' => $dimension->to] as $end => $place) {
            if ($place->of !== null && !in_array($place->of, $this->measurable[$storey->id] ??= $this->measurable($storey), true)) {
                throw new UnreadableLayout(
                    "{$pointer}/{$end}/of",
                    Text::of('expected the id of an element of the storey or of an axis, found "{of}"', of: $place->of),
                );
            }
        }
    }

    /** @return list<string> ids of what a dimension of a storey can begin or end at */
    private function measurable(Storey $storey): array
    {
        $elements = array_merge(...array_map($storey->elements(...), ElementList::ofStorey()), ...[$this->layout->axes]);

        return array_map(static fn(Element $element): string => $element->id(), $elements);
    }

    private function take(Element $element, string $pointer): void
    {
        $id = $element->id();
        if (isset($this->taken[$id])) {
            throw new UnreadableLayout("{$pointer}/id", Text::of(
                'expected an id of its own, "{id}" is already at {taken}',
                id: $id,
                taken: $this->taken[$id],
            ));
        }
        $this->taken[$id] = "{$pointer}/id";
        $this->takeMark($element, "{$pointer}/mark");
    }

    /** What is called by its mark is called by it alone, among its like. */
    private function takeMark(Element $element, string $pointer): void
    {
        $mark = $element->mark();
        if ($mark === null) {
            return;
        }
        $key = "{$element::list()->value} ".mb_strtolower($mark);
        if (isset($this->marked[$key])) {
            throw new UnreadableLayout($pointer, Text::of(
                'expected a mark of its own, "{mark}" is already at {marked}',
                mark: $mark,
                marked: $this->marked[$key],
            ));
        }
        $this->marked[$key] = $pointer;
    }

    private function refuseLonger(Layout|Storey $holder, string $pointer): void
    {
        foreach (ElementSchema::of($holder::class)->keys() as $key) {
            $most = $key->mostEntries();
            $list = ElementList::tryFrom($key->key);
            if ($most !== null && $list !== null && count($holder->elements($list)) > $most) {
                throw new UnreadableLayout(
                    "{$pointer}/{$key->key}",
                    Text::of('expected at most {most} entries, found {count}', most: $most, count: count($holder->elements($list))),
                );
            }
        }
    }

    private static function checkOnWall(Opening $opening, Storey $storey, string $pointer): void
    {
        $wall = $storey->wall($opening->wall);
        if ($wall === null) {
            throw new UnreadableLayout("{$pointer}/wall", Text::of(
                'expected the id of a wall of the same storey, found "{wall}"',
                wall: $opening->wall,
            ));
        }
        if ($wall->isOpenBoundary()) {
            throw new UnreadableLayout("{$pointer}/wall", Text::of('expected a wall, "{wall}" is a divider', wall: $opening->wall));
        }
        $half = ($opening->width ?? 0.0) / 2;
        $length = $wall->line()->length();
        if ($opening->at - $half < -Tolerance::TOUCH || $opening->at + $half > $length + Tolerance::TOUCH) {
            throw new UnreadableLayout("{$pointer}/at", Text::of(
                'expected an opening that lies on its wall (0 to {length} mm), it runs from {from} to {to} mm',
                length: Decimal::trim($length, 2),
                from: Decimal::trim($opening->at - $half, 2),
                to: Decimal::trim($opening->at + $half, 2),
            ));
        }
    }

    private function checkStair(Stair $stair, string $pointer): void
    {
        $this->checkStorey($stair->toStorey, "{$pointer}/to_storey");
        if ($stair->fromStorey === null) {
            return;
        }
        $this->checkStorey($stair->fromStorey, "{$pointer}/from_storey");
        if ($stair->fromStorey === $stair->toStorey) {
            throw new UnreadableLayout("{$pointer}/to_storey", Text::of('expected another storey than the one the stair starts from'));
        }
        // storeys are listed from the lowest up, so that no stairs can lead around in a ring
        $order = array_column($this->layout->storeys, 'id');
        if (array_search($stair->toStorey, $order, true) < array_search($stair->fromStorey, $order, true)) {
            throw new UnreadableLayout(
                "{$pointer}/to_storey",
                Text::of(
                    'expected a storey above the one the stair starts from, "{toStorey}" lies below "{fromStorey}"',
                    toStorey: $stair->toStorey,
                    fromStorey: $stair->fromStorey,
                ),
            );
        }
    }

    private function checkTaped(TapedDistance $taped, string $pointer): void
    {
        $this->checkStorey($taped->storey, "{$pointer}/storey");
        $storey = $this->layout->storey($taped->storey);
        $tapeable = array_map(static fn(Element $element): string => $element->id(), [...$storey->rooms ?? [], ...$storey->openings ?? []]);
        if ($taped->of !== null && !in_array($taped->of, $tapeable, true)) {
            throw new UnreadableLayout("{$pointer}/of", Text::of(
                'expected the id of a room or an opening of the storey, found "{of}"',
                of: $taped->of,
            ));
        }
    }

    private function checkStorey(string $id, string $pointer): void
    {
        if ($this->layout->storey($id) === null) {
            throw new UnreadableLayout($pointer, Text::of('expected the id of a storey, found "{id}"', id: $id));
        }
    }
}
