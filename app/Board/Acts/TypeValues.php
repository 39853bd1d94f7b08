<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\TypedValues;
use Heurema\Drafting\AgainstWalls;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\SetHeights;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Opening;
use Heurema\Spatial\Home;

/** What was typed into the fields of the chosen element. */
final readonly class TypeValues implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $id = $asked->select();
        $values = (new TypedValues($layout))->read((new Draft($layout))->find($id)->element, $asked->fields());

        return self::isHeights($layout, $id, $values)
            ? new SetHeights($id, $values['ceiling'] ?? null, $values['floor_thickness'] ?? null)
            : new ChangeValues(
                $id,
                [
                    ...$values,
                    ...self::outline($layout, $id, $values),
                    ...self::place($layout, $id, $values['width'] ?? null),
                    ...self::pier($layout, $id, $values, $asked->string('keeps')->value()),
                ],
            );
    }

    /**
     * With another width an opening keeps its middle, or the pier at one of its jambs.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, float>
     */
    private static function pier(Layout $layout, string $id, array $values, string $keeps): array
    {
        $opening = (new Draft($layout))->find($id)->element;
        $is = $values['width'] ?? null;
        if (
            !$opening instanceof Opening
            || $opening->width === null
            || !is_float($is)
            || isset($values['at'])
            || !in_array($keeps, ['from', 'to'], true)
        ) {
            return [];
        }
        $was = $opening->width;

        return ['at' => round($opening->at + ($keeps === 'from' ? $is - $was : $was - $is) / 2, 4)];
    }

    /**
     * A fixture's own outline is stretched with its width and depth.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function outline(Layout $layout, string $id, array $values): array
    {
        $fixture = (new Draft($layout))->find($id)->element;
        $isSized = array_intersect_key($values, ['width' => 0, 'depth' => 0]) !== [];
        if (!$fixture instanceof Fixture || $fixture->outline === null || !$isSized) {
            return [];
        }
        $size = static fn(string $key, ?float $was): ?float => is_float($values[$key] ?? null) ? $values[$key] : $was;
        $sized = $fixture->sized($size('width', $fixture->width), $size('depth', $fixture->depth), $fixture->height, $fixture->base);

        return ['outline' => $sized->toArray()['outline'] ?? null];
    }

    /**
     * A fixture in a corner stays in it with another width.
     *
     * @return array<string, mixed>
     */
    private static function place(Layout $layout, string $id, mixed $width): array
    {
        if (!is_float($width)) {
            return [];
        }
        foreach ((new Home($layout))->fixtures as $placed) {
            if ($placed->id() === $id && $placed->fixture->width !== $width) {
                return ['at' => (new AgainstWalls($placed->plan))->resized($placed, $width)->toArray()];
            }
        }

        return [];
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
