<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Layout\Words\FixtureKind;

/** What of a plan can be hidden by itself. */
enum PlanLayer: string
{
    case Furniture = 'furniture';
    case Areas = 'areas';
    case Swings = 'swings';
    case Structure = 'structure';
    case Electrical = 'electrical';
    case Dimensions = 'dimensions';
    case Marks = 'marks';
    case Levels = 'levels';

    private const ELECTRICAL = [
        FixtureKind::Lamp, FixtureKind::Switch, FixtureKind::Socket, FixtureKind::SmokeAlarm, FixtureKind::CoAlarm,
    ];

    /** What stands on the floor and goes along with those who move out. */
    private const FURNITURE = [
        FixtureKind::Bed, FixtureKind::Sofa, FixtureKind::Table, FixtureKind::Chair, FixtureKind::Armchair, FixtureKind::Desk,
        FixtureKind::Wardrobe, FixtureKind::Shelf,
    ];

    public function words(): string
    {
        return match ($this) {
            self::Furniture => 'furniture',
            self::Areas => 'areas of rooms',
            self::Swings => 'swings of doors',
            self::Structure => 'columns and axes',
            self::Electrical => 'lights, switches, sockets, alarms',
            self::Dimensions => 'dimensions',
            self::Marks => 'marks',
            self::Levels => 'levels and slopes',
        };
    }

    /** The layer that a kind of fixture is hidden with; null: none. */
    public static function of(FixtureKind $kind): ?self
    {
        return match (true) {
            $kind === FixtureKind::Column => self::Structure,
            in_array($kind, self::ELECTRICAL, true) => self::Electrical,
            in_array($kind, self::FURNITURE, true) => self::Furniture,
            default => null,
        };
    }

    /**
     * @param list<self> $shown
     *
     * @return list<self> the others
     */
    public static function without(array $shown): array
    {
        return array_values(array_filter(self::cases(), static fn(self $layer): bool => !in_array($layer, $shown, true)));
    }

    /**
     * @param mixed $words as they are kept or sent; what is none is left out
     *
     * @return list<self>
     */
    public static function among(mixed $words): array
    {
        $found = array_map(
            static fn(mixed $word): ?self => is_string($word) ? self::tryFrom($word) : null,
            is_array($words) ? $words : [],
        );

        return array_values(array_unique(array_filter($found), SORT_REGULAR));
    }
}
