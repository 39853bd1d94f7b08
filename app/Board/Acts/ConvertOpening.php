<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\DoorOperation;

/** The chosen bare opening made a door, or the chosen door a bare opening, in its place. */
final readonly class ConvertOpening implements Act
{
    /** What only a door has. */
    private const OF_DOOR = [
        'operation', 'hinge', 'opens', 'leaf_thickness', 'glazed', 'safety_glass', 'self_closing', 'fire_minutes', 'leaves',
    ];

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $opening = (new Draft($layout))->find($asked->select());

        return match ($opening->value('kind')) {
            'gap' => new ChangeValues(
                $opening->id(),
                ['kind' => 'door', 'operation' => DoorOperation::Hinged->value, 'hinge' => 'from', 'opens' => 'left'],
            ),
            'door' => new ChangeValues($opening->id(), ['kind' => 'gap', ...array_fill_keys(self::OF_DOOR, null)]),
            default => throw new RefusedEdit(__('Choose a door or a bare opening.')),
        };
    }
}
