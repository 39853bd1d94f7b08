<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/** A hinged leaf: where it hangs, where its edge is when closed and when open at a right angle. */
final readonly class DoorLeaf
{
    /** Chords to a quarter circle. */
    private const CHORDS = 32;

    /** The quarter circle that the leaf sweeps, with its edge a little inside the true one (0.3 mm of a leaf of 900 mm). */
    public Ring $sector;

    public Box $bounds;

    private function __construct(public Point $hinge, public Point $closed, public Point $open)
    {
        $this->sector = $this->swept();
        $this->bounds = $this->sector->bounds();
    }

    /** @return list<self> none where no leaf swings or where nobody said how */
    public static function of(PlacedOpening $opening): array
    {
        $door = $opening->opening->door;
        $half = ($opening->opening->width ?? 0.0) / 2;
        if ($door === null || $half <= 0 || $door->opens === null) {
            return [];
        }
        $frame = Frame::along($opening->middle(), $opening->wall->line()->direction());
        $out = $door->opens === WallSide::Left ? 1 : -1;
        $face = $opening->wall->thickness / 2;
        $leaf = static fn(float $hinge, float $length): self => new self(
            $frame->toPlan(new Point($hinge, $out * $face)),
            $frame->toPlan(new Point($hinge + ($hinge < 0 ? $length : -$length), $out * $face)),
            $frame->toPlan(new Point($hinge, $out * ($face + $length))),
        );

        return match (true) {
            $door->operation === DoorOperation::DoubleHinged => [$leaf(-$half, $half), $leaf($half, $half)],
            $door->operation === DoorOperation::Hinged && $door->hinge !== null => [$leaf(
                $door->hinge === HingeEnd::From ? -$half : $half,
                2 * $half,
            )],
            default => [],
        };
    }

    public function width(): float
    {
        return $this->hinge->distanceTo($this->closed);
    }

    private function swept(): Ring
    {
        $along = $this->closed->minus($this->hinge);
        $out = $this->open->minus($this->hinge);
        $points = [$this->hinge];
        foreach (range(0, self::CHORDS) as $step) {
            $angle = M_PI_2 * $step / self::CHORDS;
            $points[] = $this->hinge->plus($along->times(cos($angle)))->plus($out->times(sin($angle)));
        }

        return (new Ring($points))->counterClockwise();
    }
}
