<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\MeasuredPlace;
use Heurema\Layout\Opening;
use Heurema\Layout\Wall;

/** Two walls in one line that meet at an end, made the first of them; the second's openings, and what dimensions measure of it, go over. */
final readonly class JoinWalls implements Edit
{
    private const MEETS = 1.0;

    public function __construct(private string $first, private string $second) {}

    public function on(Draft $draft): void
    {
        [$first, $second] = [$draft->find($this->first), $draft->find($this->second)];
        $first->refuseIfLocked();
        $second->refuseIfLocked();
        [$wall, $other] = [$first->element, $second->element];
        if (!$wall instanceof Wall || !$other instanceof Wall || $first->storey !== $second->storey) {
            throw new RefusedEdit(Text::of('Two walls of one storey are joined.'));
        }
        if ($wall->type !== $other->type || $wall->thickness !== $other->thickness) {
            throw new RefusedEdit(Text::of('Walls of different type or thickness stay two.'));
        }
        $whole = $this->whole($wall->line(), $other->line());
        foreach ([$wall, $other] as $part) {
            foreach ($draft->openingsIn($first->storey, $part->id) as $opening) {
                $draft->replace($this->handed($opening, $whole, $part->line()));
            }
            foreach ($draft->dimensionsOf($part->id) as $dimension) {
                $draft->replace($dimension->withPlaces(fn(MeasuredPlace $place): MeasuredPlace => $this->place($place, $whole, $part)));
            }
        }
        $joined = $wall->withEnds($whole->from, $whole->to)->withBackingOf($draft->get($this->second, Wall::class));
        $draft->remove($this->second);
        $draft->replace($joined);
    }

    public function words(): string
    {
        return Text::of('Walls {first} and {second} joined', first: $this->first, second: $this->second);
    }

    /** The line of both, in the direction of the first. */
    private function whole(Segment $first, Segment $second): Segment
    {
        $apart = max(abs($first->leftOf($second->from)), abs($first->leftOf($second->to)));
        if ($apart > self::MEETS) {
            throw new RefusedEdit(Text::of('Only walls in one line are joined.'));
        }
        foreach ([[$second->from, $second->to], [$second->to, $second->from]] as [$near, $far]) {
            if ($first->to->distanceTo($near) <= self::MEETS && $first->along($far) > $first->length()) {
                return new Segment($first->from, $far);
            }
            if ($first->from->distanceTo($near) <= self::MEETS && $first->along($far) < 0) {
                return new Segment($far, $first->to);
            }
        }

        throw new RefusedEdit(Text::of('The walls do not meet at an end.'));
    }

    /** In a wall that ran the other way, hinge end and side change their names. */
    private function handed(Opening $opening, Segment $whole, Segment $line): Opening
    {
        $there = $opening->inWall($this->first, $whole->along($line->at($opening->at)));

        return $line->direction()->dot($whole->direction()) > 0 ? $there : $there->inTurnedWall();
    }

    private function place(MeasuredPlace $place, Segment $whole, Wall $part): MeasuredPlace
    {
        if ($place->of !== $part->id || $place->along === null) {
            return $place;
        }
        $there = $place->onWall($this->first, $whole->along($part->line()->at($place->along)));

        return $part->line()->direction()->dot($whole->direction()) > 0 ? $there : $there->onTurnedWall();
    }
}
