<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\LengthField;
use App\Board\RefusedValue;
use Heurema\Layout\Backing;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;
use Heurema\Layout\Wall;

/** Where the chosen wall is made to hold bars: `500, 1500, 700, 950; …`, from and to along it, then from and to above the floor. */
final readonly class SetBacking implements Act
{
    public const FIELD = 'backing';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $wall = (new Draft($layout))->get($asked->select(), Wall::class);
        $typed = array_filter(
            array_map(trim(...), explode(';', $asked->fields()[self::FIELD] ?? '')),
            static fn(string $one): bool => $one !== '',
        );

        return new ChangeValues($asked->select(), [
            'backing' => array_map(static fn(string $one): array => self::read($one, $wall, $layout), array_values($typed)),
        ]);
    }

    public static function written(Wall $wall, Layout $layout): string
    {
        return implode('; ', array_map(static fn(Backing $one): string => implode(', ', array_map(
            static fn(float $length): string => LengthField::write($length, $layout),
            [$one->from, $one->to, $one->bottom, $one->top],
        )), $wall->backing));
    }

    /** @return array<string, float> */
    private static function read(string $typed, Wall $wall, Layout $layout): array
    {
        $parts = explode(',', $typed);
        if (count($parts) !== 4) {
            throw new RefusedValue(self::FIELD, __('Type four lengths with commas between them: :typed', ['typed' => $typed]));
        }
        [$from, $to, $bottom, $top] = array_map(static fn(string $part): float => LengthField::read($part, $layout, self::FIELD), $parts);
        if ($from >= $to || $bottom >= $top) {
            throw new RefusedValue(self::FIELD, __('It begins before it ends, and below its top: :typed', ['typed' => $typed]));
        }
        if ($to > $wall->line()->length()) {
            throw new RefusedValue(self::FIELD, __('The wall is not so long: :typed', ['typed' => $typed]));
        }

        return ['from' => $from, 'to' => $to, 'bottom' => $bottom, 'top' => $top];
    }
}
