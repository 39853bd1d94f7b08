<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Spatial\Home;

/** How wide and deep the whole home is, over the outer faces of its walls, drawn outside it. */
final readonly class OverallDimensions
{
    /** Distance from the walls, mm. */
    private const AWAY = 700.0;

    public function __construct(private Home $home) {}

    /** @return list<string> */
    public function draw(): array
    {
        $solids = array_merge(...array_values(array_map(static fn($plan): array => $plan->solids, $this->home->plans)));
        if ($solids === []) {
            return [];
        }
        $boxes = array_map(static fn(Polygon $solid): Box => $solid->bounds(), $solids);
        $box = Box::around(array_merge(...array_map(static fn(Box $box): array => [new Point($box->left, $box->bottom), new Point($box->right, $box->top)], $boxes)));
        $side = $box->left - self::AWAY;

        return [
            $this->dimension(new Segment(new Point($box->left, $box->top + self::AWAY), new Point($box->right, $box->top + self::AWAY))),
            $this->dimension(new Segment(new Point($side, $box->bottom), new Point($side, $box->top))),
        ];
    }

    private function dimension(Segment $segment): string
    {
        return (new DimensionLine($segment, $this->home->length($segment->length())))->draw();
    }
}
