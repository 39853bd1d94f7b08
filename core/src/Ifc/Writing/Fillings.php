<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Layout\Opening;
use Heurema\Layout\Words\OpeningKind;

/** What fills openings: doors and windows, with how they are made and how they open. */
final readonly class Fillings
{
    /** Leaves and panes are drawn so thick, mm. */
    private const LEAF = 40.0;

    public function __construct(private Products $products) {}

    public function filler(Opening $opening, Reference $in, float $start, float $width, float $height, float $sill): Reference
    {
        $swing = DoorSwing::of($opening);
        $place = $swing->isTurned
            ? $this->products->shapes->placement($in, new Point($start + $width, 0.0), $sill, 180.0)
            : $this->products->shapes->placement($in, new Point($start, 0.0), $sill);
        $leaf = $this->products->shapes->body([[Products::rectangle(0.0, $width, -self::LEAF / 2, self::LEAF / 2), 0.0, $height]]);
        [$name, $tag] = [$this->products->name($opening), $this->products->tag($opening->id)];
        $root = [GlobalId::of($opening->id), null, $name, null, null, $place, $leaf, $tag, $height, $width];

        return $opening->kind === OpeningKind::Window
            ? $this->products->stand('IFCWINDOW', [...$root, new Enumeration('WINDOW'), new Enumeration('NOTDEFINED'), null])
            : $this->products->stand('IFCDOOR', [...$root, new Enumeration('DOOR'), new Enumeration($swing->word), null]);
    }

    /** Frame, threshold and how a window opens, as the standard says them: of the type of the door or window, which is its own. */
    public function panels(Opening $opening, Reference $filler): void
    {
        $sets = $opening->kind === OpeningKind::Window ? $this->ofWindow($opening) : $this->ofDoor($opening);
        if ($sets === []) {
            return;
        }
        $type = $this->products->text->add($opening->kind === OpeningKind::Window ? 'IFCWINDOWTYPE' : 'IFCDOORTYPE', [
            GlobalId::made("type {$opening->id}"), null, $this->products->name($opening), null, null, $sets, null, null, null,
            ...($opening->kind === OpeningKind::Window
                ? [new Enumeration('WINDOW'), new Enumeration('NOTDEFINED')]
                : [new Enumeration('DOOR'), new Enumeration(DoorSwing::of($opening)->word)]),
            null, null,
        ]);
        $this->products->relate('IFCRELDEFINESBYTYPE', "type of {$opening->id}", [[$filler], $type]);
    }

    /** @return list<Reference> */
    private function ofDoor(Opening $opening): array
    {
        $door = $opening->door;
        if ($door === null || ($door->frame === null && $door->threshold === null)) {
            return [];
        }

        return [$this->products->text->add('IFCDOORLININGPROPERTIES', [
            GlobalId::made("lining {$opening->id}"), null, null, null, null, $door->frame, null, $door->threshold,
            ...array_fill(0, 9, null),
        ])];
    }

    /** @return list<Reference> */
    private function ofWindow(Opening $opening): array
    {
        $window = $opening->window;
        $lining = $window?->frame === null ? [] : [$this->products->text->add('IFCWINDOWLININGPROPERTIES', [
            GlobalId::made("lining {$opening->id}"), null, null, null, null, $window->frame, ...array_fill(0, 10, null),
        ])];
        $panel = $window?->operation === null ? [] : [$this->products->text->add('IFCWINDOWPANELPROPERTIES', [
            GlobalId::made("panel {$opening->id}"), null, null, null, new Enumeration(WindowWord::of($window->operation)),
            new Enumeration('NOTDEFINED'), null, null, null,
        ])];

        return [...$lining, ...$panel];
    }
}
