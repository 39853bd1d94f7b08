<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\OutwardDistances;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;

/** Units that stand side by side along one face. Places along it count to the right as one looks at it, in mm. */
final readonly class RunLeg
{
    /** Corners of an outline that are no farther from its end lie there; a front that is cut off reaches out by more, mm. */
    private const END = 1.0;
    private const CUT = 50.0;

    public Point $facing;

    /** To the right as one looks at it. */
    public Point $along;

    /** How far out the fronts are, and the backs: the farthest of each. */
    public float $front;
    public float $back;

    /** How far out the fronts of its units are, without the worktop over them. */
    public float $fronts;

    /** Where its fronts begin and end. */
    public float $left;
    public float $right;

    /** @param non-empty-list<PlacedFixture> $units */
    public function __construct(public array $units, ?float $left = null, ?float $right = null)
    {
        $this->facing = $units[0]->frame->yAxis;
        $this->along = $this->facing->left();
        [$across, $out] = [
            array_map(fn(PlacedFixture $one): array => $this->ends($one, $this->along), $units),
            array_map(fn(PlacedFixture $one): array => $this->ends($one, $this->facing), $units),
        ];
        $cabinets = array_filter($units, static fn(PlacedFixture $one): bool => $one->fixture->kind !== FixtureKind::Counter);
        [$this->back, $this->front] = [min(array_column($out, 0)), max(array_map($this->frontOf(...), $units))];
        $this->fronts = $cabinets === [] ? $this->front : max(array_map($this->frontOf(...), $cabinets));
        [$this->left, $this->right] = [$left ?? min(array_column($across, 0)), $right ?? max(array_column($across, 1))];
    }

    /** The same between two places: a corner takes what lies beyond it. */
    public function between(float $left, float $right): self
    {
        return new self($this->units, $left, $right);
    }

    /** @return array{float, float}|null where a fixture begins and ends along it; null: nowhere between its ends */
    public function stretch(PlacedFixture $one): ?array
    {
        [$from, $to] = $this->ends($one, $this->along);
        [$from, $to] = [max($this->left, $from), min($this->right, $to)];

        return $to > $from ? [$from, $to] : null;
    }

    public function length(): float
    {
        return $this->right - $this->left;
    }

    /** A stretch of its front on plan. */
    public function frontLine(float $from, float $to): Segment
    {
        $at = fn(float $place): Point => $this->along->times($place)->plus($this->facing->times($this->front));

        return new Segment($at($from), $at($to));
    }

    /**
     * @param list<Segment> $sides
     *
     * @return Segment|null the shortest line straight out from its fronts to one of the sides; null: it meets none
     */
    public function across(array $sides): ?Segment
    {
        return (new OutwardDistances($this->frontLine($this->left, $this->right)))->nearest($sides);
    }

    /**
     * How far along the wall of the leg that it meets a unit of it, or a worktop, reaches whose front is cut off at an end.
     *
     * @return float|null from the backs, mm; null: there is none
     */
    public function cutOff(bool $atRight, bool $isWorktop): ?float
    {
        $reach = null;
        foreach ($this->units as $one) {
            if (($one->fixture->kind === FixtureKind::Counter) === $isWorktop && $this->isCutOff($one, $atRight)) {
                $reach = max($reach ?? 0.0, $this->ends($one, $this->facing)[1] - $this->back);
            }
        }

        return $reach;
    }

    /** Does a unit of it, no worktop, reach beyond a place, behind the leg that it meets? */
    public function reachesBeyond(float $place, bool $atRight): bool
    {
        return array_filter($this->units, function (PlacedFixture $one) use ($place, $atRight): bool {
            [$left, $right] = $this->ends($one, $this->along);
            $beyond = $atRight ? $right - $place : $place - $left;

            return $one->fixture->kind !== FixtureKind::Counter && $beyond > self::CUT;
        }) !== [];
    }

    /** Does it stand at that end, cut off so that it reaches out farthest there? */
    public function isCutOff(PlacedFixture $one, bool $atRight): bool
    {
        if (!in_array($one, $this->units, true) || !$this->isSlanted($one, $atRight)) {
            return false;
        }
        [$left, $right] = $this->ends($one, $this->along);

        return $atRight ? $right >= $this->right - self::END : $left <= $this->left + self::END;
    }

    private function isSlanted(PlacedFixture $one, bool $atRight): bool
    {
        return $one->fixture->outline !== null
            && $this->frontAt($one, $atRight) - $this->frontAt($one, !$atRight) > self::CUT + Tolerance::TOUCH;
    }

    /** How far out its front is: of what is cut off at the end where it is less. */
    private function frontOf(PlacedFixture $one): float
    {
        return $this->isSlanted($one, true) || $this->isSlanted($one, false)
            ? min($this->frontAt($one, false), $this->frontAt($one, true))
            : $this->ends($one, $this->facing)[1];
    }

    private function frontAt(PlacedFixture $one, bool $atRight): float
    {
        $end = $this->ends($one, $this->along)[$atRight ? 1 : 0];

        return max([-INF, ...array_map(
            static fn(float $at, float $out): float => abs($at - $end) <= self::END ? $out : -INF,
            $this->places($one, $this->along),
            $this->places($one, $this->facing),
        )]);
    }

    /** @return array{float, float} from where to where a fixture reaches in a direction */
    private function ends(PlacedFixture $one, Point $direction): array
    {
        $places = $this->places($one, $direction);

        return [min([INF, ...$places]), max([-INF, ...$places])];
    }

    /** @return list<float> */
    private function places(PlacedFixture $one, Point $direction): array
    {
        return array_map($direction->dot(...), $one->outline->points ?? []);
    }
}
