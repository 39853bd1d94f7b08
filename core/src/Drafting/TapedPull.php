<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Wall;
use Heurema\Spatial\StoreyPlan;

/** The drawing made what was taped, by moving the wall at one end of a taped distance. */
final readonly class TapedPull implements Edit
{
    /** A wall is at an end when it is so close to its face or its middle, mm. */
    private const AT = 1.0;

    /** A wall across a tape makes so nearly a right angle with it, as a cosine. */
    private const SQUARE = 0.02;

    /** @param bool $atStart does the wall stand where the distance begins? */
    public function __construct(
        private string $distance,
        private string $wall,
        private bool $atStart,
        private ?CollinearWalls $inLine = null,
    ) {}

    public function on(Draft $draft): void
    {
        $taped = $draft->get($this->distance, TapedDistance::class);
        $line = new Segment($taped->from, $taped->to);
        if ($line->length() < Tolerance::TOUCH) {
            throw new RefusedEdit(Text::of('A height moves no wall.'));
        }
        (new SetDimension($line, $taped->measured, $this->wall, $this->atStart, $this->inLine))->on($draft);
        $ends = $this->atStart
            ? [$line->reversed()->at($taped->measured), $taped->to]
            : [$taped->from, $line->at($taped->measured)];
        $rounded = array_map(static fn(Point $end): Point => new Point(round($end->x, 4), round($end->y, 4)), $ends);
        $draft->replace($taped->withEnds($rounded[0], $rounded[1]));
    }

    public function words(): string
    {
        return Text::of('Taped distance {distance} taken', distance: $this->distance);
    }

    /** @return array<'from'|'to', Wall> the walls that stand across either end */
    public static function walls(TapedDistance $taped, StoreyPlan $plan): array
    {
        $line = new Segment($taped->from, $taped->to);
        $walls = [];
        foreach ($line->length() < Tolerance::TOUCH ? [] : ['from' => $taped->from, 'to' => $taped->to] as $end => $at) {
            foreach ($plan->storey->standingWalls() as $wall) {
                if (self::isAcross($wall, $line, $at)) {
                    $walls[$end] ??= $wall;
                }
            }
        }

        return $walls;
    }

    private static function isAcross(Wall $wall, Segment $line, Point $at): bool
    {
        $along = $wall->line()->along($at);
        $off = abs($wall->line()->leftOf($at));
        $isThere = min(abs($off - $wall->thickness / 2), $off) <= self::AT;

        return $isThere
            && $along >= -$wall->thickness
            && $along <= $wall->line()->length() + $wall->thickness
            && abs($wall->line()->direction()->dot($line->direction())) < self::SQUARE;
    }
}
