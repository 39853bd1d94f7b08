<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\StraightOut;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;

/** Units that stand side by side along one face. Places along it count to the right as one looks at it, in mm. */
final readonly class RunLeg
{
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
        $out = array_merge(...array_map(fn(PlacedFixture $one): array => $this->places($one, $this->facing), $units));
        $across = array_merge(...array_map(fn(PlacedFixture $one): array => $this->places($one, $this->along), $units));
        [$this->front, $this->back] = [max([-INF, ...$out]), min([INF, ...$out])];
        $without = array_filter($units, static fn(PlacedFixture $one): bool => $one->fixture->kind !== FixtureKind::Counter);
        $fronts = array_merge(...array_map(fn(PlacedFixture $one): array => $this->places($one, $this->facing), array_values($without)));
        $this->fronts = $fronts === [] ? $this->front : max($fronts);
        [$this->left, $this->right] = [$left ?? min([INF, ...$across]), $right ?? max([-INF, ...$across])];
    }

    /** The same between two places: a corner takes what lies beyond it. */
    public function between(float $left, float $right): self
    {
        return new self($this->units, $left, $right);
    }

    /** @return array{float, float}|null where a thing begins and ends along it; null: nowhere between its ends */
    public function stretch(PlacedFixture $one): ?array
    {
        $places = $this->places($one, $this->along);
        [$from, $to] = [max($this->left, min([INF, ...$places])), min($this->right, max([-INF, ...$places]))];

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
        return (new StraightOut($this->frontLine($this->left, $this->right)))->nearest($sides);
    }

    /** @return list<float> */
    private function places(PlacedFixture $one, Point $direction): array
    {
        return array_map($direction->dot(...), $one->outline->points ?? []);
    }
}
