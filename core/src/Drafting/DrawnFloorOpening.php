<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Edit\Replace;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Storey;

/** An opening in a storey's floor: drawn, joined with those that it overlaps, made another size. */
final readonly class DrawnFloorOpening
{
    /** Less of two openings in common, mm², is none. */
    private const COMMON_MM2 = 1.0;

    public function __construct(private Storey $storey) {}

    /** @throws RefusedEdit when openings that overlap would leave an island of floor */
    public function draw(string $id, Ring $outline): Edit
    {
        $outline = $outline->counterClockwise();
        $met = array_values(array_filter(
            $this->storey->voids,
            static fn(FloorOpening $opening): bool
                => Overlap::area(new Polygon($opening->outline->counterClockwise()), $outline) > self::COMMON_MM2,
        ));
        if ($met === []) {
            return new Add($this->storey->id, new FloorOpening($id, $outline));
        }
        $lines = Line::around($outline, 0, 0);
        foreach ($met as $opening) {
            array_push($lines, ...Line::around($opening->outline->counterClockwise(), 0, 0));
        }
        $joined = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0);
        if (count($joined) !== 1 || $joined[0]->holes !== []) {
            throw new RefusedEdit(Text::of('Floor openings that overlap make one without an island in it.'));
        }

        return new EditGroup([
            new Remove(array_map(static fn(FloorOpening $opening): string => $opening->id, $met)),
            new Add($this->storey->id, new FloorOpening($id, $joined[0]->outer->simplified())),
        ], Text::of('Floor openings joined'));
    }

    /**
     * Its lower left corner stays; a rectangle alone has two sides.
     *
     * @throws RefusedEdit
     */
    public function resize(string $id, float $width, float $depth): Edit
    {
        foreach ($this->storey->voids as $opening) {
            $points = $opening->outline->counterClockwise()->points;
            if ($opening->id !== $id) {
                continue;
            }
            [$from, $right, $up] = [$points[0], $points[1]->minus($points[0]), ($points[3] ?? $points[0])->minus($points[0])];
            if (
                count($points) !== 4
                || abs($right->dot($up)) > 1e-6 * $right->length() * $up->length()
                || $points[2]->distanceTo($from->plus($right)->plus($up)) > Tolerance::TOUCH
            ) {
                throw new RefusedEdit(Text::of('Only a rectangular opening has a width and a depth.'));
            }
            // the width runs across the sheet
            $isAcross = abs($right->x) >= abs($right->y);
            [$along, $away] = $isAcross ? [$width, $depth] : [$depth, $width];

            return new Replace($opening->withOutline(Ring::rectangle($from, $right->unit()->times($along), $up->unit()->times($away))));
        }

        throw new RefusedEdit(Text::of('Choose a floor opening.'));
    }
}
