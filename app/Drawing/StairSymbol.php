<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\FloorOpening;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\StairCovers;
use Heurema\Units\Amount;

/**
 * A stair on a storey's plan: its steps with the edges of their nosings, and an arrow that always says which way it goes. Where it
 * starts, what lies above the plane of the plan is dashed, beyond a broken line.
 */
final readonly class StairSymbol
{
    /** A plan is cut this high, mm: common practice, no source. */
    private const CUT = 1200.0;

    /** How long the barbs of the arrow are and how far the broken line juts out, mm. */
    private const BARB = 120.0;

    /** How high one wants to walk under it: 6 ft 8 in, 2 m (R311.7.2; Approved Document K 1.11). */
    private const WALK = ['imperial' => 2032.0, 'metric' => 2000.0];

    public function __construct(private PlacedStair $stair, private string $storey, private Home $home) {}

    public function draw(): string
    {
        $isFoot = $this->isFoot();
        $walk = $isFoot ? $this->walkLine() : null;
        $cut = $isFoot && $this->stair->from !== null ? $this->cutStep() : null;
        $steps = '';
        foreach ($this->shown($isFoot) as $number => $step) {
            $steps .= Svg::element(
                'path',
                ['class' => $cut !== null && $number > $cut ? 'step step-above' : 'step', 'd' => Svg::path($step->outline)],
            );
            $steps .= $cut === null || $number <= $cut ? $this->nosing($step) : '';
        }

        return Svg::element(
            'g',
            ['class' => $isFoot ? 'stair' : 'stair stair-below', 'data-subject' => $this->stair->id()],
            $steps.$this->breakLine($cut).($walk === null ? '' : $this->drawWalkLine($walk)).$this->arrow($isFoot),
        );
    }

    /** @return array<int, Step> all of them where it starts; where it ends, what one sees through the opening in the floor */
    private function shown(bool $isFoot): array
    {
        $voids = $this->stair->to->voids;

        return $isFoot || $voids === [] ? $this->stair->shape->steps : array_filter(
            $this->stair->shape->steps,
            static fn(Step $step): bool => array_filter(
                $voids,
                static fn(FloorOpening $void): bool => $void->outline->contains($step->outline->middle()),
            ) !== [],
        );
    }

    /** The edge of the riser under the nosing. */
    private function nosing(Step $step): string
    {
        $nosing = $this->stair->stair->nosing ?? 0.0;

        return $nosing < 1
            ? ''
            : Svg::element(
                'path',
                ['class' => 'nosing', 'd' => Svg::line([$step->front->offset($nosing)->from, $step->front->offset($nosing)->to])],
            );
    }

    /** The number of the step on which the plan cuts the stair; null where it stays below or its heights are not known. */
    private function cutStep(): ?int
    {
        $climb = Climb::of($this->stair);
        if (!$climb instanceof Climb) {
            return null;
        }
        foreach ($this->stair->shape->steps as $number => $step) {
            if ($climb->level($step) >= self::CUT) {
                return $number;
            }
        }

        return null;
    }

    /** The edge from which one can walk upright under it; its structure is taken to be as deep as that of one over another stair. */
    private function walkLine(): ?Segment
    {
        $climb = $this->stair->from === null ? null : Climb::of($this->stair);
        if (!$climb instanceof Climb) {
            return null;
        }
        $height = self::WALK[$this->home->layout->units->value];
        foreach ($this->stair->shape->steps as $step) {
            if ($climb->level($step) - StairCovers::STAIR_DEPTH >= $height) {
                return $step->front;
            }
        }

        return null;
    }

    private function drawWalkLine(Segment $line): string
    {
        return Svg::element('path', ['class' => 'walk-line', 'd' => Svg::line([$line->from, $line->to])])
            .Svg::pinned($this->walkHeight($line)->at, 'walk-height', $this->walkHeight($line)->element());
    }

    private function walkHeight(Segment $line): PlanText
    {
        $height = $this->home->write(Amount::length(self::WALK[$this->home->layout->units->value]));

        return new PlanText($line->from->towardsPoint($line->to, 0.25), $height, 9.5, 3.0);
    }

    /** @return list<PlanText> what is written on it */
    public function texts(): array
    {
        $isFoot = $this->isFoot();
        $walk = $isFoot ? $this->walkLine() : null;

        return [$this->way($isFoot), ...$walk === null ? [] : [$this->walkHeight($walk)]];
    }

    private function way(bool $isUp): PlanText
    {
        return new PlanText($isUp ? $this->stair->shape->walkline[0] : $this->downwards()[0], $isUp ? __('up') : __('down'), 11.0, 16.0);
    }

    private function isFoot(): bool
    {
        return $this->storey === $this->stair->storey();
    }

    /** Across the step aslant, with a jag in its middle. */
    private function breakLine(?int $cut): string
    {
        if ($cut === null) {
            return '';
        }
        $step = $this->stair->shape->steps[$cut];
        $line = new Segment($step->front->from, $step->back->to);
        $along = $line->direction()->times(self::BARB / 2);
        $out = $line->direction()->left()->times(self::BARB);
        $middle = $line->middle();
        $points = [
            $line->from,
            $middle->minus($along),
            $middle->minus($along->times(0.3))->plus($out),
            $middle->plus($along->times(0.3))->minus($out),
            $middle->plus($along),
            $line->to,
        ];

        return Svg::element('path', ['class' => 'break-line', 'd' => Svg::line($points)]);
    }

    private function arrow(bool $isUp): string
    {
        $line = $isUp ? $this->stair->shape->walkline : $this->downwards();
        $count = count($line);
        $barbs = $count < 2 || $line[$count - 2]->distanceTo($line[$count - 1]) < 1
            ? ''
            : $this->barbs(new Segment($line[$count - 2], $line[$count - 1]));

        return Svg::element('path', ['class' => 'climb', 'd' => Svg::line($line).$barbs])
            .Svg::pinned(
                $line[0],
                'climb-start',
                Svg::element('circle', ['r' => 3]).$this->way($isUp)->element(),
            );
    }

    /** @return non-empty-list<Point> from its head along what is shown of it */
    private function downwards(): array
    {
        $line = [];
        foreach (array_reverse($this->shown(false)) as $step) {
            $path = array_reverse($step->path());
            array_push($line, ...($line === [] ? $path : array_slice($path, 1)));
        }

        return $line === [] ? [$this->stair->stair->start] : $line;
    }

    private function barbs(Segment $last): string
    {
        $back = $last->direction()->times(-self::BARB);
        $aside = static fn(float $side): Point => $last->to->plus($back)->plus($last->direction()->left()->times($side * self::BARB / 2));

        return Svg::line([$aside(1), $last->to, $aside(-1)]);
    }
}
