<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\SurveyRole;
use Heurema\Layout\Words\WallSide;
use Heurema\Layout\Words\WallType;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Units\ExpectedLength;

/** Which values of an element the board offers, in the order in which they are thought of. */
final class Fields
{
    /** @return list<Field> */
    public static function of(DraftElement $entry): array
    {
        return match ($entry->list) {
            'walls' => self::ofWalls(),
            'openings' => self::ofOpenings(is_string($entry->values['kind'] ?? null) ? $entry->values['kind'] : '', $entry->values['operation'] ?? null),
            'rooms' => self::ofRooms(),
            'fixtures' => self::ofFixtures($entry),
            'stairs' => [Field::text('name', 'Name'), Field::length('width', 'Width', ExpectedLength::StairWidth), Field::length('nosing', 'Nosing'), Field::length('rise', 'Rise'), Field::yesNo('open_risers', 'Open risers')],
            'storeys' => [Field::text('name', 'Name'), Field::length('ceiling', 'Ceiling height', ExpectedLength::CeilingHeight), Field::length('floor_thickness', 'Floor thickness')],
            'axes' => [Field::text('name', 'Letter or number')],
            'blocks' => [Field::text('name', 'Name'), Field::choice('use', 'Use', RoomUse::class)],
            'guards' => [Field::length('height', 'Height'), Field::length('largest_gap', 'Largest gap'), Field::yesNo('climbable', 'Climbable')],
            'soffits' => [Field::length('underside', 'Underside above floor')],
            'notes' => [Field::text('text', 'Text')],
            'survey' => [Field::length('measured', 'Taped', null, true), Field::text('group', 'Chain', false), Field::choice('role', 'It is', SurveyRole::class)],
            default => [],
        };
    }

    /** What is of one element alone. */
    private const OWN = ['at', 'name', 'facing', 'hinge', 'opens', 'text', 'group', 'measured'];

    /** @return list<Field> those that several elements can have the same value of */
    public static function shared(DraftElement $entry): array
    {
        return array_values(array_filter(self::of($entry), static fn(Field $field): bool => !in_array($field->key, self::OWN, true)));
    }

    /** @return list<Field> */
    private static function ofWalls(): array
    {
        return [
            Field::choice('type', 'Type', WallType::class, true),
            Field::length('thickness', 'Thickness', ExpectedLength::WallThickness, true),
            Field::length('height', 'Height, if low'),
            Field::choice('status', 'Status', Status::class, true, Status::New->value),
        ];
    }

    /** @return list<Field> */
    private static function ofOpenings(string $kind, mixed $operation): array
    {
        $isWindow = $kind === 'window';
        $measured = [Field::length('clear_width', 'Clear width, if measured'), Field::length('clear_height', 'Clear height, if measured'), Field::length('trim', 'Casing')];
        $sizes = [
            Field::length('width', 'Width', $isWindow ? ExpectedLength::WindowWidth : ExpectedLength::DoorWidth),
            Field::length('height', 'Height', $isWindow ? ExpectedLength::WindowHeight : ExpectedLength::DoorHeight),
            Field::length('at', 'Middle, from the wall’s start', null, true),
        ];

        return match ($kind) {
            'window' => [Field::choice('operation', 'Opens as', WindowOperation::class), ...$sizes, Field::length('sill', 'Sill', ExpectedLength::Sill), Field::length('frame', 'Frame', ExpectedLength::Frame), Field::yesNo('safety_glass', 'Safety glass'), Field::yesNo('opening_limiter', 'Opening limiter'), ...$measured, Field::choice('status', 'Status', Status::class, true, Status::New->value)],
            'door' => [Field::choice('operation', 'Opens as', DoorOperation::class), ...$sizes, Field::choice('hinge', 'Hinge', HingeEnd::class), Field::choice('opens', 'Swings', WallSide::class), Field::length('threshold', 'Threshold'), Field::length('leaf_thickness', 'Leaf thickness'), Field::yesNo('glazed', 'Glazed'), Field::yesNo('safety_glass', 'Safety glass'), Field::yesNo('self_closing', 'Closes by itself'), Field::number('fire_minutes', 'Fire rating, minutes'), ...($operation === 'folding' ? [Field::number('leaves', 'Leaves')] : []), ...$measured, Field::choice('status', 'Status', Status::class, true, Status::New->value)],
            default => [...$sizes, ...$measured, Field::choice('status', 'Status', Status::class, true, Status::New->value)],
        };
    }

    /** @return list<Field> */
    private static function ofRooms(): array
    {
        return [
            Field::text('name', 'Name'),
            Field::choice('use', 'Use', RoomUse::class),
            Field::length('ceiling', 'Ceiling, if other', ExpectedLength::CeilingHeight),
            Field::yesNo('lit', 'Artificial light'),
            Field::yesNo('exhaust', 'Exhaust to outside'),
            Field::yesNo('wet', 'Wet'),
            Field::length('tile_height', 'Tiles up to'),
            Field::number('bedspaces', 'Bed spaces'),
            Field::text('floor_finish', 'Floor finish', false),
        ];
    }

    /** What only some kinds of things have. */
    private const OF_KINDS = [
        'rim' => ['lavatory', 'sink', 'bath', 'shower_bath', 'bidet', 'urinal'],
        'seat' => ['water_closet'],
        'entry' => ['shower'],
        'hob' => ['shower'],
        'shower_head' => ['bath', 'shower_bath'],
    ];

    /** @return list<Field> those of its kind, and those that it has a value of */
    private static function ofFixtures(DraftElement $entry): array
    {
        $own = [
            Field::length('rim', 'Rim above floor'),
            Field::length('seat', 'Seat above floor'),
            Field::length('entry', 'Entry'),
            Field::length('hob', 'Kerb'),
            Field::yesNo('shower_head', 'Shower head'),
        ];

        return [
            Field::length('width', 'Width', ExpectedLength::Counter),
            Field::length('depth', 'Depth'),
            Field::length('height', 'Height'),
            Field::length('base', 'Underside above floor'),
            ...array_values(array_filter($own, static fn(Field $field): bool => in_array($entry->values['kind'] ?? '', self::OF_KINDS[$field->key], true) || isset($entry->values[$field->key]))),
            Field::number('facing', 'Facing, degrees', true),
            Field::choice('status', 'Status', Status::class, true, Status::New->value),
        ];
    }
}
