<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Ifc\Step\Derived;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\StepText;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Storey;
use Heurema\Scene\UsualSize;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/**
 * Writes a home as an open building model, IFC4 (ISO 16739-1:2018) as a STEP physical file. What a layout does not say is drawn in some
 * usual size, for a body has to have one; the property set `Heurema` beside each element says what the layout says.
 */
final readonly class ModelWriter
{
    /** Lists whose elements are carried by products of their own; all else of a storey or of the document is written with it. */
    private const CARRIED = [
        ElementList::Walls, ElementList::Openings, ElementList::Rooms, ElementList::Fixtures, ElementList::Soffits, ElementList::Guards,
        ElementList::Storeys, ElementList::Stairs, ElementList::Ramps,
    ];

    private Products $products;

    private function __construct(private Home $home)
    {
        $text = new StepText();
        $this->products = new Products($text, new Shapes($text, $home->layout->north), $home->marks());
    }

    /** @param string $written when it is written, as ISO 8601 has it */
    public static function write(Layout $layout, string $written): string
    {
        $writer = new self(new Home($layout));
        $writer->document();

        return $writer->products->text->write('IFC4', $layout->name, $written);
    }

    private function document(): void
    {
        $layout = $this->home->layout;
        $units = $this->products->text->add('IFCUNITASSIGNMENT', [[
            $this->unit('LENGTHUNIT', 'MILLI', 'METRE'),
            $this->unit('AREAUNIT', null, 'SQUARE_METRE'),
            $this->unit('PLANEANGLEUNIT', null, 'RADIAN'),
        ]]);
        $project = $this->products->text->add('IFCPROJECT', [
            GlobalId::made('project'), null, $layout->name, null, null, null, null, [$this->products->shapes->context()], $units,
        ]);
        $building = $this->products->text->add('IFCBUILDING', [
            GlobalId::made('building'), null, $layout->name, null, null, null, null, null, new Enumeration('ELEMENT'), null, null, null,
        ]);
        $this->products->relate('IFCRELAGGREGATES', 'building', [$project, [$building]]);
        $storeys = array_map($this->storey(...), $layout->storeys);
        if ($storeys !== []) {
            $this->products->relate('IFCRELAGGREGATES', 'storeys', [$building, $storeys]);
        }
        $this->products->keep($project, 'project', self::without($layout->toArray(), ElementList::ofDocument()), null);
    }

    private function unit(string $type, ?string $prefix, string $name): Reference
    {
        return $this->products->text->add('IFCSIUNIT', [
            new Derived(), new Enumeration($type), $prefix === null ? null : new Enumeration($prefix), new Enumeration($name),
        ]);
    }

    private function storey(Storey $storey): Reference
    {
        $place = $this->products->shapes->placement(null, new Point(0, 0), $storey->elevation ?? 0.0);
        $reference = $this->products->text->add('IFCBUILDINGSTOREY', [
            GlobalId::of($storey->id), null, $storey->name, null, null, $place, null, null, new Enumeration('ELEMENT'),
            $storey->elevation ?? 0.0,
        ]);
        $this->products->keep($reference, $storey->id, self::ofStorey($storey), null);
        $this->elements($storey, $place);
        $contained = $this->products->takeContained();
        if ($contained !== []) {
            $this->products->relate('IFCRELCONTAINEDINSPATIALSTRUCTURE', "in {$storey->id}", [$contained, $reference]);
        }
        $spaces = [];
        foreach ($this->home->rooms as $room) {
            $spaces = [...$spaces, ...$room->storey() === $storey->id ? [$this->space($room, $storey->elevation ?? 0.0, $place)] : []];
        }
        if ($spaces !== []) {
            $this->products->relate('IFCRELAGGREGATES', "spaces of {$storey->id}", [$reference, $spaces]);
        }

        return $reference;
    }

    private function elements(Storey $storey, Reference $in): void
    {
        $floor = $storey->elevation ?? 0.0;
        [$fixtures, $floors] = [new Furnishing($this->products), new Floors($this->products)];
        (new Walls($this->products))->write($storey, $in);
        foreach ($this->home->fixtures as $fixture) {
            if ($fixture->storey() === $storey->id) {
                $fixtures->fixture($fixture, $in);
            }
        }
        foreach ($storey->soffits as $soffit) {
            $fixtures->soffit($soffit, $storey, $in);
        }
        foreach ($storey->guards as $guard) {
            $fixtures->guard($guard, $floor, $in);
        }
        $floors->floor($this->home->plans[$storey->id], $in);
        foreach ($this->home->ramps as $ramp) {
            if ($ramp->storey() === $storey->id) {
                $floors->ramp($ramp, $floor, $in);
            }
        }
        foreach ($this->home->stairs as $stair) {
            if ($stair->storey() === $storey->id) {
                $floors->stair($stair, $floor, $in);
            }
        }
    }

    /** @return array<string, mixed> what no product carries; openings in boundaries without a wall are among it */
    private static function ofStorey(Storey $storey): array
    {
        $inBoundaries = array_values(array_filter(
            $storey->openings,
            static fn(Opening $opening): bool => $storey->wall($opening->wall)?->isOpenBoundary() !== false,
        ));

        return [
            ...self::without($storey->toArray(), ElementList::ofStorey()),
            ...($inBoundaries === [] ? [] : [
                ElementList::Openings->value => array_map(static fn(Opening $opening): array => $opening->toArray(), $inBoundaries),
            ]),
        ];
    }

    private function space(RoomSpace $room, float $floor, Reference $in): Reference
    {
        $outline = $room->outline()?->outer;
        $ceiling = $room->ceiling();
        $height = $ceiling instanceof SlopedCeiling ? $ceiling->high : $ceiling ?? UsualSize::HEIGHT;
        $pieces = $outline === null ? [] : [[$outline, 0.0, $height]];
        $space = $this->products->text->add('IFCSPACE', [
            GlobalId::of($room->id()), null, $this->products->tag($room->id()), null, null,
            $this->products->shapes->placement($in, new Point(0, 0), 0.0), $this->products->shapes->body($pieces), $room->room->name,
            new Enumeration('ELEMENT'), new Enumeration('INTERNAL'), null,
        ]);
        $this->products->keep($space, $room->id(), Products::listed($room->room), Products::around($pieces, $floor));
        $this->products->characterise($space, $room->id(), CommonProperties::ofSpace($room), BaseQuantities::ofSpace($room));

        return $space;
    }

    /**
     * @param array<string, mixed> $written
     * @param list<ElementList>    $lists
     *
     * @return array<string, mixed> without what products carry
     */
    private static function without(array $written, array $lists): array
    {
        $carried = array_filter($lists, static fn(ElementList $list): bool => in_array($list, self::CARRIED, true));

        return array_diff_key($written, array_column($carried, null, 'value'));
    }
}
