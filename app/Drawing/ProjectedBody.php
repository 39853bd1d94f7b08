<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Projection\Facet;
use Heurema\Projection\SeenLine;
use Heurema\Scene\Material;

/** Bodies as they are seen from aside or from above: where they are cut, and the lines that nothing lies before. User units are mm. */
final class ProjectedBody
{
    public static function cut(Facet $facet): string
    {
        $class = match ($facet->part->material) {
            Material::Wall, Material::Floor, Material::Roof, Material::Plinth => 'cut-built',
            default => 'cut-fixture',
        };

        return Svg::element('path', ['class' => $class, 'd' => self::outline($facet)]);
    }

    public static function line(SeenLine $seen): string
    {
        $isBuilt = in_array(
            $seen->material,
            [Material::Wall, Material::Floor, Material::Roof, Material::Plinth, Material::Stair, Material::Ground],
            true,
        );
        $class = match (true) {
            $seen->isCut && $isBuilt => 'cut-line',
            $seen->isCut => 'cut-line cut-fine',
            $isBuilt => 'seen-line',
            default => 'seen-line seen-fine',
        };

        return Svg::element('path', ['class' => $class, 'd' => Svg::line([$seen->line->from, $seen->line->to])]);
    }

    public static function outline(Facet $facet): string
    {
        return Svg::line(array_map(static fn(array $at): Point => new Point($at[0], $at[1]), $facet->corners)).'Z';
    }
}
