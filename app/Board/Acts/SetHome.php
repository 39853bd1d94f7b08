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
use Heurema\Units\Amount;
use Heurema\Units\AreaReader;
use Heurema\Units\UnreadableLength;

/**
 * What is of the home as a whole: how far the ground outside lies below the floor of the storey in sight, how far north is turned
 * clockwise from up, and how large the attic is.
 */
final readonly class SetHome implements Act
{
    public const GROUND = 'ground';
    public const NORTH = 'north';
    public const ATTIC = 'attic';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $typed = array_map(trim(...), $asked->fields());

        return new ChangeDocument([
            'grade' => self::grade($typed[self::GROUND] ?? '', $asked->drawnOn($layout)->elevation ?? 0.0, $layout),
            'north' => self::north($typed[self::NORTH] ?? ''),
            ...(isset($typed[self::ATTIC]) ? ['attic_area' => self::attic($typed[self::ATTIC], $layout)] : []),
        ]);
    }

    private static function grade(string $typed, float $floor, Layout $layout): ?float
    {
        return $typed === '' ? null : round($floor - SignedLength::read($typed, $layout, self::GROUND), 4);
    }

    /** The attic's area as it would be typed; empty: nobody said. */
    public static function atticTyped(Layout $layout): string
    {
        return $layout->atticArea === null ? '' : $layout->units->notation()->write(Amount::area($layout->atticArea));
    }

    /** What was left as it is shown, rounded, stays as it is. */
    private static function attic(string $typed, Layout $layout): ?float
    {
        if ($typed === '' || $typed === self::atticTyped($layout)) {
            return $typed === '' ? null : $layout->atticArea;
        }
        try {
            return (new AreaReader($layout->units))->read($typed)->number;
        } catch (UnreadableLength $e) {
            throw new RefusedValue(self::ATTIC, $e->getMessage());
        }
    }

    private static function north(string $typed): ?float
    {
        if ($typed === '') {
            return null;
        }
        if (!is_numeric($typed) || abs((float) $typed) > 360) {
            throw new RefusedValue(self::NORTH, __('Type degrees, from 0 to 360.'));
        }

        return 90.0 - (float) $typed;
    }
}
