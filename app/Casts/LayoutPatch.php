<?php

declare(strict_types=1);

namespace App\Casts;

use Heurema\Layout\Edit\Patch;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * What an edit did, in a column.
 *
 * @implements CastsAttributes<Patch, Patch>
 */
final class LayoutPatch implements CastsAttributes
{
    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Patch
    {
        return Patch::fromJson(is_string($value) ? $value : '');
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return ($value ?? throw new \LogicException('An edit without its patch.'))->toJson();
    }
}
