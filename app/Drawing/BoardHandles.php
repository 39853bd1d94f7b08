<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Layout\Wall;
use Heurema\Spatial\ClosedSpace;
use Heurema\Spatial\StoreyPlan;

/** What the pointer takes hold of on the board beside fixtures and openings: each wall by itself, and spaces that have no name yet. */
final readonly class BoardHandles
{
    public function __construct(private StoreyPlan $plan) {}

    public function draw(): string
    {
        $unnamed = array_filter($this->plan->closedSpaces(), static fn(ClosedSpace $space): bool => $space->space->rooms === []);

        return Svg::element('g', ['class' => 'layer-spaces'], implode('', array_map(self::space(...), array_values($unnamed))))
            .Svg::element('g', ['class' => 'layer-handles'], implode('', array_map(self::wall(...), $this->plan->storey->walls)));
    }

    private static function wall(Wall $wall): string
    {
        return Svg::element('path', [
            'class' => 'handle',
            'd' => Svg::line([$wall->from, $wall->to]),
            'stroke-width' => max(60.0, $wall->thickness),
            'data-subject' => $wall->id,
            'data-line' => implode(' ', [$wall->from->x, $wall->from->y, $wall->to->x, $wall->to->y]),
        ]);
    }

    private static function space(ClosedSpace $space): string
    {
        return Svg::element(
            'path',
            ['class' => 'unnamed-space', 'd' => Svg::path($space->space->outline), 'fill-rule' => 'evenodd', 'data-space' => 'yes'],
        );
    }
}
