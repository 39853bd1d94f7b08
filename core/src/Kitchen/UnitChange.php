<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Language\Text;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\RunLeg;
use Heurema\Spatial\Run\Runs;

/**
 * A unit of a run in another width, or in the place of its neighbour. Left and right are as one faces the run; what is set in a unit goes
 * along with it.
 */
final readonly class UnitChange
{
    private const SET_IN = [FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Oven];

    /** Joints are closed, and a filler is no narrower, mm. */
    private const JOINT = 1.0;

    /** A worktop reaches over the last unit by no more, mm. */
    private const OVERHANG = 60.0;

    private function __construct(private PlacedFixture $unit, private RunLeg $leg) {}

    /** @return self|null null where it is no unit of a run */
    public static function of(PlacedFixture $unit, Home $home): ?self
    {
        foreach (in_array($unit->fixture->kind, Runs::UNITS, true) ? Runs::with($unit, $home)->legs ?? [] : [] as $leg) {
            if (in_array($unit, $leg->units, true)) {
                return new self($unit, $leg);
            }
        }

        return null;
    }

    /**
     * @param bool $leftStays its left end stays where it is, else its right end
     * @param bool $closesUp  its neighbours beyond the other end go along, up to a filler that takes up the change; else they keep still
     *
     * @throws RefusedEdit when there is no such width
     */
    public function resized(float $width, bool $leftStays, bool $closesUp): Edit
    {
        if ($width < self::JOINT) {
            throw new RefusedEdit(Text::of('A unit has some width.'));
        }
        $by = ($width - $this->width($this->unit)) * ($leftStays ? 1.0 : -1.0);
        $moving = $closesUp ? $this->goingAlong($leftStays, $width - $this->width($this->unit)) : [];
        $edits = [];
        foreach ($this->leg->units as $one) {
            $edits = [...$edits, ...$this->changed($one, $moving, $by, $leftStays)];
        }

        return new EditGroup($edits, Text::of('{id} in another width', id: $this->unit->id()));
    }

    /** @throws RefusedEdit when none stands close to it there */
    public function swapped(bool $withRight): Edit
    {
        $other = $this->neighbour($this->unit, $withRight) ?? throw new RefusedEdit(Text::of('No unit stands close to it on that side.'));
        [$left, $right] = $withRight ? [$this->unit, $other] : [$other, $this->unit];
        $edits = [];
        foreach ([[$left, $this->width($right)], [$right, -$this->width($left)]] as [$one, $by]) {
            foreach ([$one, ...$this->setIn($one)] as $moved) {
                $edits[] = $this->placed($moved, $by);
            }
        }

        return new EditGroup($edits, Text::of('{id} swapped with {id2}', id: $this->unit->id(), id2: $other->id()));
    }

    /** Does a unit stand close to it? */
    public function isBeside(bool $right): bool
    {
        return $this->neighbour($this->unit, $right) !== null;
    }

    /**
     * The units beyond the moving end, one close to the next, up to a filler that takes up the change.
     *
     * @return list<array{PlacedFixture, bool}> each with whether it takes it up
     */
    private function goingAlong(bool $right, float $wider): array
    {
        $moving = [];
        for ($next = $this->neighbour($this->unit, $right); $next !== null; $next = $this->neighbour($next, $right)) {
            $takesUp = $next->fixture->kind === FixtureKind::Filler && $this->width($next) - $wider >= self::JOINT;
            $moving[] = [$next, $takesUp];
            if ($takesUp) {
                break;
            }
        }

        return $moving;
    }

    /**
     * @param list<array{PlacedFixture, bool}> $moving
     *
     * @return list<Edit>
     */
    private function changed(PlacedFixture $one, array $moving, float $by, bool $right): array
    {
        $wider = $right ? $by : -$by;
        foreach ($moving as [$unit, $takesUp]) {
            if ($one === $unit || in_array($one, $this->setIn($unit), true)) {
                return [$takesUp ? $this->placed($one, $by / 2, -$wider) : $this->placed($one, $by)];
            }
        }
        if ($one === $this->unit || in_array($one, $this->setIn($this->unit), true)) {
            return [$this->placed($one, $by / 2, $one === $this->unit ? $wider : 0.0)];
        }

        return $one->fixture->kind === FixtureKind::Counter && $moving !== [] ? $this->worktop($one, $moving, $by, $right) : [];
    }

    /**
     * The ends of a worktop go along with what is under them.
     *
     * @param non-empty-list<array{PlacedFixture, bool}> $moving
     *
     * @return list<Edit>
     */
    private function worktop(PlacedFixture $top, array $moving, float $by, bool $right): array
    {
        [$last, $takesUp] = $moving[count($moving) - 1];
        $from = $this->span($this->unit, $right)[1] - self::JOINT;
        [$lastFrom, $lastTo] = $this->span($last, $right);
        $to = $takesUp ? $lastFrom + self::JOINT : $lastTo + self::OVERHANG;
        [$near, $far] = array_map(
            static fn(float $end): float => $end > $from && $end < $to ? $by : 0.0,
            $this->span($top, $right),
        );
        $isSame = abs($near) + abs($far) === 0.0;

        return $isSame ? [] : [$this->placed($top, ($near + $far) / 2, ($right ? 1.0 : -1.0) * ($far - $near))];
    }

    /** Moved along the run, and so much wider. */
    private function placed(PlacedFixture $one, float $by, float $wider = 0.0): Edit
    {
        $at = $one->fixture->at->plus($this->leg->along->times($by));

        return new ChangeValues($one->id(), [
            'at' => [round($at->x, 4), round($at->y, 4)],
            ...$wider === 0.0 ? [] : ['width' => round($this->width($one) + $wider, 4)],
        ]);
    }

    private function neighbour(PlacedFixture $unit, bool $right): ?PlacedFixture
    {
        $end = $this->span($unit, $right)[1];
        foreach ($this->leg->units as $one) {
            $isUnit = $one !== $unit && in_array($one->fixture->kind, Runs::UNITS, true);
            if ($isUnit && abs($this->span($one, $right)[0] - $end) <= self::JOINT) {
                return $one;
            }
        }

        return null;
    }

    /** @return list<PlacedFixture> what is set in a unit */
    private function setIn(PlacedFixture $unit): array
    {
        return array_values(array_filter(
            $this->leg->units,
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::SET_IN, true) && $one->isSetIn($unit),
        ));
    }

    /** @return array{float, float} where it begins and ends along the run, counted to the right or to the left */
    private function span(PlacedFixture $one, bool $right): array
    {
        $way = $right ? $this->leg->along : $this->leg->along->times(-1.0);
        $places = array_map($way->dot(...), $one->outline->points ?? [$one->fixture->at]);

        return [min($places), max($places)];
    }

    private function width(PlacedFixture $one): float
    {
        return $one->fixture->width ?? 0.0;
    }
}
