<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** What stands in a room or hangs on its walls. */
enum FixtureKind: string
{
    case WaterCloset = 'water_closet';
    case Bidet = 'bidet';
    case Urinal = 'urinal';
    case Lavatory = 'lavatory';
    /** A cabinet with one basin or several in its top. */
    case Vanity = 'vanity';
    case Bath = 'bath';
    case Shower = 'shower';
    case ShowerBath = 'shower_bath';
    case ShowerCurtain = 'shower_curtain';
    case Sink = 'sink';
    case Cooktop = 'cooktop';
    case Range = 'range';
    case Oven = 'oven';
    case Hood = 'hood';
    case Refrigerator = 'refrigerator';
    case Dishwasher = 'dishwasher';
    case Washer = 'washer';
    case Dryer = 'dryer';
    case BaseCabinet = 'base_cabinet';
    case WallCabinet = 'wall_cabinet';
    case TallCabinet = 'tall_cabinet';
    /** A strip that closes a gap between units, or between one and a wall. */
    case Filler = 'filler';
    case Counter = 'counter';
    case Island = 'island';
    case Bed = 'bed';
    case Wardrobe = 'wardrobe';
    case Sofa = 'sofa';
    case Armchair = 'armchair';
    case Table = 'table';
    case Chair = 'chair';
    case Desk = 'desk';
    case Shelf = 'shelf';
    case Television = 'television';
    case Nightstand = 'nightstand';
    case Lamp = 'lamp';
    case Column = 'column';
    case Duct = 'duct';
    case Radiator = 'radiator';
    case WaterHeater = 'water_heater';
    case GrabBar = 'grab_bar';
    case Mirror = 'mirror';
    case Switch = 'switch';
    case Socket = 'socket';
    case SmokeAlarm = 'smoke_alarm';
    case CoAlarm = 'co_alarm';
    /** An opening in the ceiling to what lies above it. */
    case CeilingAccess = 'ceiling_access';

    public const WITH_DOOR = [
        self::Oven, self::Range, self::Refrigerator, self::Dishwasher, self::Washer, self::Dryer, self::BaseCabinet, self::TallCabinet,
        self::Wardrobe, self::Shower, self::Vanity,
    ];
    /** What they are set in is cut out for them. */
    public const SET_IN_WORKTOPS = [self::Sink, self::Cooktop];
    public const CABINETS = [self::BaseCabinet, self::WallCabinet, self::TallCabinet];
    public const WITH_HINGE = [
        self::Oven, self::Refrigerator, self::Washer, self::Dryer, self::BaseCabinet, self::WallCabinet, self::TallCabinet, self::Wardrobe,
    ];
    public const WITH_RIM = [self::Lavatory, self::Vanity, self::Sink, self::Bath, self::ShowerBath, self::Bidet, self::Urinal];

    public function words(): string
    {
        return $this === self::CoAlarm ? Text::of('carbon monoxide alarm') : Text::word($this->value);
    }

    /** What its marks begin with: units and appliances of kitchens have one row of numbers (common practice, no source). */
    public function letters(): string
    {
        return match ($this) {
            self::WaterCloset => 'WC',
            self::Bidet => 'BI',
            self::Urinal => 'UR',
            self::Lavatory => 'L',
            self::Vanity => 'V',
            self::Bath, self::ShowerBath => 'B',
            self::Shower => 'SH',
            self::ShowerCurtain => 'SC',
            self::Sink, self::Cooktop, self::Range, self::Oven, self::Hood, self::Refrigerator, self::Dishwasher, self::BaseCabinet,
            self::WallCabinet, self::TallCabinet, self::Filler => 'K',
            self::Counter, self::Island => 'WT',
            self::Washer => 'WM',
            self::Dryer => 'DR',
            self::Bed => 'BD',
            self::Wardrobe => 'WR',
            self::Sofa => 'SF',
            self::Armchair => 'AC',
            self::Table => 'T',
            self::Chair => 'CH',
            self::Desk => 'DK',
            self::Shelf => 'SL',
            self::Television => 'TV',
            self::Nightstand => 'NS',
            self::Lamp => 'LT',
            self::Column => 'C',
            self::Duct => 'DU',
            self::Radiator => 'RD',
            self::WaterHeater => 'WH',
            self::GrabBar => 'GB',
            self::Mirror => 'M',
            self::Switch => 'SW',
            self::Socket => 'SO',
            self::SmokeAlarm => 'SA',
            self::CoAlarm => 'CO',
            self::CeilingAccess => 'CA',
        };
    }

    /** Does it hang on a wall or from the ceiling, so that its height is not known where nobody said? */
    public function hangs(): bool
    {
        return in_array($this, [
            self::Hood, self::WallCabinet, self::Mirror, self::Switch, self::Socket, self::SmokeAlarm, self::CoAlarm, self::Lamp,
            self::GrabBar, self::Television, self::ShowerCurtain, self::CeilingAccess,
        ], true);
    }
}
