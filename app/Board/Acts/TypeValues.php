<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\TypedValues;
use App\Http\Requests\BoardRequest;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\SetHeights;
use Heurema\Layout\Layout;

/** What was typed into the fields of the chosen element. */
final readonly class TypeValues implements Act
{
    public function edit(BoardRequest $asked, Layout $layout): Edit
    {
        $id = $asked->select();
        $values = (new TypedValues($layout->units))->read((new Draft($layout))->find($id), $asked->fields());

        return self::isHeights($layout, $id, $values) ? new SetHeights($id, $values['ceiling'] ?? null, $values['floor_thickness'] ?? null) : new ChangeValues($id, $values);
    }

    /**
     * Heights of a storey carry the storeys above along, unless one is taken away or other values change with them.
     *
     * @param array<string, mixed> $values
     *
     * @phpstan-assert-if-true array{ceiling?: float, floor_thickness?: float} $values
     */
    private static function isHeights(Layout $layout, string $element, array $values): bool
    {
        return $values !== [] && $layout->storey($element) !== null
            && array_diff_key($values, ['ceiling' => 0, 'floor_thickness' => 0]) === []
            && array_filter($values, is_float(...)) === $values;
    }
}
