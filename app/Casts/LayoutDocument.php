<?php

declare(strict_types=1);

namespace App\Casts;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A layout in a column, as the document it is.
 *
 * @implements CastsAttributes<Layout, Layout>
 */
final class LayoutDocument implements CastsAttributes
{
    /** @var \WeakMap<Layout, string>|null as it was last written: Eloquent asks for it again with every attribute that is read */
    private static ?\WeakMap $written = null;

    /** @param array<string, mixed> $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Layout
    {
        return (new LayoutReader())->read(is_string($value) ? $value : '');
    }

    /** @param array<string, mixed> $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $layout = $value ?? throw new \LogicException('A revision without its layout.');
        self::$written ??= new \WeakMap();

        return self::$written[$layout] ??= (new LayoutWriter())->write($layout);
    }
}
