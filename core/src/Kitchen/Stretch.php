<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Drafting\ElevationOpening;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;

/** A straight stretch along which units are to stand, from its left end to its right as one looks at it; in mm. */
final readonly class Stretch
{
    /** An end of it is closed by a wall, or stops somewhere along one. */
    public const CLOSED = true;
    public const OPEN = false;

    /** Stretches meet square when the cosine of the angle between them is no larger, and at one place, mm. */
    private const SQUARE = 1e-3;
    private const MEET = 2.0;

    /**
     * @param Segment                $face    where the backs stand, on plan
     * @param list<ElevationOpening> $windows over it, their places counted from its left end
     * @param bool                   $isIsland it stands free, its back to the room
     * @param float|null             $ceiling the lowest over it, above the floor; null: nobody said
     * @param array{float, float}    $beyond  how far a worktop may reach beyond its left and its right end: not into a doorway
     */
    public function __construct(
        public Segment $face,
        public bool $left,
        public bool $right,
        public array $windows = [],
        public ?float $ceiling = null,
        public bool $isIsland = false,
        public array $beyond = [INF, INF],
    ) {}

    /**
     * An island before a stretch, about its middle.
     *
     * @param float $aisle from fronts to fronts
     */
    public static function island(self $before, float $depth, float $aisle, float $length): self
    {
        $back = $before->face->middle()->plus($before->facing()->times(2 * $depth + $aisle));
        $half = $before->face->direction()->times($length / 2);

        return new self(new Segment($back->plus($half), $back->minus($half)), self::OPEN, self::OPEN, isIsland: true);
    }

    /** A part of it, from and to places along it. */
    public function between(float $from, float $to): self
    {
        [$from, $to] = [max(0.0, $from), min($this->length(), $to)];
        $over = array_filter(
            $this->windows,
            static fn(ElevationOpening $one): bool => $one->right > $from && $one->left < $to,
        );

        return new self(
            face: new Segment($this->face->at($from), $this->face->at($to)),
            left: $from < self::MEET && $this->left,
            right: $to > $this->length() - self::MEET && $this->right,
            windows: array_map(static fn(ElevationOpening $one): ElevationOpening => $one->movedBy(-$from), array_values($over)),
            ceiling: $this->ceiling,
            isIsland: $this->isIsland,
            beyond: [
                $from < self::MEET ? $this->beyond[0] : $from,
                $to > $this->length() - self::MEET ? $this->beyond[1] : $this->length() - $to,
            ],
        );
    }

    /** Ended at either side by something that nothing may reach into. */
    public function endedBy(bool $atLeft, bool $atRight): self
    {
        return new self(
            face: $this->face,
            left: $this->left,
            right: $this->right,
            windows: $this->windows,
            ceiling: $this->ceiling,
            isIsland: $this->isIsland,
            beyond: [$atLeft ? 0.0 : $this->beyond[0], $atRight ? 0.0 : $this->beyond[1]],
        );
    }

    /** How much of what lies between two places along it is window, mm. */
    public function windowed(float $from, float $to): float
    {
        return array_sum(array_map(
            static fn(ElevationOpening $one): float => max(0.0, min($to, $one->right) - max($from, $one->left)),
            $this->windows,
        ));
    }

    public function length(): float
    {
        return $this->face->length();
    }

    /** The floor that units so deep take along it. */
    public function band(float $depth): Polygon
    {
        $out = $this->facing()->times($depth);

        return new Polygon(new Ring([$this->face->to, $this->face->from, $this->face->from->plus($out), $this->face->to->plus($out)]));
    }

    /** Into the room. */
    public function facing(): Point
    {
        return $this->face->direction()->left()->times(-1.0);
    }

    /** Does another one begin at its right end, square to it, in an inner corner? */
    public function turnsInto(self $next): bool
    {
        return $this->right === self::CLOSED && $next->left === self::CLOSED
            && $this->face->to->distanceTo($next->face->from) <= self::MEET
            && abs($this->face->direction()->dot($next->face->direction())) <= self::SQUARE
            && $this->facing()->dot($next->face->direction()) > 0.0;
    }
}
