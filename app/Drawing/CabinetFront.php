<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\ElevationFixture;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\HingeSide;

/** The leaves of a cabinet on an elevation: where they part, lines that meet at their hinges where these are known, strokes over glass. */
final readonly class CabinetFront
{
    /** A front is so much narrower than its unit at least, at either side, mm. */
    private const NARROWER = 1.0;

    /** The cosine of how far its front may turn from the wall's. */
    private const TURNED = 0.99;

    /** How long a stroke over glass is, as a share of the leaf's width. */
    private const STROKE = 0.22;

    private Fixture $unit;

    /** @param Segment $face of the wall, as it is seen from left to right */
    public function __construct(private ElevationFixture $placed, private Segment $face)
    {
        $this->unit = $placed->fixture->fixture;
    }

    public function draw(): string
    {
        $leaves = $this->unit->leaves() ?? 0;
        $drawn = '';
        foreach ($leaves === 0 || !$this->isSeenFromTheFront() ? [] : $this->fronts() as [$left, $right, $bottom, $top]) {
            $width = ($right - $left) / $leaves;
            for ($leaf = 0; $leaf < $leaves; ++$leaf) {
                $drawn .= $this->leaf($leaf, [$left + $leaf * $width, $left + ($leaf + 1) * $width, $bottom, $top]);
            }
        }

        return $drawn;
    }

    /** What turns its side to the wall shows no door there. */
    private function isSeenFromTheFront(): bool
    {
        $intoTheRoom = $this->face->direction()->left()->times(-1.0);

        return $this->placed->isAtWall && $this->placed->fixture->frame->yAxis->dot($intoTheRoom) >= self::TURNED;
    }

    /** @return list<array{float, float, float, float}> left, right, bottom and top, mm: those of its bodies that lie before the others */
    private function fronts(): array
    {
        $fronts = array_filter(
            $this->placed->bodies,
            fn(array $body): bool => $body[0] > $this->placed->left() + self::NARROWER
                && $body[1] < $this->placed->right() - self::NARROWER,
        );

        return array_values($fronts === [] ? $this->placed->bodies : $fronts);
    }

    /** @param array{float, float, float, float} $leaf */
    private function leaf(int $number, array $leaf): string
    {
        return ($number === 0 ? '' : self::path('leaf-edge', $leaf, [[0.0, 0.0], [0.0, 1.0]]))
            .$this->hinges($number, $leaf)
            .($this->unit->glassDoors === true ? self::glass($leaf) : '');
    }

    /**
     * Of two leaves each is hung at its own side.
     *
     * @param array{float, float, float, float} $leaf
     */
    private function hinges(int $number, array $leaf): string
    {
        $side = $this->unit->leaves() === 2 ? ($number === 0 ? HingeSide::Left : HingeSide::Right) : $this->unit->hinge;
        [$hung, $free] = $side === HingeSide::Left ? [0.0, 1.0] : [1.0, 0.0];

        return $side === null ? '' : self::path('leaf-hung', $leaf, [[$free, 0.0], [$hung, 0.5], [$free, 1.0]]);
    }

    /** @param array{float, float, float, float} $leaf */
    private static function glass(array $leaf): string
    {
        return implode('', array_map(
            static fn(float $up): string => self::path(
                'leaf-glass',
                $leaf,
                [[0.5 - self::STROKE, $up - 0.05], [0.5 + self::STROKE, $up + 0.05]],
            ),
            [0.42, 0.5, 0.58],
        ));
    }

    /**
     * @param array{float, float, float, float}    $leaf
     * @param non-empty-list<array{float, float}> $places as shares of the leaf
     */
    private static function path(string $class, array $leaf, array $places): string
    {
        [$left, $right, $bottom, $top] = $leaf;

        return Svg::element('path', ['class' => $class, 'd' => Svg::line(array_map(
            static fn(array $at): Point => new Point($left + $at[0] * ($right - $left), $bottom + $at[1] * ($top - $bottom)),
            $places,
        ))]);
    }
}
