<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Layout\Words\FixtureGroup;
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

    public function words(): string
    {
        return match ($this) {
            self::Furniture => __('furniture'),
            self::Areas => __('areas of rooms'),
            self::Swings => __('swings of doors'),
            self::Structure => __('columns and axes'),
            self::Electrical => __('lights, switches, sockets, alarms'),
            self::Dimensions => __('dimensions'),
            self::Marks => __('marks'),
            self::Levels => __('levels and slopes'),
        };
    }

    /** The layer that a kind of fixture is hidden with; null: none. */
    public static function of(FixtureKind $kind): ?self
    {
        return match ($kind) {
            FixtureKind::Column => self::Structure,
            FixtureKind::Lamp => self::Electrical,
            default => match (FixtureGroup::of($kind)) {
                FixtureGroup::Electrical, FixtureGroup::Safety => self::Electrical,
                FixtureGroup::Furniture => self::Furniture,
                default => null,
            },
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
