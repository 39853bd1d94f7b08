<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** Finds places for the figures of a finding on the plan of a storey, clear of walls, of the plan's texts and dimensions, of each other. */
final readonly class WitnessFigures
{
    /** On a page one goes nearer and farther: from one scale to the next, and how many there are, nearer and farther than at first. */
    private const STEP = 1.5;
    private const WITHIN = [0.0, 0.2, 0.4, 0.6, 0.8, 1.0];
    private const NEARER = 9;
    private const FARTHER = 1;

    /** Half of a line of the finding, px. */
    private const LINE = 3.0;

    /** What is so far away is in nobody's way, px. */
    private const REACH = 560.0;

    /** Side of the squares in which boxes are looked up, mm at the least. */
    private const CELL = 300.0;

    /** @param LabelPlace $labels of the plan that it is drawn over */
    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private LabelPlace $labels,
        private DimensionStyle $style = new DimensionStyle(),
    ) {}

    /**
     * At the scale of the plan alone.
     *
     * @param list<non-empty-list<WitnessFigure>> $figures where each may stand, the best first
     * @param list<Segment>                       $lines   of the finding
     */
    public function draw(array $figures, array $lines): string
    {
        return self::drawn($this->place([$this->labels->scale], $figures, $lines));
    }

    /**
     * At every scale that one may look at it.
     *
     * @param list<non-empty-list<WitnessFigure>> $figures where each may stand, the best first
     * @param list<Segment>                       $lines   of the finding
     */
    public function drawForAll(array $figures, array $lines): string
    {
        if ($figures === []) {
            return '';
        }
        $ranges = [];
        foreach (range(-self::NEARER, self::FARTHER) as $step) {
            $scale = $this->labels->scale * self::STEP ** $step;
            $to = $step === self::FARTHER ? INF : $scale;
            $within = array_map(static fn(float $share): float => $scale / self::STEP ** $share, self::WITHIN);
            $drawn = self::drawn($this->place($within, $figures, $lines));
            $last = array_key_last($ranges);
            if ($last !== null && $ranges[$last][2] === $drawn) {
                $ranges[$last][1] = $to;
            } else {
                $ranges[] = [$last === null ? 0.0 : $ranges[$last][1], $to, $drawn];
            }
        }

        return implode('', array_map(fn(array $range): string => Svg::seen(...$range, now: $this->labels->scale), $ranges));
    }

    /**
     * @param non-empty-list<float>               $scales  at all of which they stand clear, mm under a pixel, the largest first
     * @param list<non-empty-list<WitnessFigure>> $figures where each may stand, the best first
     * @param list<Segment>                       $lines   of the finding
     *
     * @return list<WitnessFigure> each at its place
     */
    public function place(array $scales, array $figures, array $lines): array
    {
        $places = $this->places($scales[0], $lines);

        return array_map(
            static fn(array $wished): WitnessFigure => $wished[$places->findShape(self::covered($wished, $scales))],
            $figures,
        );
    }

    /**
     * @param non-empty-list<WitnessFigure> $wished
     * @param non-empty-list<float>         $scales
     *
     * @return \Generator<int, non-empty-list<Box>> what each covers at all of the scales
     */
    private static function covered(array $wished, array $scales): \Generator
    {
        foreach ($wished as $number => $figure) {
            yield $number => array_merge(...array_map($figure->boxes(...), $scales));
        }
    }

    /** @param list<WitnessFigure> $placed */
    private static function drawn(array $placed): string
    {
        return implode('', array_map(static fn(WitnessFigure $figure): string => $figure->draw(), $placed));
    }

    /** @param list<Segment> $lines */
    private function places(float $scale, array $lines): FreePlaces
    {
        $places = new FreePlaces(max(self::CELL, 60.0 * $scale));
        $ends = array_merge(...array_map(static fn(Segment $line): array => [$line->from, $line->to], $lines));
        $reach = $ends === [] ? null : Box::around($ends)->grown(self::REACH * $scale);
        foreach ($this->taken($scale) as $box) {
            if ($reach === null || $reach->overlaps($box)) {
                $places->take($box);
            }
        }
        // what else is written is left away under a figure, where there is no other place
        foreach ($this->written($scale) as $box) {
            $places->avoid(FreePlaces::WALL, $box);
        }
        foreach ($lines as $line) {
            foreach ($line->pieces(max(1, (int) ceil($line->length() / self::CELL))) as $piece) {
                $places->avoid(FreePlaces::LINE, Box::around([$piece->from, $piece->to])->grown(self::LINE * $scale));
            }
        }

        return $places;
    }

    /** @return list<Box> */
    private function taken(float $scale): array
    {
        $obstacles = new PlanObstacles($this->home, $this->plan, $this->style, $this->labels->scale);

        return [...$obstacles->walls(), ...$obstacles->dimensions($scale)];
    }

    /** @return list<Box> */
    private function written(float $scale): array
    {
        $fixed = new FixedTexts($this->home, $this->plan, $scale, false, !$this->style->hides(PlanLayer::Levels));
        $labels = array_map(fn(RoomSpace $room): Box => $this->labels->of($room)->box($scale), array_values($this->plan->rooms));

        return [...$fixed->boxes(), ...$labels];
    }
}
