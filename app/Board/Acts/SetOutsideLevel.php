<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\SignedLength;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/** How far the ground or landing outside the chosen door lies below its floor. */
final readonly class SetOutsideLevel implements Act
{
    public const FIELD = 'outside_level';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $typed = trim($asked->fields()[self::FIELD] ?? '');
        $floor = $asked->drawnOn($layout)->elevation ?? 0.0;

        return new ChangeValues(
            $asked->select(),
            ['exterior_level' => $typed === '' ? null : round($floor - SignedLength::read($typed, $layout, self::FIELD), 4)],
        );
    }
}
