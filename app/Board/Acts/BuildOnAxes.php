<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\NewElements;
use App\Board\UsualWalls;
use Heurema\Drafting\AxisNet;
use Heurema\Drafting\AxisStretch;
use Heurema\Drafting\WallPen;
use Heurema\Drafting\WallsOnAxes;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\WallType;

/** Walls on all stretches of the axes, or on those that are chosen: outer and inner ones as is usual, or all as one kind. */
final readonly class BuildOnAxes implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $chosen = $asked->array('stretches');
        $stretches = array_filter(
            (new AxisNet($layout->axes))->allStretches(),
            static fn(AxisStretch $one): bool => $asked->boolean('all') || isset($chosen[$one->key()]),
        );
        $usual = UsualWalls::thicknesses($layout);
        $type = WallType::tryFrom($asked->string('type')->value());
        $pen = static fn(WallType $as): WallPen => new WallPen($type ?? $as, $usual[($type ?? $as)->value]);

        return (new WallsOnAxes($asked->drawnOn($layout), $pen(WallType::Exterior), $pen(WallType::Interior)))
            ->build(
                array_values($stretches),
                static fn(int $count): array => (new NewElements($layout))->nextIds(ElementList::Walls, $count),
            );
    }
}
