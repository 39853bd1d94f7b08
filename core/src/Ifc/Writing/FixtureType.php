<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Layout\Words\FixtureKind;

/** Of what type a fixture is in the standard. */
final class FixtureType
{
    private const SANITARY = [
        'water_closet' => 'TOILETPAN', 'bidet' => 'BIDET', 'urinal' => 'URINAL', 'lavatory' => 'WASHHANDBASIN', 'vanity' => 'WASHHANDBASIN',
        'bath' => 'BATH', 'shower' => 'SHOWER', 'shower_bath' => 'BATH', 'sink' => 'SINK',
    ];
    private const APPLIANCES = [
        'range' => 'ELECTRICCOOKER', 'cooktop' => 'ELECTRICCOOKER', 'oven' => 'ELECTRICCOOKER', 'refrigerator' => 'REFRIGERATOR',
        'dishwasher' => 'DISHWASHER', 'washer' => 'WASHINGMACHINE', 'dryer' => 'TUMBLEDRYER',
    ];
    private const FURNITURE = [
        'bed' => 'BED', 'sofa' => 'SOFA', 'armchair' => 'CHAIR', 'chair' => 'CHAIR', 'table' => 'TABLE', 'desk' => 'DESK',
        'shelf' => 'SHELF',
    ];

    /** @return array{string, string} type and predefined type */
    public static function of(FixtureKind $kind): array
    {
        return match (true) {
            isset(self::SANITARY[$kind->value]) => ['IFCSANITARYTERMINAL', self::SANITARY[$kind->value]],
            isset(self::APPLIANCES[$kind->value]) => ['IFCELECTRICAPPLIANCE', self::APPLIANCES[$kind->value]],
            isset(self::FURNITURE[$kind->value]) => ['IFCFURNITURE', self::FURNITURE[$kind->value]],
            $kind === FixtureKind::Column => ['IFCCOLUMN', 'COLUMN'],
            $kind === FixtureKind::Lamp => ['IFCLIGHTFIXTURE', 'POINTSOURCE'],
            $kind === FixtureKind::Socket => ['IFCOUTLET', 'POWEROUTLET'],
            $kind === FixtureKind::Switch => ['IFCSWITCHINGDEVICE', 'TOGGLESWITCH'],
            $kind === FixtureKind::Radiator => ['IFCSPACEHEATER', 'RADIATOR'],
            $kind === FixtureKind::SmokeAlarm => ['IFCSENSOR', 'SMOKESENSOR'],
            $kind === FixtureKind::CoAlarm => ['IFCSENSOR', 'COSENSOR'],
            default => ['IFCFURNITURE', 'NOTDEFINED'],
        };
    }
}
