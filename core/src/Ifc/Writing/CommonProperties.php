<?php

declare(strict_types=1);

namespace Heurema\Ifc\Writing;

use Heurema\Ifc\Step\Typed;
use Heurema\Layout\Guard;
use Heurema\Layout\Opening;
use Heurema\Layout\Stair;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Stair\Climb;

/** The property sets that the standard has for an element (ISO 16739-1:2018), names from memory: nothing that nobody said. */
final class CommonProperties
{
    /** How far risers that are alike may differ, mm. */
    private const ALIKE = 0.5;

    /** @return array<string, array<string, Typed>> properties by set */
    public static function ofWall(Wall $wall): array
    {
        return self::given(['Pset_WallCommon' => [
            'IsExternal' => self::yes($wall->type === WallType::Exterior),
            'FireRating' => self::minutes($wall->fireMinutes),
        ]]);
    }

    /** @return array<string, array<string, Typed>> */
    public static function ofOpening(Opening $opening, Wall $wall): array
    {
        $isExternal = self::yes($wall->type === WallType::Exterior);
        $isWindow = $opening->kind === OpeningKind::Window;
        $glazing = self::glazing($opening, $isWindow ? $opening->window?->glassArea : $opening->door?->glassArea);

        return self::given($isWindow
            ? ['Pset_WindowCommon' => ['IsExternal' => $isExternal, 'GlazingAreaFraction' => $glazing]]
            : ['Pset_DoorCommon' => [
                'IsExternal' => $isExternal,
                'FireRating' => self::minutes($opening->door?->fireMinutes),
                'SelfClosing' => self::yes($opening->door?->selfClosing),
                'GlazingAreaFraction' => $glazing,
            ]]);
    }

    /** @return array<string, array<string, Typed>> */
    public static function ofGuard(Guard $guard): array
    {
        return self::given(['Pset_RailingCommon' => ['Height' => self::length($guard->height)]]);
    }

    /** @return array<string, array<string, Typed>> */
    public static function ofStair(Stair $stair, ?Climb $climb): array
    {
        $risers = $climb?->risers() ?? [];
        $areAlike = $risers !== [] && max($risers) - min($risers) <= self::ALIKE;

        return self::given(['Pset_StairCommon' => [
            'NumberOfRiser' => new Typed('IFCCOUNTMEASURE', $stair->risers()),
            'RiserHeight' => self::length($areAlike ? array_sum($risers) / count($risers) : null),
            'NosingLength' => $stair->nosing === null ? null : new Typed('IFCLENGTHMEASURE', $stair->nosing),
        ]]);
    }

    /** @return array<string, array<string, Typed>> */
    public static function ofSpace(RoomSpace $room): array
    {
        return self::given([
            'Pset_SpaceCommon' => ['IsExternal' => self::yes(Beyond::room($room)->isOpenAir())],
            'Pset_SpaceCoveringRequirements' => [
                'FloorCovering' => self::label($room->room->floorFinish),
                'FloorCoveringThickness' => self::length($room->room->floorFinishThickness),
            ],
        ]);
    }

    private static function label(?string $text): ?Typed
    {
        return $text === null ? null : new Typed('IFCLABEL', mb_substr($text, 0, 255));
    }

    /** Glass of all that fills the opening; null where either is not known. */
    private static function glazing(Opening $opening, ?float $glass): ?Typed
    {
        $area = ($opening->width ?? 0.0) * ($opening->height ?? 0.0) / 1_000_000;

        return $glass === null || $glass <= 0.0 || $glass > $area ? null : new Typed('IFCPOSITIVERATIOMEASURE', $glass / $area);
    }

    private static function yes(?bool $is): ?Typed
    {
        return $is === null ? null : new Typed('IFCBOOLEAN', $is);
    }

    private static function minutes(?float $minutes): ?Typed
    {
        return $minutes === null ? null : new Typed('IFCLABEL', "{$minutes} min");
    }

    private static function length(?float $mm): ?Typed
    {
        return $mm === null || $mm <= 0.0 ? null : new Typed('IFCPOSITIVELENGTHMEASURE', $mm);
    }

    /**
     * @param array<string, array<string, Typed|null>> $sets
     *
     * @return array<string, array<string, Typed>>
     */
    private static function given(array $sets): array
    {
        $given = array_map(
            static fn(array $set): array => array_filter($set, static fn(?Typed $value): bool => $value !== null),
            $sets,
        );

        return array_filter($given, static fn(array $set): bool => $set !== []);
    }
}
