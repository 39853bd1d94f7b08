<?php

declare(strict_types=1);

namespace App\Pages;

use App\Drawing\Sheet;
use App\Drawing\Svg;
use Heurema\Layout\Layout;
use Heurema\Layout\Wall;

/** The walls of a home's lowest storey, as a picture the size of a stamp. */
final class Thumbnail
{
    public static function of(Layout $layout): string
    {
        $walls = array_filter($layout->storeys[0]->walls ?? [], static fn(Wall $wall): bool => $wall->stands() && !$wall->isOpenBoundary());
        $paths = array_map(static fn(Wall $wall): string => Svg::element('path', [
            'd' => Svg::line([$wall->from, $wall->to]),
            'stroke-width' => $wall->thickness,
        ]), $walls);

        return Svg::element(
            'svg',
            ['viewBox' => Sheet::of($layout)->viewBox(), 'class' => 'thumbnail', 'aria-hidden' => 'true'],
            implode('', $paths),
        );
    }
}
