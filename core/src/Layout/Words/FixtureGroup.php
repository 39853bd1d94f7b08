<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** Kinds of fixtures, as those who build know where to look for them (common practice, no source). */
enum FixtureGroup: string
{
    case Sanitary = 'Sanitary';
    case Kitchen = 'Kitchen';
    case Laundry = 'Laundry';
    case Furniture = 'Furniture';
    case Heating = 'Heating and air';
    case Safety = 'Safety';
    case Electrical = 'Electrical';
    case Structure = 'Structure';

    public function words(): string
    {
        return Text::word($this->value);
    }

    /** @return non-empty-list<FixtureKind> in the order in which they are listed */
    public function kinds(): array
    {
        return match ($this) {
            self::Sanitary => [
                FixtureKind::WaterCloset, FixtureKind::Lavatory, FixtureKind::Vanity, FixtureKind::Bath, FixtureKind::Shower,
                FixtureKind::ShowerBath, FixtureKind::ShowerCurtain, FixtureKind::Bidet, FixtureKind::Urinal, FixtureKind::GrabBar,
                FixtureKind::Mirror,
            ],
            self::Kitchen => [
                FixtureKind::Sink, FixtureKind::Range, FixtureKind::Cooktop, FixtureKind::Oven, FixtureKind::Hood,
                FixtureKind::Refrigerator, FixtureKind::Dishwasher, FixtureKind::BaseCabinet, FixtureKind::WallCabinet,
                FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Counter, FixtureKind::Island,
            ],
            self::Laundry => [FixtureKind::Washer, FixtureKind::Dryer],
            self::Furniture => [
                FixtureKind::Bed, FixtureKind::Nightstand, FixtureKind::Wardrobe, FixtureKind::Sofa, FixtureKind::Armchair,
                FixtureKind::Table, FixtureKind::Chair, FixtureKind::Desk, FixtureKind::Shelf, FixtureKind::Television, FixtureKind::Lamp,
            ],
            self::Heating => [FixtureKind::Radiator, FixtureKind::WaterHeater, FixtureKind::Duct],
            self::Safety => [FixtureKind::SmokeAlarm, FixtureKind::CoAlarm],
            self::Electrical => [FixtureKind::Switch, FixtureKind::Socket],
            self::Structure => [FixtureKind::Column, FixtureKind::CeilingAccess],
        };
    }

    public static function of(FixtureKind $kind): self
    {
        foreach (self::cases() as $group) {
            if (in_array($kind, $group->kinds(), true)) {
                return $group;
            }
        }

        throw new \LogicException("{$kind->value} is in no group.");
    }
}
