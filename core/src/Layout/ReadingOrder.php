<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;

/** An element of a storey as one reads a plan: row by row from the top of the sheet down, each from the left. */
final readonly class ReadingOrder
{
    /** Elements stand in one row when the highest of them is no farther up the sheet than this, mm. */
    private const ROW = 1000.0;

    private Point $at;

    /** @param int $storey its number, from the lowest up */
    private function __construct(public Element $element, public int $storey, Storey $on)
    {
        $this->at = self::place($element, $on);
    }

    /**
     * @param list<ElementList> $lists
     *
     * @return list<self> the elements of these lists, storey by storey, list by list
     */
    public static function of(Layout $layout, array $lists): array
    {
        $ordered = [];
        foreach ($layout->storeys as $number => $storey) {
            foreach ($lists as $list) {
                $here = array_map(
                    static fn(Element $element): self => new self($element, $number, $storey),
                    self::listed($layout, $storey, $list),
                );
                array_push($ordered, ...self::inRows($here));
            }
        }

        return $ordered;
    }

    /** @return list<Element> stairs and ramps belong to the storey that they start from, else to the one that they reach */
    private static function listed(Layout $layout, Storey $storey, ElementList $list): array
    {
        return match ($list) {
            ElementList::Stairs => array_values(array_filter(
                $layout->stairs,
                static fn(Stair $stair): bool => ($stair->fromStorey ?? $stair->toStorey) === $storey->id,
            )),
            ElementList::Ramps => array_values(array_filter($layout->ramps, static fn(Ramp $ramp): bool => $ramp->storey === $storey->id)),
            default => $storey->elements($list),
        };
    }

    private static function place(Element $element, Storey $storey): Point
    {
        return match (true) {
            $element instanceof Room, $element instanceof Fixture, $element instanceof RoofWindow => $element->at,
            $element instanceof Wall => $element->line()->middle(),
            $element instanceof Opening => $storey->wall($element->wall)?->line()->at($element->at) ?? new Point(0, 0),
            $element instanceof Stair, $element instanceof Ramp => $element->start,
            $element instanceof FloorOpening, $element instanceof Soffit => $element->outline->bounds()->middle(),
            $element instanceof Guard => $element->line[0],
            default => new Point(0, 0),
        };
    }

    /**
     * @param list<self> $places
     *
     * @return list<self>
     */
    private static function inRows(array $places): array
    {
        usort($places, static fn(self $a, self $b): int => $a->downwards() <=> $b->downwards());
        $rows = [];
        $top = INF;
        foreach ($places as $place) {
            if ($top - $place->at->y > self::ROW) {
                $top = $place->at->y;
                $rows[] = [];
            }
            $rows[count($rows) - 1][] = $place;
        }
        $ordered = [];
        foreach ($rows as $row) {
            usort($row, static fn(self $a, self $b): int => $a->rightwards() <=> $b->rightwards());
            array_push($ordered, ...$row);
        }

        return $ordered;
    }

    /** @return array{float, float, string} */
    private function downwards(): array
    {
        return [-round($this->at->y), round($this->at->x), $this->element->id()];
    }

    /** @return array{float, float, string} */
    private function rightwards(): array
    {
        return [round($this->at->x), -round($this->at->y), $this->element->id()];
    }
}
