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
        return array_combine(array_map(Text::of(...), array_keys($this->measures())), $this->measures());
    }

    /** @return array<string, string> */
    private function measures(): array
    {
        return match ($this) {
            self::Rooms => [
                'Use' => 'room.use', 'Area' => 'room.floor_area', 'Least width' => 'room.least_width', 'Ceiling' => 'room.ceiling_height',
                'Glass' => 'room.glass_area', 'Air' => 'room.vent_area',
            ],
            self::Doors => [
                'Between' => 'door.leads', 'Opens as' => 'door.operation', 'Width' => 'door.width', 'Clear width' => 'door.clear_width',
                'Clear height' => 'door.clear_height', 'Fire minutes' => 'door.fire_minutes',
            ],
            self::Windows => [
                'Room' => 'window.room_use', 'Opens as' => 'window.operation', 'Glass' => 'window.glass_area',
                'Clear width' => 'window.clear_width', 'Clear height' => 'window.clear_height', 'Clear area' => 'window.clear_area',
                'Clear sill' => 'window.clear_sill',
            ],
            self::Fixtures => [
                'Kind' => 'fixture.kind', 'Room' => 'fixture.room_use', 'Width' => 'fixture.width', 'Depth' => 'fixture.depth',
                'Beside it' => 'fixture.side_clearance', 'Before it' => 'fixture.front_clearance',
            ],
            self::Ramps => [
                'Slope' => 'ramp.slope', 'Rise of a run' => 'ramp.run_rise', 'Rise' => 'ramp.total_rise', 'Clear width' => 'ramp.width',
                'Landing' => 'ramp.landing',
            ],
            self::Finishes => [
                'Floor' => 'room.floor_finish', 'Thickness' => 'room.floor_finish_thickness', 'Floor area' => 'room.floor_area',
                'Walls' => 'room.wall_area', 'Tiles up to' => 'room.tile_height', 'Tiles' => 'room.tiled_area',
                'Skirting' => 'room.skirting',
            ],
            self::Areas => [
                'Rooms' => 'storey.room_area', 'Circulation' => 'storey.circulation_area', 'Walls' => 'storey.wall_area',
                'Inside' => 'storey.internal_area', 'Outside' => 'storey.gross_area', 'Openings in the floor' => 'storey.opening_area',
            ],
            self::Stairs => [
                'Risers' => 'stair.risers', 'Riser' => 'stair.riser', 'Tread' => 'stair.tread', 'Width' => 'stair.width',
                'Headroom' => 'stair.headroom', 'Pitch' => 'stair.pitch',
            ],
        };
    }
}
