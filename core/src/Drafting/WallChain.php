<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;

/**
 * Walls drawn one after the other along lines that are their middle or one of their faces; where two meet in a corner of the
 * drawn lines, their centre lines are run to the point that they share, at the last corner of a closed chain as well.
 */
final readonly class WallChain
{
    private const MEETS = 1.0;

    public function __construct(private Storey $storey, private WallPen $pen, private WallBeside $beside) {}

    /** @throws RefusedEdit when the line has no length */
    public function next(string $id, Point $from, Point $to): Edit
    {
        if ($from->distanceTo($to) < 1.0) {
            throw new RefusedEdit(Text::of('A wall has some length.'));
        }
        $line = (new Segment($from, $to))->offset($this->beside->offset($this->pen->thickness));
        $changes = [];
        foreach ($this->beside === WallBeside::Centred ? [] : [WallMeetings::FROM => $from, WallMeetings::TO => $to] as $end => $drawn) {
            $met = $this->cornering($drawn, $line);
            $corner = $met === null ? null : $line->lineCrossing($met->line());
            if ($met !== null && $corner !== null) {
                $changes[] = new ChangeValues(
                    $met->id,
                    [
                        $met->to
                            ->distanceTo($corner) < $met->from
                            ->distanceTo($corner) ? WallMeetings::TO : WallMeetings::FROM => $corner
                            ->toArray(),
                    ],
                );
                $line = $end === WallMeetings::FROM ? new Segment($corner, $line->to) : new Segment($line->from, $corner);
            }
        }
        $wall = $this->pen->draw($this->storey, $id, $line);

        return $changes === [] ? $wall : new EditGroup([...$changes, $wall], Text::of('Wall {id} added', id: $id));
    }

    /** The wall drawn last that ends where the drawn line does, and makes a corner with it. */
    private function cornering(Point $drawn, Segment $line): ?Wall
    {
        foreach (array_reverse($this->storey->walls) as $wall) {
            $apart = min($wall->from->distanceTo($drawn), $wall->to->distanceTo($drawn));
            $isAcross = abs($wall->line()->direction()->cross($line->direction())) > 0.1;
            if ($isAcross && $apart <= $wall->thickness / 2 + self::MEETS) {
                return $wall;
            }
        }

        return null;
    }
}
