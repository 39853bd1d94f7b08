<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\RefusedValue;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Layout;
use Heurema\Units\UnreadableLength;

/** How high the rails of the chosen stair are on either side as one climbs; `none` where there is none, nothing where nobody knows. */
final readonly class SetHandrails implements Act
{
    public const SIDES = ['left', 'right'];

    public const NONE = 'none';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $rails = [];
        foreach (self::SIDES as $side) {
            $typed = trim($asked->fields()[self::field($side)] ?? '');
            if ($typed !== '') {
                $rails[$side] = strtolower($typed) === self::NONE ? null : self::height($typed, $layout, self::field($side));
            }
        }

        return new ChangeValues($asked->select(), ['handrails' => $rails === [] ? null : $rails]);
    }

    public static function field(string $side): string
    {
        return "rail_{$side}";
    }

    private static function height(string $typed, Layout $layout, string $key): float
    {
        try {
            return $layout->lengths()->read($typed)->mm;
        } catch (UnreadableLength $e) {
            throw new RefusedValue($key, "{$e->getMessage()} Or type none.");
        }
    }
}
