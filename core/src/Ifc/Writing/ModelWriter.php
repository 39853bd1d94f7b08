<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Derived;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\KeptElement;
use Heurema\Ifc\Step\Reference;
use Heurema\Ifc\Step\StepText;
use Heurema\Ifc\Step\Typed;
use Heurema\Layout\Element;
use Heurema\Layout\ElementList;
use Heurema\Layout\Guard;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\RampRun;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Soffit;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;

/**
 * Writes a home as an open building model, IFC4 (ISO 16739-1:2018) as a STEP physical file. What a layout does not say is drawn in some
 * usual size, for a body has to have one; the property set `Heurema` beside each element says what the layout says.
 */
final class ModelWriter
{
    /** Where nobody said, mm: common practice, no source. */
    private const HEIGHT = 2500.0;
    private const DOOR = [900.0, 2000.0];
    private const WINDOW = [1200.0, 1200.0, 900.0];
    private const THING = [500.0, 500.0, 700.0];
    private const LEAF = 40.0;
    private const TREAD = 40.0;
    private const RAMP = 150.0;
    private const GUARD = 1000.0;

    /** Lists whose elements are carried by products of their own; all else of a storey or of the document is written with it. */
    private const CARRIED = [
        ElementList::Walls, ElementList::Openings, ElementList::Rooms, ElementList::Fixtures, ElementList::Soffits, ElementList::Guards,
        ElementList::Storeys, ElementList::Stairs, ElementList::Ramps,
    ];

    private StepText $text;
    private Shapes $shapes;

    /** @var array<string, Reference> placements of walls by id */
    private array $wallPlaces = [];

    /** @var array<string, Reference> walls by id */
    private array $walls = [];

    /** @var list<Reference> what stands on the storey */
    private array $contained = [];

    private function __construct(private readonly Home $home)
    {
        $this->text = new StepText();
        $this->shapes = new Shapes($this->text, $home->layout->north);
    }

    /** @param string $written when it is written, as ISO 8601 has it */
    public static function write(Layout $layout, string $written): string
    {
        $writer = new self(new Home($layout));
        $writer->document();

        return $writer->text->write('IFC4', $layout->name, $written);
    }

    private function document(): void
    {
        $layout = $this->home->layout;
        $units = $this->text->add('IFCUNITASSIGNMENT', [[
            $this->unit('LENGTHUNIT', 'MILLI', 'METRE'),
            $this->unit('AREAUNIT', null, 'SQUARE_METRE'),
            $this->unit('PLANEANGLEUNIT', null, 'RADIAN'),
        ]]);
        $project = $this->text->add('IFCPROJECT', [
            GlobalId::made('project'), null, $layout->name, null, null, null, null, [$this->shapes->context()], $units,
        ]);
        $building = $this->text->add('IFCBUILDING', [
            GlobalId::made('building'), null, $layout->name, null, null, null, null, null, new Enumeration('ELEMENT'), null, null, null,
        ]);
        $this->relate('IFCRELAGGREGATES', 'building', [$project, [$building]]);
        $storeys = array_map($this->storey(...), $layout->storeys);
        if ($storeys !== []) {
            $this->relate('IFCRELAGGREGATES', 'storeys', [$building, $storeys]);
        }
        $this->keep($project, 'project', self::without($layout->toArray(), ElementList::ofDocument()), null);
    }

    private function unit(string $type, ?string $prefix, string $name): Reference
    {
        return $this->text->add('IFCSIUNIT', [
            new Derived(), new Enumeration($type), $prefix === null ? null : new Enumeration($prefix), new Enumeration($name),
        ]);
    }

    private function storey(Storey $storey): Reference
    {
        $place = $this->shapes->placement(null, new Point(0, 0), $storey->elevation ?? 0.0);
        $reference = $this->text->add('IFCBUILDINGSTOREY', [
            GlobalId::of($storey->id), null, $storey->name, null, null, $place, null, null, new Enumeration('ELEMENT'),
            $storey->elevation ?? 0.0,
        ]);
        $this->keep($reference, $storey->id, self::ofStorey($storey), null);
        $this->contained = $this->wallPlaces = $this->walls = [];
        foreach ($storey->walls as $wall) {
            $this->wall($wall, $storey, $place);
        }
        foreach ($storey->openings as $opening) {
            $this->opening($opening, $storey);
        }
        foreach ($this->home->fixtures as $fixture) {
            if ($fixture->storey() === $storey->id) {
                $this->thing($fixture, $place);
            }
        }
        foreach ($storey->soffits as $soffit) {
            $this->soffit($soffit, $storey, $place);
        }
        foreach ($storey->guards as $guard) {
            $this->guard($guard, $storey->elevation ?? 0.0, $place);
        }
        $this->floor($storey, $place);
        foreach ($this->home->ramps as $ramp) {
            if ($ramp->storey() === $storey->id) {
                $this->ramp($ramp, $storey->elevation ?? 0.0, $place);
            }
        }
        foreach ($this->home->stairs as $stair) {
            if ($stair->storey() === $storey->id) {
                $this->stair($stair, $storey->elevation ?? 0.0, $place);
            }
        }
        if ($this->contained !== []) {
            $this->relate('IFCRELCONTAINEDINSPATIALSTRUCTURE', "in {$storey->id}", [$this->contained, $reference]);
        }
        $spaces = [];
        foreach ($this->home->rooms as $room) {
            $spaces = [...$spaces, ...$room->storey() === $storey->id ? [$this->space($room, $storey->elevation ?? 0.0, $place)] : []];
        }
        if ($spaces !== []) {
            $this->relate('IFCRELAGGREGATES', "spaces of {$storey->id}", [$reference, $spaces]);
        }

        return $reference;
    }

    /** @return array<string, mixed> what no product carries; openings in boundaries without a wall are among it */
    private static function ofStorey(Storey $storey): array
    {
        $inBoundaries = array_values(array_filter(
            $storey->openings,
            static fn(Opening $opening): bool => $storey->wall($opening->wall)?->isDivider() !== false,
        ));

        return [
            ...self::without($storey->toArray(), ElementList::ofStorey()),
            ...($inBoundaries === [] ? [] : [
                ElementList::Openings->value => array_map(static fn(Opening $opening): array => $opening->toArray(), $inBoundaries),
            ]),
        ];
    }

    private function wall(Wall $wall, Storey $storey, Reference $in): void
    {
        $line = $wall->line();
        $degrees = rad2deg(atan2($line->vector()->y, $line->vector()->x));
        $place = $this->wallPlaces[$wall->id] = $this->shapes->placement($in, $wall->from, 0.0, $degrees);
        if ($wall->isDivider()) {
            $body = $this->shapes->line(new Point(0, 0), new Point($line->length(), 0));
            $this->contain('IFCVIRTUALELEMENT', $wall, [$wall->name(), null, null, $place, $body, null], null);

            return;
        }
        $height = $wall->height ?? $storey->ceiling ?? self::HEIGHT;
        $outline = self::rectangle(0.0, $line->length(), -$wall->thickness / 2, $wall->thickness / 2);
        $box = self::box($outline, static fn(Point $at): Point => $line->at($at->x)->plus($line->direction()->left()->times($at->y)));
        $this->walls[$wall->id] = $this->contain(
            'IFCWALL',
            $wall,
            [$wall->name(), null, null, $place, $this->shapes->body([[$outline, 0.0, $height]]), null, null],
            [...$box[0], $storey->elevation ?? 0.0, ...$box[1], ($storey->elevation ?? 0.0) + $height],
        );
        $this->characterise($this->walls[$wall->id], $wall->id, CommonProperties::ofWall($wall), BaseQuantities::ofWall($wall, $storey));
    }

    private function opening(Opening $opening, Storey $storey): void
    {
        $wall = $storey->wall($opening->wall);
        if ($wall === null || $wall->isDivider()) {
            return;
        }
        $isWindow = $opening->kind === OpeningKind::Window;
        [$width, $height] = [
            $opening->width ?? ($isWindow ? self::WINDOW : self::DOOR)[0],
            $opening->height ?? ($isWindow ? self::WINDOW : self::DOOR)[1],
        ];
        $sill = $opening->sill ?? ($isWindow ? self::WINDOW[2] : 0.0);
        $in = $this->wallPlaces[$wall->id];
        $outline = self::rectangle(0.0, $width, -$wall->thickness / 2, $wall->thickness / 2);
        $start = $opening->at - $width / 2;
        $line = $wall->line();
        $across = $line->direction()->left();
        $box = self::box($outline, static fn(Point $at): Point => $line->at($start + $at->x)->plus($across->times($at->y)));
        $floor = $storey->elevation ?? 0.0;
        $sides = [...$box[0], $floor + $sill, ...$box[1], $floor + $sill + $height];
        $isGap = $opening->kind === OpeningKind::Gap;
        $place = $this->shapes->placement($in, new Point($start, 0.0), $sill);
        $cut = $this->text->add('IFCOPENINGELEMENT', [
            $isGap ? GlobalId::of($opening->id) : GlobalId::made("opening {$opening->id}"), null, $opening->name(), null, null, $place,
            $this->shapes->body([[$outline, 0.0, $height]]), null, new Enumeration('OPENING'),
        ]);
        $this->relate('IFCRELVOIDSELEMENT', "cut {$opening->id}", [$this->walls[$wall->id], $cut]);
        if ($isGap) {
            $this->keep($cut, $opening->id, self::listed($opening), $sides);

            return;
        }
        $filler = $this->filler($opening, $in, $start, $width, $height, $sill);
        $this->relate('IFCRELFILLSELEMENT', "fill {$opening->id}", [$cut, $filler]);
        $this->contained[] = $filler;
        $this->keep($filler, $opening->id, self::listed($opening), $sides);
        $this->panels($opening, $filler);
        $this->characterise(
            $filler,
            $opening->id,
            CommonProperties::ofOpening($opening, $wall),
            BaseQuantities::ofOpening($opening),
        );
    }

    private function filler(Opening $opening, Reference $in, float $start, float $width, float $height, float $sill): Reference
    {
        $swing = DoorSwing::of($opening);
        $place = $swing->isTurned
            ? $this->shapes->placement($in, new Point($start + $width, 0.0), $sill, 180.0)
            : $this->shapes->placement($in, new Point($start, 0.0), $sill);
        $leaf = $this->shapes->body([[self::rectangle(0.0, $width, -self::LEAF / 2, self::LEAF / 2), 0.0, $height]]);
        $root = [GlobalId::of($opening->id), null, $opening->name(), null, null, $place, $leaf, null, $height, $width];

        return $opening->kind === OpeningKind::Window
            ? $this->text->add('IFCWINDOW', [...$root, new Enumeration('WINDOW'), new Enumeration('NOTDEFINED'), null])
            : $this->text->add('IFCDOOR', [...$root, new Enumeration('DOOR'), new Enumeration($swing->word), null]);
    }

    /** Frame, leaf, threshold and how a window opens, as the standard says them. */
    private function panels(Opening $opening, Reference $filler): void
    {
        [$door, $window] = [$opening->door, $opening->window];
        if ($door !== null && ($door->frame !== null || $door->threshold !== null)) {
            $lining = $this->text->add('IFCDOORLININGPROPERTIES', [
                GlobalId::made("lining {$opening->id}"), null, null, null, null, $door->frame, null, $door->threshold,
                ...array_fill(0, 9, null),
            ]);
            $this->relate('IFCRELDEFINESBYPROPERTIES', "lining of {$opening->id}", [[$filler], $lining]);
        }
        if ($window?->frame !== null) {
            $lining = $this->text->add('IFCWINDOWLININGPROPERTIES', [
                GlobalId::made("lining {$opening->id}"), null, null, null, null, $window->frame, ...array_fill(0, 10, null),
            ]);
            $this->relate('IFCRELDEFINESBYPROPERTIES', "lining of {$opening->id}", [[$filler], $lining]);
        }
        if ($window?->operation !== null) {
            $panel = $this->text->add('IFCWINDOWPANELPROPERTIES', [
                GlobalId::made("panel {$opening->id}"), null, null, null, new Enumeration(WindowWord::of($window->operation)),
                new Enumeration('NOTDEFINED'), null, null, null,
            ]);
            $this->relate('IFCRELDEFINESBYPROPERTIES', "panel of {$opening->id}", [[$filler], $panel]);
        }
    }

    private function thing(PlacedFixture $placed, Reference $in): void
    {
        $fixture = $placed->fixture;
        [$width, $depth, $height] = [
            $fixture->width ?? self::THING[0], $fixture->depth ?? self::THING[1], $fixture->height ?? self::THING[2],
        ];
        $base = $fixture->base ?? 0.0;
        // x leads to the right of one who looks at it from the front, y out of its front
        $drawn = $fixture->outline ?? [];
        $outline = $drawn === [] ? self::rectangle(-$width / 2, $width / 2, 0.0, $depth) : new Ring($drawn);
        $place = $this->shapes->placement($in, $fixture->at, $base, $fixture->facing - 90.0);
        $box = self::box($outline, $placed->frame->toPlan(...));
        $floor = ($placed->plan->storey->elevation ?? 0.0) + $base;
        [$type, $predefined] = ThingType::of($fixture->kind);
        $this->contain(
            $type,
            $fixture,
            [
                $fixture->name ?? ucfirst($fixture->kind->words()), null, $fixture->kind->words(), $place,
                $this->shapes->body([[$outline, 0.0, $height]]), null, new Enumeration($predefined),
            ],
            [...$box[0], $floor, ...$box[1], $floor + $height],
        );
    }

    private function soffit(Soffit $soffit, Storey $storey, Reference $in): void
    {
        $underside = $soffit->underside ?? $storey->ceiling ?? self::HEIGHT;
        $height = max(100.0, ($storey->ceiling ?? self::HEIGHT) - $underside);
        $box = self::box($soffit->outline, static fn(Point $at): Point => $at);
        $floor = ($storey->elevation ?? 0.0) + $underside;
        $this->contain(
            'IFCBEAM',
            $soffit,
            [
                'Soffit', null, null, $this->shapes->placement($in, new Point(0, 0), $underside),
                $this->shapes->body([[$soffit->outline, 0.0, $height]]), null, null,
            ],
            [...$box[0], $floor, ...$box[1], $floor + $height],
        );
    }

    private function guard(Guard $guard, float $floor, Reference $in): void
    {
        $height = $guard->height ?? self::GUARD;
        $pieces = [];
        for ($number = 1, $count = count($guard->line); $number < $count; ++$number) {
            $along = $guard->line[$number]->minus($guard->line[$number - 1]);
            $across = $along->unit()->left()->times(self::LEAF);
            $pieces[] = [Ring::rectangle($guard->line[$number - 1]->minus($across->times(0.5)), $along, $across), 0.0, $height];
        }
        $railing = $this->contain(
            'IFCRAILING',
            $guard,
            [
                'Guard', null, null, $this->shapes->placement($in, new Point(0, 0), 0.0), $this->shapes->body($pieces), null,
                new Enumeration('GUARDRAIL'),
            ],
            self::around($pieces, $floor),
        );
        $this->characterise($railing, $guard->id, CommonProperties::ofGuard($guard));
    }

    /** Its treads as plates, as high as each lies. */
    private function stair(PlacedStair $stair, float $floor, Reference $in): void
    {
        $climb = Climb::of($stair);
        $pieces = [];
        foreach ($climb instanceof Climb ? $stair->shape->steps : [] as $step) {
            $level = $climb instanceof Climb ? $climb->level($step) : 0.0;
            $pieces[] = [$step->outline, $level - self::TREAD, self::TREAD];
        }
        $written = $this->contain(
            'IFCSTAIR',
            $stair->stair,
            [$stair->name(), null, null, $this->shapes->placement($in, new Point(0, 0), 0.0), $this->shapes->body($pieces), null, null],
            self::around($pieces, $floor),
        );
        $this->characterise($written, $stair->id(), CommonProperties::ofStair($stair->stair, $climb instanceof Climb ? $climb : null));
    }

    /** Runs and landings, each as thick as ramps usually are. */
    private function ramp(PlacedRamp $ramp, float $floor, Reference $in): void
    {
        $level = $ramp->ramp->base ?? 0.0;
        $pieces = $outlines = [];
        foreach ($ramp->shape->parts as $part) {
            $rise = $part->part instanceof RampRun ? $part->part->rise ?? 0.0 : 0.0;
            $outlines[] = [$part->outline, $level - self::RAMP, self::RAMP + $rise];
            $pieces[] = self::rampPiece($part, $level, $rise);
            $level += $rise;
        }
        $this->contain(
            'IFCRAMP',
            $ramp->ramp,
            [$ramp->name(), null, null, $this->shapes->placement($in, new Point(0, 0), 0.0), $this->shapes->sideways($pieces), null, null],
            self::around($outlines, $floor),
        );
    }

    /** @return array{Ring, Point, Point, float} as Shapes::sideways draws it */
    private static function rampPiece(RampPart $part, float $level, float $rise): array
    {
        [$base, $side] = $part->outline->edges();
        $way = $base->direction();

        return [
            new Ring([
                new Point(0.0, $level - self::RAMP),
                new Point($base->length(), $level + $rise - self::RAMP),
                new Point($base->length(), $level + $rise),
                new Point(0.0, $level),
            ]),
            $base->from->plus($way->left()->times($side->length())),
            $way,
            $side->length(),
        ];
    }

    /** The floor to the outer faces of the outer walls, with its openings; only where it is said how thick it is. */
    private function floor(Storey $storey, Reference $in): void
    {
        $thickness = $storey->floorThickness;
        $slabs = $this->home->plans[$storey->id]->mass->slab();
        if ($thickness === null || $thickness <= 0.0 || $slabs === []) {
            return;
        }
        $place = $this->shapes->placement($in, new Point(0, 0), -$thickness);
        $pieces = array_map(static fn(Polygon $slab): array => [$slab->outer, 0.0, $thickness], $slabs);
        $floor = $this->contained[] = $this->text->add('IFCSLAB', [
            GlobalId::made("floor {$storey->id}"), null, "Floor of {$storey->name}", null, null, $place, $this->shapes->body($pieces), null,
            new Enumeration('FLOOR'),
        ]);
        $this->keep($floor, "floor {$storey->id}", ['storey' => $storey->id], self::around($pieces, ($storey->elevation ?? 0.0) - $thickness));
        foreach ($storey->voids as $void) {
            $cut = $this->text->add('IFCOPENINGELEMENT', [
                GlobalId::of($void->id), null, $void->id, null, null, $place,
                $this->shapes->body([[$void->outline, -1.0, $thickness + 2.0]]), null, new Enumeration('OPENING'),
            ]);
            $this->relate('IFCRELVOIDSELEMENT', "cut {$void->id}", [$floor, $cut]);
        }
    }

    private function space(RoomSpace $room, float $floor, Reference $in): Reference
    {
        $outline = $room->outline()?->outer;
        $ceiling = $room->ceiling();
        $height = $ceiling instanceof SlopedCeiling ? $ceiling->high : $ceiling ?? self::HEIGHT;
        $pieces = $outline === null ? [] : [[$outline, 0.0, $height]];
        $space = $this->text->add('IFCSPACE', [
            GlobalId::of($room->id()), null, $room->id(), null, null, $this->shapes->placement($in, new Point(0, 0), 0.0),
            $this->shapes->body($pieces), $room->name(), new Enumeration('ELEMENT'), new Enumeration('INTERNAL'), null,
        ]);
        $this->keep($space, $room->id(), self::listed($room->room), self::around($pieces, $floor));
        $this->characterise($space, $room->id(), CommonProperties::ofSpace($room), BaseQuantities::ofSpace($room));

        return $space;
    }

    /**
     * @param list<mixed>      $values what follows on its identity
     * @param list<float>|null $box    around its body
     */
    private function contain(string $type, Element $element, array $values, ?array $box): Reference
    {
        $product = $this->contained[] = $this->text->add($type, [GlobalId::of($element->id()), null, ...$values]);
        $this->keep($product, $element->id(), self::listed($element), $box);

        return $product;
    }

    /**
     * @param array<string, mixed> $element
     * @param list<float>|null     $box
     */
    private function keep(Reference $of, string $id, array $element, ?array $box): void
    {
        $this->describe($of, $id, KeptElement::SET, [
            KeptElement::ELEMENT => new Typed('IFCTEXT', json_encode($element, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)),
            KeptElement::BODY => new Typed('IFCTEXT', KeptElement::body($box)),
        ]);
    }

    /**
     * What the standard has words for.
     *
     * @param array<string, array<string, Typed>> $sets
     */
    private function characterise(Reference $of, string $id, array $sets, ?BaseQuantities $measured = null): void
    {
        foreach ($sets as $set => $properties) {
            $this->describe($of, $id, $set, $properties);
        }
        $quantities = [];
        foreach ($measured->lengths ?? [] as $name => $mm) {
            $quantities[] = $this->text->add('IFCQUANTITYLENGTH', [$name, null, null, $mm, null]);
        }
        foreach ($measured->areas ?? [] as $name => $m2) {
            $quantities[] = $this->text->add('IFCQUANTITYAREA', [$name, null, null, $m2, null]);
        }
        if ($measured !== null && $quantities !== []) {
            $set = $this->text->add(
                'IFCELEMENTQUANTITY',
                [GlobalId::made("{$measured->set} {$id}"), null, $measured->set, null, null, $quantities],
            );
            $this->relate('IFCRELDEFINESBYPROPERTIES', "{$measured->set} of {$id}", [[$of], $set]);
        }
    }

    /** @param array<string, Typed> $properties */
    private function describe(Reference $of, string $id, string $set, array $properties): void
    {
        $values = array_map(
            fn(string $name, Typed $value): Reference => $this->text->add('IFCPROPERTYSINGLEVALUE', [$name, null, $value, null]),
            array_keys($properties),
            $properties,
        );
        $described = $this->text->add('IFCPROPERTYSET', [GlobalId::made("{$set} {$id}"), null, $set, null, $values]);
        $this->relate('IFCRELDEFINESBYPROPERTIES', "{$set} of {$id}", [[$of], $described]);
    }

    /** @param list<mixed> $values */
    private function relate(string $type, string $name, array $values): void
    {
        $this->text->add($type, [GlobalId::made("{$type} {$name}"), null, null, null, ...$values]);
    }

    /** @return array<string, mixed> with the list that it stands in */
    private static function listed(Element $element): array
    {
        return ['list' => $element::list()->value, 'element' => $element->toArray()];
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

    /**
     * @param list<array{Ring, float, float}> $pieces outline, bottom and height
     *
     * @return list<float>|null sides of the box around them; null: there are none
     */
    private static function around(array $pieces, float $floor): ?array
    {
        $points = array_merge(...array_map(static fn(array $piece): array => $piece[0]->points, $pieces));
        if ($points === []) {
            return null;
        }
        $box = Box::around($points);
        $bottoms = array_column($pieces, 1);
        $tops = array_map(static fn(array $piece): float => $piece[1] + $piece[2], $pieces);

        return [$box->left, $box->bottom, $floor + min([INF, ...$bottoms]), $box->right, $box->top, $floor + max([-INF, ...$tops])];
    }

    private static function rectangle(float $left, float $right, float $bottom, float $top): Ring
    {
        return new Ring([new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)]);
    }

    /**
     * @param callable(Point): Point $toPlan
     *
     * @return array{array{float, float}, array{float, float}} least and greatest x and y on plan
     */
    private static function box(Ring $outline, callable $toPlan): array
    {
        $box = (new Ring(array_map($toPlan, $outline->points)))->bounds();

        return [[$box->left, $box->bottom], [$box->right, $box->top]];
    }
}
