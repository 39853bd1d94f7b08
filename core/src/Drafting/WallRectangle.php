<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;

/**
 * Walls around a rectangle between two opposite corners. Where a wall stands along a side already, it is shared: the walls across run
 * to its centre line.
 */
final readonly class WallRectangle
{
    /** So many ids it may take: a side may be parted by walls that stand there. */
    public const IDS = 20;

    private WallsAlong $standing;

    public function __construct(private Storey $storey, private WallPen $pen, private DrawnSize $size)
    {
        $this->standing = new WallsAlong($storey, $pen->thickness);
    }

    /**
     * @param non-empty-list<string> $ids
     *
     * @throws RefusedEdit when it has no size, or all its walls stand already
     */
    public function between(array $ids, Point $corner, Point $opposite): Edit
    {
        $out = $this->size->out($this->pen->thickness);
        $sides = [
            'left' => min($corner->x, $opposite->x) - $out, 'right' => max($corner->x, $opposite->x) + $out,
            'bottom' => min($corner->y, $opposite->y) - $out, 'top' => max($corner->y, $opposite->y) + $out,
        ];
        if ($sides['right'] - $sides['left'] <= $this->pen->thickness || $sides['top'] - $sides['bottom'] <= $this->pen->thickness) {
            throw new RefusedEdit(Text::of('A rectangle has some length and width.'));
        }
        $lines = $this->lines($sides, [
            'left' => $this->standing->beside(new Segment(
                new Point($sides['left'], $sides['bottom']),
                new Point($sides['left'], $sides['top']),
            )),
            'right' => $this->standing->beside(new Segment(
                new Point($sides['right'], $sides['bottom']),
                new Point($sides['right'], $sides['top']),
            )),
            'bottom' => $this->standing->beside(new Segment(
                new Point($sides['left'], $sides['bottom']),
                new Point($sides['right'], $sides['bottom']),
            )),
            'top' => $this->standing->beside(new Segment(
                new Point($sides['left'], $sides['top']),
                new Point($sides['right'], $sides['top']),
            )),
        ]);
        if ($lines === []) {
            throw new RefusedEdit(Text::of('Walls stand there already.'));
        }

        return new EditGroup(
            array_map(
                fn(Segment $line, string $id): Edit => $this->pen->draw($this->storey, $id, $line),
                $lines,
                array_slice($ids, 0, count($lines)),
            ),
            Text::of('Rectangle of walls added'),
        );
    }

    /**
     * @param array{left: float, right: float, bottom: float, top: float}                            $at
     * @param array{left: list<Wall>, right: list<Wall>, bottom: list<Wall>, top: list<Wall>} $shared
     *
     * @return list<Segment> what is drawn, counter-clockwise from the lower left corner
     */
    private function lines(array $at, array $shared): array
    {
        // walls across end on the centre line of a shared wall
        $x = static fn(string $side, float $y): float => self::axis(
            $shared[$side],
            $y,
            $at[$side],
            static fn(Point $p): array => [$p->y, $p->x],
        );
        $y = static fn(string $side, float $x): float => self::axis(
            $shared[$side],
            $x,
            $at[$side],
            static fn(Point $p): array => [$p->x, $p->y],
        );
        $sides = [
            'bottom' => new Segment(
                new Point($x('left', $at['bottom']), $at['bottom']),
                new Point($x('right', $at['bottom']), $at['bottom']),
            ),
            'right' => new Segment(new Point($at['right'], $y('bottom', $at['right'])), new Point($at['right'], $y('top', $at['right']))),
            'top' => new Segment(new Point($x('right', $at['top']), $at['top']), new Point($x('left', $at['top']), $at['top'])),
            'left' => new Segment(new Point($at['left'], $y('top', $at['left'])), new Point($at['left'], $y('bottom', $at['left']))),
        ];

        return array_merge(...array_map(
            fn(string $side): array => $this->standing->gaps($sides[$side], $shared[$side]),
            array_keys($sides),
        ));
    }

    /**
     * Where a shared wall lies that reaches to a place; the side's own line where none does.
     *
     * @param list<Wall>                                 $walls
     * @param callable(Point): array{float, float} $read along the side, and across it
     */
    private static function axis(array $walls, float $place, float $own, callable $read): float
    {
        foreach ($walls as $wall) {
            [[$from, $across], [$to]] = [$read($wall->from), $read($wall->to)];
            if ($place >= min($from, $to) - $wall->thickness && $place <= max($from, $to) + $wall->thickness) {
                return $across;
            }
        }

        return $own;
    }
}
