<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;
use Heurema\Spatial\Subject\SubjectType;

/** What is listed together. */
enum ScheduleKind: string
{
    case Rooms = 'rooms';
    case Doors = 'doors';
    case Windows = 'windows';
    case Fixtures = 'fixtures';
    case Stairs = 'stairs';
    case Ramps = 'ramps';
    case Finishes = 'finishes';
    case Areas = 'areas';

    public function words(): string
    {
        return Text::word($this->value);
    }

    public function subject(): SubjectType
    {
        return match ($this) {
            self::Finishes => SubjectType::Room,
            self::Areas => SubjectType::Storey,
            default => SubjectType::from(rtrim($this->value, 's')),
        };
    }

    /** What one row of it is. */
    public function row(): string
    {
        return Text::capital(Text::word($this->subject()->value));
    }

    /** @return array<string, string> measures by what the column is called */
    public function columns(): array
    {
        return match ($this) {
            self::Rooms => [
                Text::of('Use') => 'room.use',
                Text::of('Area') => 'room.floor_area',
                Text::of('Least width') => 'room.least_width',
                Text::of('Ceiling') => 'room.ceiling_height',
                Text::of('Glass') => 'room.glass_area',
                Text::of('Air') => 'room.vent_area',
            ],
            self::Doors => [
                Text::of('Between') => 'door.leads',
                Text::of('Opens as') => 'door.operation',
                Text::of('Width') => 'door.width',
                Text::of('Clear width') => 'door.clear_width',
                Text::of('Clear height') => 'door.clear_height',
                Text::of('Fire minutes') => 'door.fire_minutes',
            ],
            self::Windows => [
                Text::of('Room') => 'window.room_use',
                Text::of('Opens as') => 'window.operation',
                Text::of('Glass') => 'window.glass_area',
                Text::of('Clear width') => 'window.clear_width',
                Text::of('Clear height') => 'window.clear_height',
                Text::of('Clear area') => 'window.clear_area',
                Text::of('Clear sill') => 'window.clear_sill',
            ],
            self::Fixtures => [
                Text::of('Kind') => 'fixture.kind',
                Text::of('Room') => 'fixture.room_use',
                Text::of('Width') => 'fixture.width',
                Text::of('Depth') => 'fixture.depth',
                Text::of('Beside it') => 'fixture.side_clearance',
                Text::of('Before it') => 'fixture.front_clearance',
            ],
            self::Ramps => [
                Text::of('Slope') => 'ramp.slope',
                Text::of('Rise of a run') => 'ramp.run_rise',
                Text::of('Rise') => 'ramp.total_rise',
                Text::of('Clear width') => 'ramp.width',
                Text::of('Landing') => 'ramp.landing',
            ],
            self::Finishes => [
                Text::of('Floor') => 'room.floor_finish',
                Text::of('Thickness') => 'room.floor_finish_thickness',
                Text::of('Floor area') => 'room.floor_area',
                Text::of('Walls') => 'room.wall_area',
                Text::of('Tiles up to') => 'room.tile_height',
                Text::of('Tiles') => 'room.tiled_area',
                Text::of('Skirting') => 'room.skirting',
            ],
            self::Areas => [
                Text::of('Rooms') => 'storey.room_area',
                Text::of('Circulation') => 'storey.circulation_area',
                Text::of('Walls') => 'storey.wall_area',
                Text::of('Inside') => 'storey.internal_area',
                Text::of('Outside') => 'storey.gross_area',
                Text::of('Openings in the floor') => 'storey.opening_area',
            ],
            self::Stairs => [
                Text::of('Risers') => 'stair.risers',
                Text::of('Riser') => 'stair.riser',
                Text::of('Tread') => 'stair.tread',
                Text::of('Width') => 'stair.width',
                Text::of('Headroom') => 'stair.headroom',
                Text::of('Pitch') => 'stair.pitch',
            ],
        };
    }
}
