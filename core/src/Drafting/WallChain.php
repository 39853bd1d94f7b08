<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Together;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\WallType;

/**
 * Walls drawn one after the other along lines that are their middle or one of their faces; where two meet in a corner of the
 * drawn lines, their centre lines are run to the point that they share.
 */
final readonly class WallChain
{
    private const MEETS = 1.0;

    public function __construct(private Storey $storey, private float $thickness, private WallType $type, private WallBeside $beside) {}

    /** @throws RefusedEdit when the line has no length */
    public function next(string $id, Point $from, Point $to): Edit
    {
        if ($from->distanceTo($to) < 1.0) {
            throw new RefusedEdit('A wall has some length.');
        }
        $line = (new Segment($from, $to))->offset($this->beside->offset($this->thickness));
        $before = $this->before($from, $line);
        $corner = $before === null ? null : $line->lineCrossing($before->line());
        if ($before === null || $corner === null || $this->beside === WallBeside::Centred) {
            return $this->add($id, $line);
        }
        $isAtEnd = $before->to->distanceTo($corner) < $before->from->distanceTo($corner);

        return new Together([
            new ChangeValues($before->id, [$isAtEnd ? 'to' : 'from' => $corner->toArray()]),
            $this->add($id, new Segment($corner, $line->to)),
        ], "Wall {$id} added");
    }

    /**
     * Four walls around a rectangle between two opposite corners.
     *
     * @param non-empty-list<string> $ids four
     */
    public function rectangle(array $ids, Point $corner, Point $opposite): Edit
    {
        [$left, $right] = [min($corner->x, $opposite->x), max($corner->x, $opposite->x)];
        [$bottom, $top] = [min($corner->y, $opposite->y), max($corner->y, $opposite->y)];
        // run around counter-clockwise, the inside lies to the left
        $out = -$this->beside->offset($this->thickness);
        if ($right - $left + 2 * $out < 1.0 || $top - $bottom + 2 * $out < 1.0) {
            throw new RefusedEdit('A rectangle has some length and width.');
        }
        $corners = [new Point($left - $out, $bottom - $out), new Point($right + $out, $bottom - $out), new Point($right + $out, $top + $out), new Point($left - $out, $top + $out)];
        $walls = array_map(fn(string $id, int $number): Add => $this->add($id, new Segment($corners[$number], $corners[($number + 1) % 4])), $ids, array_keys($ids));

        return new Together($walls, 'Rectangle of walls added');
    }

    /** The wall drawn last before, that ends where this one starts. */
    private function before(Point $from, Segment $line): ?Wall
    {
        foreach (array_reverse($this->storey->walls) as $wall) {
            $apart = min($wall->from->distanceTo($from), $wall->to->distanceTo($from));
            $isAcross = abs($wall->line()->direction()->cross($line->direction())) > 0.1;
            if ($isAcross && $apart <= $wall->thickness / 2 + self::MEETS) {
                return $wall;
            }
        }

        return null;
    }

    private function add(string $id, Segment $line): Add
    {
        $thickness = $this->type === WallType::Divider ? 0.0 : $this->thickness;

        return new Add($this->storey->id, 'walls', ['id' => $id, 'from' => $line->from->toArray(), 'to' => $line->to->toArray(), 'thickness' => $thickness, 'type' => $this->type->value]);
    }
}
