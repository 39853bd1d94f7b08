<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Axis;
use Heurema\Layout\Layout;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\PlaceOn;
use Heurema\Layout\Words\WallSide;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\StoreyPlan;

/** Where the places lie that dimensions begin and end at, and which place of which element a point is. */
final readonly class MeasuredPlaces
{
    /** What is pointed at lies so near to a place, mm. */
    private const NEAR = 1.0;

    /** The sine of the angle to a wall at which a length ends at it rather than runs along it. */
    private const SQUARE = 0.7;

    /** Half of a fixture's width to its sides, and of an opening's to its jambs. */
    private const ENDS = [[PlaceOn::Start, -1], [PlaceOn::End, 1], [PlaceOn::Middle, 0]];
    private const DEPTHS = [[PlaceOn::Back, 0.0], [PlaceOn::Middle, 0.5], [PlaceOn::Front, 1.0]];

    public function __construct(private Layout $layout, private StoreyPlan $plan) {}

    /** Where a place lies now; where it was pointed at when its element is not there. */
    public function point(MeasuredPlace $place): Point
    {
        foreach ($place->of === null ? [] : $this->candidates() as [$id, $point, $keys]) {
            if ($id === $place->of && $keys === self::keys($place)) {
                return $point;
            }
        }
        $line = $this->line($place->of);
        if ($line === null || $place->along === null) {
            return $place->at;
        }
        [$wall, $segment] = $line;
        $across = $wall === null || $place->side === null ? 0.0 : $wall->thickness / 2 * ($place->side === WallSide::Left ? 1 : -1);

        return $segment->at($place->along)->plus($segment->direction()->left()->times($across));
    }

    /**
     * The place that a point is: of an opening, else of a wall that stands square to what is measured, else of a fixture or an outline.
     *
     * @param Point $direction along which is measured, of length 1
     */
    public function at(Point $point, Point $direction): MeasuredPlace
    {
        return self::among($this->ofOpenings(), $point)
            ?? $this->onLine($point, $direction, self::SQUARE)
            ?? self::among($this->ofOthers(), $point)
            ?? $this->onLine($point, $direction, 0.0)
            ?? new MeasuredPlace($point);
    }

    /** On the wall whose face or centre line is there; null: none is. */
    public function onWall(Point $point): ?MeasuredPlace
    {
        foreach ($this->plan->storey->standingWalls() as $wall) {
            $place = self::onElement($wall, $point);
            if ($place !== null) {
                return $place;
            }
        }

        return null;
    }

    /** @param iterable<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> $candidates */
    private static function among(iterable $candidates, Point $point): ?MeasuredPlace
    {
        foreach ($candidates as [$id, $there, [$side, $on, $corner]]) {
            if ($there->distanceTo($point) < self::NEAR) {
                return new MeasuredPlace($point, $id, $side, null, $on, $corner);
            }
        }

        return null;
    }

    /**
     * On a wall's face or centre line, or on an axis: the one that stands most nearly square to a direction.
     *
     * @param float $least the sine of the angle between them
     */
    private function onLine(Point $point, Point $direction, float $least): ?MeasuredPlace
    {
        [$best, $most] = [null, $least - 1e-6];
        foreach ([...$this->plan->storey->standingWalls(), ...$this->layout->axes] as $element) {
            $square = abs($element->line()->direction()->cross($direction));
            $place = $square > $most + 1e-6 ? self::onElement($element, $point) : null;
            [$best, $most] = $place === null ? [$best, $most] : [$place, $square];
        }

        return $best;
    }

    /** On an axis, or on a wall's centre line, its left or its right face. */
    private static function onElement(Wall|Axis $element, Point $point): ?MeasuredPlace
    {
        $line = $element->line();
        $along = $line->along($point);
        $half = $element instanceof Wall ? $element->thickness / 2 : 0.0;
        if ($element instanceof Wall && ($along <= -$half - self::NEAR || $along >= $line->length() + $half + self::NEAR)) {
            return null;
        }
        foreach ([[null, 0.0], [WallSide::Left, $half], [WallSide::Right, -$half]] as [$side, $away]) {
            if (abs($line->leftOf($point) - $away) < self::NEAR) {
                return new MeasuredPlace($point, $element->id, $side, round($along, 4));
            }
        }

        return null;
    }

    /** @return array{Wall|null, Segment}|null */
    private function line(?string $id): ?array
    {
        $wall = $id === null ? null : $this->plan->storey->wall($id);
        foreach ($wall === null ? $this->layout->axes : [] as $axis) {
            if ($axis->id === $id) {
                return [null, $axis->line()];
            }
        }

        return $wall === null ? null : [$wall, $wall->line()];
    }

    /** @return array{WallSide|null, PlaceOn|null, int|null} what tells places of one element apart */
    private static function keys(MeasuredPlace $place): array
    {
        return [$place->side, $place->place, $place->corner];
    }

    /**
     * Places of openings, fixtures and outlines.
     *
     * @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}>
     */
    private function candidates(): \Generator
    {
        yield from $this->ofOpenings();
        yield from $this->ofOthers();
    }

    /** @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> */
    private function ofOpenings(): \Generator
    {
        foreach ($this->plan->storey->openings as $opening) {
            $wall = $this->plan->storey->wall($opening->wall);
            yield from $wall === null ? [] : self::ofOpening($opening, $wall);
        }
    }

    /** @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> */
    private function ofOthers(): \Generator
    {
        $storey = $this->plan->storey;
        foreach ($storey->fixtures as $fixture) {
            yield from self::ofFixture(new PlacedFixture($fixture, $this->plan));
        }
        foreach ([...$storey->voids, ...$storey->soffits, ...$storey->terraces] as $element) {
            yield from self::ofOutline($element->id, $element->outline);
        }
    }

    /** @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> at both faces and between them */
    private static function ofOpening(Opening $opening, Wall $wall): \Generator
    {
        foreach (self::ENDS as [$on, $sign]) {
            $at = $wall->line()->at($opening->at + $sign * ($opening->width ?? 0.0) / 2);
            foreach ([[WallSide::Left, 1], [WallSide::Right, -1], [null, 0]] as [$side, $out]) {
                yield [$opening->id, $at->plus($wall->line()->direction()->left()->times($out * $wall->thickness / 2)), [$side, $on, null]];
            }
        }
    }

    /** @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> its corners, edges and middle */
    private static function ofFixture(PlacedFixture $placed): \Generator
    {
        [$width, $depth] = [$placed->fixture->width, $placed->fixture->depth];
        foreach ($width === null || $depth === null ? [] : self::DEPTHS as [$on, $share]) {
            foreach ([[WallSide::Left, -1], [WallSide::Right, 1], [null, 0]] as [$side, $sign]) {
                $at = new Point($sign * (float) $width / 2, $share * (float) $depth);
                yield [$placed->id(), $placed->frame->toPlan($at), [$side, $on, null]];
            }
        }
    }

    /** @return \Generator<array{string, Point, array{WallSide|null, PlaceOn|null, int|null}}> */
    private static function ofOutline(string $id, Ring $outline): \Generator
    {
        foreach ($outline->points as $number => $point) {
            yield [$id, $point, [null, null, $number]];
        }
    }
}
