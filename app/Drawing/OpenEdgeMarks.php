<?php

declare(strict_types=1);

namespace App\Drawing;

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

    /** Beside the edge, mm. */
    private const BESIDE = 160.0;

    public function __construct(private Home $home, private StoreyPlan $plan, private string $chosen = '') {}

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
        $words = "{$this->home->length($edge->line->length())} ↓ {$this->home->length($edge->drop)}";
        if ($edge->line->length() < self::WORTH_WORDS || in_array($this->chosen, $edge->of, true)) {
            return $line;
        }
        $at = $edge->line->middle()->plus($edge->line->direction()->left()->times(self::BESIDE));
        $angle = -rad2deg(atan2($edge->line->vector()->y, $edge->line->vector()->x));
        $upright = $angle > 90.0 || $angle <= -90.0 ? $angle + 180.0 : $angle;

        return $line
            .Svg::pinned(
                $at,
                'open-edge-words',
                Svg::element('text', ['transform' => sprintf('rotate(%.1f)', $upright)], Svg::text($words)),
            );
    }
}
