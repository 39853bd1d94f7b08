<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Axis;
use Heurema\Layout\Block;
use Heurema\Layout\Fixture;
use Heurema\Layout\FloorVoid;
use Heurema\Layout\Guard;
use Heurema\Layout\JsonCursor;
use Heurema\Layout\Layout;
use Heurema\Layout\Note;
use Heurema\Layout\Opening;
use Heurema\Layout\Room;
use Heurema\Layout\Soffit;
use Heurema\Layout\Stair;
use Heurema\Layout\Storey;
use Heurema\Layout\SurveyDistance;
use Heurema\Layout\UnreadableLayout;
use Heurema\Layout\Wall;

/** The one way to write an entry: as the document would after reading it. So equal entries are equal arrays. */
final class Canonical
{
    /**
     * @param string|null          $list   null: the document's own fields
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed> the values as they are where they cannot be read; reading the whole layout will say why
     */
    public static function entry(?string $list, array $values): array
    {
        try {
            return self::read($list, new JsonCursor(json_decode(json_encode($values, JSON_THROW_ON_ERROR), false, 32, JSON_THROW_ON_ERROR)));
        } catch (UnreadableLayout|\JsonException) {
            return $values;
        }
    }

    /** @return array<string, mixed> */
    private static function read(?string $list, JsonCursor $place): array
    {
        return match ($list) {
            'walls' => Wall::read($place)->toArray(),
            'openings' => Opening::read($place)->toArray(),
            'rooms' => Room::read($place)->toArray(),
            'fixtures' => Fixture::read($place)->toArray(),
            'voids' => FloorVoid::read($place)->toArray(),
            'soffits' => Soffit::read($place)->toArray(),
            'guards' => Guard::read($place)->toArray(),
            'notes' => Note::read($place)->toArray(),
            'blocks' => Block::read($place)->toArray(),
            'stairs' => Stair::read($place)->toArray(),
            'survey' => SurveyDistance::read($place)->toArray(),
            'axes' => Axis::read($place)->toArray(),
            'storeys' => array_diff_key(Storey::read($place)->toArray(), array_flip(Draft::STOREY_LISTS)),
            default => array_diff_key(Layout::fields($place), array_flip(Draft::DOCUMENT_LISTS)),
        };
    }
}
