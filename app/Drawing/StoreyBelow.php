<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Polygon;
use Heurema\Spatial\Home;

/** The walls of the storey below, faint, to draw this one over them. */
final readonly class StoreyBelow
{
    public function __construct(private Home $home, private string $storey) {}

    public function draw(): string
    {
        $ids = array_keys($this->home->plans);
        $below = $ids[(int) array_search($this->storey, $ids, true) - 1] ?? null;
        $solids = $below === null ? [] : $this->home->plans[$below]->mass->solids;

        return $solids === []
            ? ''
            : Svg::element(
                'path',
                [
                    'class' => 'storey-below',
                    'd' => implode('', array_map(static fn(Polygon $solid): string => Svg::path($solid), $solids)),
                    'fill-rule' => 'evenodd',
                ],
            );
    }
}
