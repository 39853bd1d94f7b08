<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Geometry\Point;
use Heurema\Ifc\Step\Enumeration;
use Heurema\Ifc\Step\Reference;
use Heurema\Layout\Opening;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Scene\UsualSize;

/** Walls with the openings cut out of them and what fills those. */
final class Walls
{
    /** @var array<string, Reference> placements of walls by id */
    private array $places = [];

    /** @var array<string, Reference> walls by id */
    private array $walls = [];

    private readonly Fillings $fillings;

    public function __construct(private readonly Products $products)
    {
        $this->fillings = new Fillings($products);
    }

    public function write(Storey $storey, Reference $in): void
    {
        $this->places = $this->walls = [];
        foreach ($storey->walls as $wall) {
            $this->wall($wall, $storey, $in);
        }
        foreach ($storey->openings as $opening) {
            $this->opening($opening, $storey);
        }
    }

    private function wall(Wall $wall, Storey $storey, Reference $in): void
    {
        $line = $wall->line();
        $degrees = rad2deg(atan2($line->vector()->y, $line->vector()->x));
        $place = $this->places[$wall->id] = $this->products->shapes->placement($in, $wall->from, 0.0, $degrees);
        if ($wall->isOpenBoundary()) {
            $body = $this->products->shapes->line(new Point(0, 0), new Point($line->length(), 0));
            $this->products->contain('IFCVIRTUALELEMENT', $wall, [$this->products->name($wall), null, null, $place, $body], null);

            return;
        }
        $height = $wall->height ?? $storey->ceiling ?? UsualSize::HEIGHT;
        $outline = Products::rectangle(0.0, $line->length(), -$wall->thickness / 2, $wall->thickness / 2);
        $box = Products::box($outline, static fn(Point $at): Point => $line->at($at->x)->plus($line->direction()->left()->times($at->y)));
        $this->walls[$wall->id] = $this->products->contain(
            'IFCWALL',
            $wall,
            [$this->products->name($wall), null, null, $place, $this->products->shapes->body([[$outline, 0.0, $height]]), null],
            [...$box[0], $storey->elevation ?? 0.0, ...$box[1], ($storey->elevation ?? 0.0) + $height],
        );
        $this->products->characterise(
            $this->walls[$wall->id],
            $wall->id,
            CommonProperties::ofWall($wall),
            BaseQuantities::ofWall($wall, $storey),
        );
    }

    private function opening(Opening $opening, Storey $storey): void
    {
        $wall = $storey->wall($opening->wall);
        if ($wall === null || $wall->isOpenBoundary()) {
            return;
        }
        [$width, $sill, $height] = UsualSize::ofOpening($opening);
        $in = $this->places[$wall->id];
        $outline = Products::rectangle(0.0, $width, -$wall->thickness / 2, $wall->thickness / 2);
        $start = $opening->at - $width / 2;
        $line = $wall->line();
        $across = $line->direction()->left();
        $box = Products::box($outline, static fn(Point $at): Point => $line->at($start + $at->x)->plus($across->times($at->y)));
        $floor = $storey->elevation ?? 0.0;
        $sides = [...$box[0], $floor + $sill, ...$box[1], $floor + $sill + $height];
        $isGap = $opening->kind === OpeningKind::Bare;
        $place = $this->products->shapes->placement($in, new Point($start, 0.0), $sill);
        $cut = $this->products->text->add('IFCOPENINGELEMENT', [
            $isGap ? GlobalId::of($opening->id) : GlobalId::made("opening {$opening->id}"), null,
            $this->products->name($opening), null, null, $place, $this->products->shapes->body([[$outline, 0.0, $height]]),
            $this->products->tag($opening->id), new Enumeration('OPENING'),
        ]);
        $this->products->relate('IFCRELVOIDSELEMENT', "cut {$opening->id}", [$this->walls[$wall->id], $cut]);
        if ($isGap) {
            $this->products->keep($cut, $opening->id, Products::listed($opening), $sides);

            return;
        }
        $filler = $this->fillings->filler($opening, $in, $start, $width, $height, $sill);
        $this->products->relate('IFCRELFILLSELEMENT', "fill {$opening->id}", [$cut, $filler]);
        $this->products->keep($filler, $opening->id, Products::listed($opening), $sides);
        $this->fillings->panels($opening, $filler);
        $this->products->characterise(
            $filler,
            $opening->id,
            CommonProperties::ofOpening($opening, $wall),
            BaseQuantities::ofOpening($opening),
        );
    }
}
