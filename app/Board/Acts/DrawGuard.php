<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\Draws;
use App\Board\NewElements;
use Heurema\Geometry\Point;
use Heurema\Layout\Document;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** A guard along the places that were pointed at, with the height and the largest gap that were typed. */
final readonly class DrawGuard implements Draws
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $line = array_map(static fn(mixed $place): Point => ActInput::place(is_string($place) ? $place : ''), array_values($asked->array('line')));
        if (count($line) < 2) {
            throw new RefusedEdit('A guard runs from one place to another.');
        }
        $values = ['id' => (new NewElements($layout))->nextId('g'), 'line' => Document::points($line), ...self::sizes($asked, $layout)];

        return new Add($asked->drawnOn($layout)->id, 'guards', $values);
    }

    public function letter(): string
    {
        return 'g';
    }

    /** @return array<string, float> */
    public static function sizes(ActInput $asked, Layout $layout): array
    {
        return array_filter(['height' => $asked->lengthIfTyped('height', $layout), 'largest_gap' => $asked->lengthIfTyped('gap', $layout)], static fn(?float $size): bool => $size !== null);
    }
}
