<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** What a room is for. */
enum RoomUse: string
{
    case Bedroom = 'bedroom';
    case Living = 'living';
    case Dining = 'dining';
    case LivingDining = 'living_dining';
    /** The one room of a studio. */
    case BedLiving = 'bed_living';
    case Kitchen = 'kitchen';
    case KitchenDining = 'kitchen_dining';
    case KitchenLiving = 'kitchen_living';
    case Study = 'study';
    case Bathroom = 'bathroom';
    case ShowerRoom = 'shower_room';
    case Powder = 'powder';
    case Wc = 'wc';
    case Laundry = 'laundry';
    case Utility = 'utility';
    case Hall = 'hall';
    case Entry = 'entry';
    case Stair = 'stair';
    case Closet = 'closet';
    case WalkInCloset = 'walk_in_closet';
    case Storage = 'storage';
    case Pantry = 'pantry';
    case Garage = 'garage';
    case Balcony = 'balcony';
    case Porch = 'porch';
    case Terrace = 'terrace';
    case Shaft = 'shaft';
    case Plant = 'plant';
    case Other = 'other';

    public function words(): string
    {
        return Text::word($this->value);
    }

    /** What is asked of either is asked of both. */
    private const BOTH = [
        'living_dining' => [self::Living, self::Dining],
        'bed_living' => [self::Bedroom, self::Living],
    ];

    /** Is it used as one of these, among other uses? */
    public function isAmong(self ...$uses): bool
    {
        return array_filter([$this, ...self::BOTH[$this->value] ?? []], static fn(self $one): bool => in_array($one, $uses, true)) !== [];
    }

    /** Is a room of one use also of another, both as words? Of other words: are they the same? */
    public static function isSame(string $word, string $other): bool
    {
        [$use, $asked] = [self::tryFrom($word), self::tryFrom($other)];

        return $use !== null && $asked !== null ? $use->isAmong($asked) || $asked->isAmong($use) : $word === $other;
    }
}
