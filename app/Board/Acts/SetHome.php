<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\RefusedValue;
use App\Board\SignedLength;
use Heurema\Layout\Edit\ChangeDocument;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;

/**
 * What is of the home as a whole: how far the ground outside lies below the floor of the storey in sight, and how far north is turned
 * clockwise from up.
 */
final readonly class SetHome implements Act
{
    public const GROUND = 'ground';
    public const NORTH = 'north';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $typed = array_map(trim(...), $asked->fields());

        return new ChangeDocument([
            'grade' => self::grade($typed[self::GROUND] ?? '', $asked->drawnOn($layout)->elevation ?? 0.0, $layout),
            'north' => self::north($typed[self::NORTH] ?? ''),
        ]);
    }

    private static function grade(string $typed, float $floor, Layout $layout): ?float
    {
        return $typed === '' ? null : round($floor - SignedLength::read($typed, $layout, self::GROUND), 4);
    }

    private static function north(string $typed): ?float
    {
        if ($typed === '') {
            return null;
        }
        if (!is_numeric($typed) || abs((float) $typed) > 360) {
            throw new RefusedValue(self::NORTH, 'Type degrees, from 0 to 360.');
        }

        return 90.0 - (float) $typed;
    }
}
