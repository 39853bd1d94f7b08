<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** What a room is for. */
enum RoomUse: string
{
    case Bedroom = 'bedroom';
    case Living = 'living';
    case Dining = 'dining';
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
}
