<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Language\Text;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;

/** What stands beside a fixture on its four sides: the nearest wall or fixture on each. */
final readonly class Surroundings
{
    public const LEFT = 'left';
    public const RIGHT = 'right';
    public const FRONT = 'front';
    public const BACK = 'back';

    /** Farther away, mm, nobody asks. */
    private const FAR = 4000.0;

    /** @var array<string, Segment> by side: from the middle of the fixture's side to what is nearest */
    public array $gaps;

    public function __construct(private PlacedFixture $placed, Home $home)
    {
        [$width, $depth] = [$placed->fixture->width ?? 0.0, $placed->fixture->depth ?? 0.0];
        $frame = $placed->frame;
        $others = [];
        foreach ($home->fixturesOn($placed->storey()) as $other) {
            if ($other->id() !== $placed->id() && $other->takesFloor && $other->outline !== null) {
                array_push($others, ...$other->outline->counterClockwise()->edges());
            }
        }
        $fixtures = new Obstacles($others);
        $gaps = [];
        foreach ([
            self::LEFT => [new Point(-$width / 2, $depth / 2), $frame->xAxis->times(-1), $depth],
            self::RIGHT => [new Point($width / 2, $depth / 2), $frame->xAxis, $depth],
            self::FRONT => [new Point(0, $depth), $frame->yAxis, $width],
            self::BACK => [new Point(0, 0), $frame->yAxis->times(-1), $width],
        ] as $side => [$own, $way, $breadth]) {
            $start = $frame->toPlan($own);
            $half = max(1.0, $breadth / 2 - 1.0);
            $met = array_filter(
                array_map(
                    static fn(Obstacles $obstacles): ?float => $obstacles->sweep(new Sweep($start, $way, -$half, $half))?->distance,
                    [$placed->plan->mass->obstructions(), $fixtures],
                ),
                static fn(?float $distance): bool => $distance !== null,
            );
            if ($met !== [] && min($met) <= self::FAR) {
                $gaps[$side] = new Segment($start, $start->plus($way->times(min($met))));
            }
        }
        $this->gaps = $gaps;
    }

    /** How wide the fixture would be that fills the gap between what stands at its left and at its right; null where there is nothing. */
    public function between(): ?float
    {
        return isset($this->gaps[self::LEFT], $this->gaps[self::RIGHT])
            ? $this->gaps[self::LEFT]->length() + ($this->placed->fixture->width ?? 0.0) + $this->gaps[self::RIGHT]->length()
            : null;
    }

    /** @throws RefusedEdit when nothing stands on one of its sides */
    public function centred(): Edit
    {
        return new Move([$this->placed->id()], $this->toMiddle());
    }

    /**
     * As wide as the gap.
     *
     * @throws RefusedEdit when nothing stands on one of its sides
     */
    public function filled(): Edit
    {
        $at = $this->placed->fixture->at->plus($this->toMiddle());

        return new ChangeValues(
            $this->placed->id(),
            ['width' => round($this->between() ?? 0.0, 4), 'at' => [round($at->x, 4), round($at->y, 4)]],
        );
    }

    private function toMiddle(): Point
    {
        [$left, $right] = [$this->gaps[self::LEFT] ?? null, $this->gaps[self::RIGHT] ?? null];
        if ($left === null || $right === null) {
            throw new RefusedEdit(Text::of('There is nothing near on both of its sides.'));
        }

        return $this->placed->frame->xAxis->times(($right->length() - $left->length()) / 2);
    }
}
