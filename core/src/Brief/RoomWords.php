<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Layout\Words\RoomUse;

/** What people call the rooms of a home. */
final class RoomWords
{
    /** By use, what is said beside the use's own word. */
    private const OTHERWISE = [
        'living' => ['living room', 'sitting room', 'lounge'],
        'dining' => ['dining room'],
        'living_dining' => ['living and dining room', 'living-dining room'],
        'bed_living' => ['studio room', 'bed-living room', 'room of a studio'],
        'kitchen_dining' => ['kitchen-dining room', 'kitchen and dining room', 'dining kitchen'],
        'kitchen_living' => ['kitchen-living room', 'kitchen and living room'],
        'study' => ['home office', 'office'],
        'bathroom' => ['bath room'],
        'powder' => ['powder room', 'half bath'],
        'wc' => ['toilet room', 'cloakroom'],
        'laundry' => ['laundry room'],
        'utility' => ['utility room'],
        'hall' => ['corridor', 'hallway', 'landing'],
        'entry' => ['entrance', 'entrance hall', 'entry hall', 'foyer', 'vestibule'],
        'walk_in_closet' => ['walk-in closet', 'walk-in wardrobe', 'dressing room'],
        'storage' => ['storage room', 'store room'],
        'plant' => ['plant room', 'boiler room'],
        'other' => ['other room'],
    ];

    /** Of these the first of the other words is the usual one. */
    private const CALLED_OTHERWISE = [
        'living', 'dining', 'living_dining', 'bed_living', 'kitchen_dining', 'kitchen_living', 'powder', 'wc', 'laundry', 'utility',
        'walk_in_closet', 'storage', 'plant', 'other',
    ];

    /** @return non-empty-array<string, RoomUse> in the singular and the plural, in small letters */
    public static function all(): array
    {
        $words = [];
        foreach (RoomUse::cases() as $use) {
            foreach ([str_replace('_', ' ', $use->value), ...self::OTHERWISE[$use->value] ?? []] as $word) {
                $words[$word] = $words[Plural::of($word)] = $use;
            }
        }

        return $words;
    }

    /** What the rooms of a use are called: `living room`, `bedroom`. */
    public static function of(RoomUse $use): string
    {
        return in_array($use->value, self::CALLED_OTHERWISE, true)
            ? self::OTHERWISE[$use->value][0]
            : str_replace('_', ' ', $use->value);
    }

    /** One of them: `a kitchen`, `an entry`. */
    public static function one(RoomUse $use): string
    {
        return (in_array($use, [RoomUse::Entry, RoomUse::Other], true) ? 'an ' : 'a ').self::of($use);
    }

    public static function plural(RoomUse $use): string
    {
        return Plural::of(self::of($use));
    }

    /** As it is read back, in the language that is spoken: `living room`. */
    public static function said(RoomUse $use): string
    {
        return Text::of(self::of($use));
    }

    /** `a kitchen` */
    public static function saidOne(RoomUse $use): string
    {
        return Text::of(self::one($use));
    }

    /** `kitchens` */
    public static function saidPlural(RoomUse $use): string
    {
        return Text::of(self::plural($use));
    }

    /** @return array<string, string> to choose from, by use */
    public static function choices(): array
    {
        $uses = RoomUse::cases();

        return array_combine(array_column($uses, 'value'), array_map(self::said(...), $uses));
    }
}
