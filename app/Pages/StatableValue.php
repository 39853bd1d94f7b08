<?php

declare(strict_types=1);

namespace App\Pages;

use App\Board\Field;
use App\Board\Fields;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Review\MissingWords;

/** A value that a finding lacks and that can be typed. */
final readonly class StatableValue
{
    private function __construct(public string $element, public Field $field) {}

    /**
     * @param list<string> $missing as findings name it, `un1.operation` or `r1.ceiling or G.ceiling`
     *
     * @return list<self>
     */
    public static function among(array $missing, Layout $layout): array
    {
        $found = [];
        foreach ($missing as $words) {
            foreach (MissingWords::alternatives($words) as $name) {
                [$element, $key] = [...explode('.', $name, 2), ''];
                try {
                    $fields = $key === '' ? [] : Fields::of((new Draft($layout))->find($element)->element);
                } catch (RefusedEdit) {
                    continue;
                }
                foreach ($fields as $field) {
                    if ($field->key === $key) {
                        $found[] = new self($element, $field);
                    }
                }
            }
        }

        return $found;
    }
}
