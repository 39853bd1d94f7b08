<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use App\Board\Fields;
use App\Board\TypedValues;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Element;
use Heurema\Layout\Layout;

/** One value for all that is chosen, or the values of one like them. */
final readonly class SetValues implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $draft = new Draft($layout);
        $like = $asked->string('like')->value();
        $typed = $like === ''
            ? array_filter($asked->fields(), static fn(string $text): bool => trim($text) !== '')
            : self::of($draft->find($like)->element, $layout);
        $edits = [];
        foreach ($asked->several() as $id) {
            $values = (new TypedValues($layout))->read($draft->find($id)->element, $typed);
            if ($values !== []) {
                $edits[] = new ChangeValues($id, $values);
            }
        }

        return $edits === []
            ? throw new RefusedEdit(__('None of them is changed by that.'))
            : new EditGroup($edits, __(':count elements set', ['count' => count($edits)]));
    }

    /** @return array<string, string> what several can share, as it would be typed */
    private static function of(Element $like, Layout $layout): array
    {
        $values = [];
        foreach (Fields::shared($like) as $field) {
            $values[$field->key] = (new TypedValues($layout))->write($like, $field);
        }

        return array_filter($values, static fn(string $text): bool => $text !== '');
    }
}
