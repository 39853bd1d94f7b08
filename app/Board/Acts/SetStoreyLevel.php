<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\RefusedValue;
use App\Board\SignedLength;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;

/** How high the finished floor of a storey lies; the storeys above go up or down with it. */
final readonly class SetStoreyLevel implements Act
{
    public const FIELD = 'level';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $chosen = (new Draft($layout))->find($asked->select());
        if (!$chosen->element instanceof Storey) {
            throw new RefusedEdit(__('Choose a storey first.'));
        }
        $typed = trim($asked->fields()[self::FIELD] ?? '');
        $level = $typed === '' ? null : round(SignedLength::read($typed, $layout, self::FIELD), 4);
        $below = $layout->storeys[$chosen->position - 1] ?? null;
        if ($level !== null && $below?->elevation !== null && $level <= $below->elevation) {
            throw new RefusedValue(self::FIELD, __('That is not above the floor of :name.', ['name' => $below->name]));
        }
        $shift = $level === null || $chosen->element->elevation === null ? 0.0 : $level - $chosen->element->elevation;
        $edits = [new ChangeValues($chosen->id(), ['elevation' => $level])];
        foreach ($shift === 0.0 ? [] : array_slice($layout->storeys, $chosen->position + 1) as $above) {
            if ($above->elevation !== null) {
                $edits[] = new ChangeValues($above->id, ['elevation' => round($above->elevation + $shift, 4)]);
            }
        }

        return new EditGroup($edits, __('Level of :name set', ['name' => $chosen->element->name]));
    }
}
