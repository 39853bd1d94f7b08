<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\CollinearWalls;
use Heurema\Drafting\TapedPull;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Spatial\Home;

/** The drawing made what was taped: the wall at the chosen end moves, or the height is taken. */
final readonly class TakeTaped implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $taped = (new Draft($layout))->get($asked->select(), TapedDistance::class);
        if ($taped->height !== null) {
            return $this->height($taped, $layout);
        }
        $end = $asked->string('moves')->value() === 'from' ? 'from' : 'to';
        $wall = TapedPull::walls($taped, (new Home($layout))->plans[$taped->storey])[$end]
            ?? throw new RefusedEdit(__('No wall stands across that end of it.'));

        return new TapedPull($taped->id, $wall->id, $end === 'from', CollinearWalls::tryFrom($asked->string('in_line')->value()));
    }

    private function height(TapedDistance $taped, Layout $layout): Edit
    {
        $element = (new Draft($layout))->find((string) $taped->of)->element;
        $sill = $element instanceof Opening ? $element->sill ?? 0.0 : 0.0;

        return new ChangeValues((string) $taped->of, match ($taped->height) {
            TapedHeight::Sill => ['sill' => $taped->measured],
            TapedHeight::Head => $taped->measured > $sill
                ? ['height' => $taped->measured - $sill]
                : throw new RefusedEdit(__('The head lies above the sill.')),
            default => ['ceiling' => $taped->measured],
        });
    }
}
