<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/**
 * The leaves of a folding door: as many as were said, or worked out from its opening, each at most 610 mm (24 in) wide (common practice,
 * no source). In pairs that fold in the middle, from the hinge's jamb where two leaves do, else from both, the more on the hinge's.
 * Drawn half open, each at 45 degrees.
 */
final readonly class FoldingLeaves
{
    public const ANGLE = 45.0;
    private const WIDEST = 610.0;

    public int $count;
    public float $leafWidth;

    private function __construct(private PlacedOpening $opening, private float $width, private int $out)
    {
        $pairs = (int) ceil($width / (2 * self::WIDEST) - 1e-9);
        $this->count = $opening->opening->door->leaves ?? 2 * max(1, $pairs);
        $this->leafWidth = $width / $this->count;
    }

    /** Null when it is no folding door or its width is not known. */
    public static function of(PlacedOpening $opening): ?self
    {
        $door = $opening->opening->door;
        $width = $opening->opening->width;

        return $door?->operation !== DoorOperation::Folding || $width === null
            ? null
            : new self($opening, $width, $door->opens === WallSide::Right ? -1 : 1);
    }

    /** How far the folded leaves reach out of the wall's middle when they stand at 45 degrees, mm. */
    public function reach(): float
    {
        return $this->leafWidth * sin(deg2rad(self::ANGLE));
    }

    /** @return list<list<Point>> from each jamb that leaves hang on, the zigzag that they make */
    public function zigzags(): array
    {
        $atEnd = $this->opening->opening->door?->hinge === HingeEnd::To;
        if ($this->count <= 2) {
            return [$this->zigzag($atEnd ? 1 : -1, $this->count)];
        }
        $fewer = 2 * intdiv($this->count, 4);
        $fromStart = $this->opening->opening->door?->hinge === HingeEnd::From ? $this->count - $fewer : $fewer;

        return [$this->zigzag(-1, $fromStart), $this->zigzag(1, $this->count - $fromStart)];
    }

    /**
     * @param int $side -1: from the jamb nearer the wall's start
     *
     * @return list<Point>
     */
    private function zigzag(int $side, int $leaves): array
    {
        $frame = Frame::along($this->opening->middle(), $this->opening->wall->line()->direction());
        $step = $this->leafWidth * cos(deg2rad(self::ANGLE));
        $points = [];
        for ($leaf = 0; $leaf <= $leaves; ++$leaf) {
            $points[] = $frame->toPlan(new Point(
                $side * ($this->width / 2 - $leaf * $step),
                $leaf % 2 === 1 ? $this->out * $this->reach() : 0.0,
            ));
        }

        return $points;
    }
}
