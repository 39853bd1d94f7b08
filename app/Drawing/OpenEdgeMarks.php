<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenEdge;
use Heurema\Spatial\StoreyPlan;

/**
 * The edges of a storey over which one can fall: each drawn over the plan, with its length and how deep one falls; those of what is chosen
 * without words, for they are listed beside the plan.
 */
final readonly class OpenEdgeMarks
{
    /** Shorter ones, mm, are drawn without words. */
    private const WORTH_WORDS = 900.0;

    /** No book asks a guard for a fall that is no deeper, mm: the least is one of more than 600 (Approved Document K). */
    private const LOW = 600.0;

    /** From the edge to the middle of the words, px, at its right and its left. */
    private const BESIDE = [-11.0, 11.0];

    /** Where along it, as shares of its length. */
    private const ALONG = [0.5, 0.35, 0.65, 0.2, 0.8];
    private const SIZE = 11.0;

    /**
     * @param FreePlaces $places what else is written on the plan; the words are taken there, drawn or not
     * @param float      $scale  mm under a pixel
     */
    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private FreePlaces $places,
        private float $scale,
        private string $chosen = '',
    ) {}

    public function draw(): string
    {
        $edges = $this->home->openEdges($this->plan)->found;

        return $edges === [] ? '' : Svg::element('g', ['class' => 'layer-open-edges'], implode('', array_map($this->edge(...), $edges)));
    }

    private function edge(OpenEdge $edge): string
    {
        $line = Svg::element(
            'path',
            [
                'class' => $edge->drop <= self::LOW + Tolerance::TOUCH ? 'open-edge is-low' : 'open-edge',
                'd' => Svg::line([$edge->line->from, $edge->line->to]),
            ],
        );
        if ($edge->line->length() < self::WORTH_WORDS) {
            return $line;
        }
        $words = "{$this->home->length($edge->line->length())} ↓ {$this->home->length($edge->drop)}";
        $at = $this->place($edge->line, $words);
        $angle = -rad2deg(atan2($edge->line->vector()->y, $edge->line->vector()->x));
        $upright = $angle > 90.0 || $angle <= -90.0 ? $angle + 180.0 : $angle;
        $text = Svg::element('text', ['transform' => sprintf('rotate(%.1f)', $upright), 'y' => 4], Svg::text($words));

        return $line.(in_array($this->chosen, $edge->of, true) ? '' : Svg::pinned($at, 'open-edge-words', $text));
    }

    private function place(Segment $edge, string $words): Point
    {
        [$direction, $left] = [$edge->direction(), $edge->direction()->left()];
        $wished = [];
        foreach (self::ALONG as $share) {
            foreach (self::BESIDE as $off) {
                $wished[] = $edge->at($share * $edge->length())->plus($left->times(-$off * $this->scale));
            }
        }
        $size = new Point(TextSize::width($words, self::SIZE) * $this->scale, TextSize::height(self::SIZE) * $this->scale);
        $box = static fn(Point $at): Box => Box::at(
            $at,
            abs($direction->x) * $size->x + abs($direction->y) * $size->y,
            abs($direction->y) * $size->x + abs($direction->x) * $size->y,
        );

        return $wished[$this->places->find(array_map($box, $wished))];
    }
}
