<?php

declare(strict_types=1);

namespace App\Drawing;

/** What a plan shows. */
enum PlanLayers: string
{
    case Complete = 'complete';

    /** Walls, openings and dimensions alone. */
    case Dimensions = 'dimensions';

    /** What stands in the rooms, without dimensions. */
    case Furniture = 'furniture';

    /** What stands in the rooms, without their names: a kitchen with its marks. */
    case Kitchen = 'kitchen';

    /** What hangs from the ceiling: lights, alarms, soffits, slopes and heights. */
    case Ceiling = 'ceiling';

    public function words(): string
    {
        return match ($this) {
            self::Complete => __('everything'),
            self::Dimensions => __('dimensions alone'),
            self::Furniture => __('furniture, no dimensions'),
            self::Kitchen => __('units, no names of rooms'),
            self::Ceiling => __('ceiling, lights and alarms'),
        };
    }

    /** What follows on the name of the storey. */
    public function suffix(): string
    {
        return match ($this) {
            self::Complete => '',
            self::Dimensions => ', dimensions',
            self::Furniture => ', furniture',
            self::Kitchen => ', units',
            self::Ceiling => ', ceiling',
        };
    }

    public function hasDimensions(): bool
    {
        return $this === self::Complete || $this === self::Dimensions;
    }

    public function shows(string $layer): bool
    {
        return match ($this) {
            self::Complete => true,
            self::Dimensions => in_array(
                $layer,
                ['rooms', 'axes', 'sections', 'walls', 'columns', 'openings', 'stairs', 'dimensions', 'element-marks'],
                true,
            ),
            self::Furniture => !in_array($layer, ['dimensions', 'axes', 'sections'], true),
            self::Kitchen => !in_array($layer, ['dimensions', 'axes', 'sections', 'labels', 'element-marks'], true),
            self::Ceiling => in_array($layer, ['rooms', 'walls', 'columns', 'openings', 'fixtures', 'above', 'labels'], true),
        };
    }
}
