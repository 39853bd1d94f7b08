<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Marks;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\UnitOrder;

/** Marks for all elements that have none, so that each keeps its own whatever is drawn after; units of kitchens run by run. */
final readonly class GiveMarks implements Edit
{
    /** @param array<string> $known marks that are kept where they are free, by id */
    public function __construct(private array $known = []) {}

    public function on(Draft $draft): void
    {
        $unmarked = self::unmarked($draft);
        if ($unmarked === []) {
            return;
        }
        $layout = $draft->layout();
        $marks = new Marks($layout, $this->known, self::haveUnits($unmarked) ? self::units(new Home($layout)) : []);
        foreach ($unmarked as $element) {
            $draft->replace($element->withMark($marks->of($element->id())));
        }
    }

    public function words(): string
    {
        return Text::of('Marks given');
    }

    /** A layout with marks for everything in it. */
    public static function to(Layout $layout): Layout
    {
        return (new Editor())->apply($layout, new self())->layout;
    }

    /** @return list<Element> */
    public static function unmarked(Draft $draft): array
    {
        return array_values(array_filter($draft->marked(), static fn(Element $element): bool => $element->mark() === null));
    }

    /** @param list<Element> $unmarked */
    private static function haveUnits(array $unmarked): bool
    {
        return array_filter($unmarked, static fn(Element $element): bool => $element::list() === ElementList::Fixtures) !== [];
    }

    /** @return list<string> ids of the units of all kitchens, storey by storey */
    private static function units(Home $home): array
    {
        $units = [];
        foreach ($home->rooms as $room) {
            array_push($units, ...array_map(static fn(PlacedFixture $unit): string => $unit->id(), UnitOrder::of($room, $home)));
        }

        return $units;
    }
}
