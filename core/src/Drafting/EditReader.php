<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeDocument;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\JoinWalls;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\Edit\SetHeights;
use Heurema\Layout\Edit\SplitWall;
use Heurema\Layout\ElementList;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\UnreadableLayout;

/**
 * Reads edits as they are sent: `{"edit": "move_wall", "id": "w5", "left": 200}`.
 *
 * | edit | keys |
 * |---|---|
 * | add | storey (left out for lists of the document), list, values, position (optional) |
 * | change | id, values (null takes a key away) |
 * | document | values |
 * | remove | ids |
 * | move | ids, by [x, y] |
 * | move_wall | id, and left or by [x, y], in_line (optional: follow, stay) |
 * | split_wall | id, at, new_id |
 * | join_walls | first, second |
 * | heights | storey, ceiling (optional), floor_thickness (optional) |
 * | together | edits, words |
 */
final class EditReader
{
    private const MOST = 1000;

    /** @throws UnreadableLayout with the place of what is wrong */
    public function read(string $json): Edit
    {
        try {
            return $this->edit(new JsonCursor(json_decode($json, false, 32, JSON_THROW_ON_ERROR)));
        } catch (\JsonException $e) {
            throw new UnreadableLayout('', 'expected JSON ('.Text::small($e->getMessage()).')');
        }
    }

    private function edit(JsonCursor $place): Edit
    {
        return match ($place->get('edit')->text()) {
            'add' => $this->add($place->object(['edit', 'storey', 'list', 'values', 'position'])),
            'change' => new ChangeValues(
                $place->object(['edit', 'id', 'values'])->get('id')->identifier(),
                self::values($place->get('values')),
            ),
            'document' => new ChangeDocument(self::values($place->object(['edit', 'values'])->get('values'))),
            'remove' => new Remove(self::ids($place->object(['edit', 'ids'])->get('ids'))),
            'move' => new Move(self::ids($place->object(['edit', 'ids', 'by'])->get('ids')), $place->get('by')->point()),
            'move_wall' => new MoveWall(
                $place->object(['edit', 'id', 'left', 'by', 'in_line'])->get('id')->identifier(),
                $place->optional('by')?->point() ?? $place->get('left')->elevation(),
                $place->optional('in_line')?->word(CollinearWalls::class),
            ),
            'split_wall' => new SplitWall(
                $place->object(['edit', 'id', 'at', 'new_id'])->get('id')->identifier(),
                $place->get('at')->length(),
                $place->get('new_id')->identifier(),
            ),
            'join_walls' => new JoinWalls(
                $place->object(['edit', 'first', 'second'])->get('first')->identifier(),
                $place->get('second')->identifier(),
            ),
            'heights' => $this->heights($place->object(['edit', 'storey', 'ceiling', 'floor_thickness'])),
            'together' => new EditGroup(
                array_map($this->edit(...), $place->object(['edit', 'edits', 'words'])->get('edits')->items(self::MOST)),
                $place->get('words')->text(),
            ),
            default => throw $place->get('edit')->refuse(
                Text::of('expected one of add, change, document, remove, move, move_wall, split_wall, join_walls, heights, together'),
            ),
        };
    }

    private function add(JsonCursor $place): Add
    {
        return Add::of(
            $place->optional('storey')?->identifier(),
            $place->get('list')->word(ElementList::class),
            self::values($place->get('values')),
            $place->optional('position')?->integer(0, 20_000),
        );
    }

    private function heights(JsonCursor $place): SetHeights
    {
        return new SetHeights(
            $place->get('storey')->identifier(),
            $place->optional('ceiling')?->size(),
            $place->optional('floor_thickness')?->length(),
        );
    }

    /** @return list<string> */
    private static function ids(JsonCursor $place): array
    {
        return array_map(static fn(JsonCursor $id): string => $id->identifier(), $place->items(self::MOST));
    }

    /**
     * The values as the document's arrays; what they may be is checked when the edited layout is read.
     *
     * @return array<string, mixed>
     */
    private static function values(JsonCursor $place): array
    {
        if (!$place->isObject()) {
            throw $place->refuse(Text::of('expected an object'));
        }
        /** @var array<string, mixed> $values */
        $values = json_decode(json_encode($place->raw(), JSON_THROW_ON_ERROR), true, 32, JSON_THROW_ON_ERROR);

        return $values;
    }
}
