<?php

declare(strict_types=1);

namespace App\Briefs;

use Heurema\Brief\RoomWords;
use Heurema\Layout\Words\RoomUse;

/** A brief that was kept as a table of rooms and amounts, before briefs were sentences. */
final readonly class FormerBrief
{
    private const SIZES = ['side' => '%s wide', 'ceiling' => '%s high', 'door' => 'doors %s wide'];

    /** @param array<array-key, mixed> $kept */
    public function __construct(private array $kept) {}

    /** @return list<string> */
    public function sentences(): array
    {
        $sentences = [];
        foreach (is_array($this->kept['rooms'] ?? null) ? $this->kept['rooms'] : [] as $room) {
            $use = is_array($room) && is_string($room['use'] ?? null) ? RoomUse::tryFrom($room['use']) : null;
            if (is_array($room) && $use !== null) {
                array_push($sentences, ...self::ofRooms($use, $room));
            }
        }
        $total = self::range(self::texts($this->kept['total'] ?? []), 'from', 'to');

        return [...$sentences, ...($total === null ? [] : ["all rooms together {$total}"])];
    }

    /**
     * @param array<array-key, mixed> $room
     *
     * @return list<string>
     */
    private static function ofRooms(RoomUse $use, array $room): array
    {
        $amounts = self::texts($room['amounts'] ?? []);
        $count = self::range($amounts, 'count_from', 'count_to');
        $wished = [...self::sized($amounts), ...self::placed($room), ...self::furnished($room)];
        $name = RoomWords::of($use);

        return [
            ...($count === null ? [] : ["{$count} ".RoomWords::plural($use)]),
            ...($wished === [] ? [] : ["every {$name}: ".implode(', ', $wished)]),
            ...(($room['bath'] ?? '') === 'common' ? ["a bathroom reached without crossing a {$name}"] : []),
        ];
    }

    /**
     * @param array<string, string> $amounts
     *
     * @return list<string>
     */
    private static function sized(array $amounts): array
    {
        $area = self::range($amounts, 'area_from', 'area_to');
        $said = $area === null ? [] : [$area];
        foreach (self::SIZES as $key => $says) {
            if (isset($amounts[$key])) {
                $said[] = sprintf($says, "at least {$amounts[$key]}");
            }
        }

        return [...$said, ...(isset($amounts['windows']) ? ["at least {$amounts['windows']} windows"] : [])];
    }

    /**
     * @param array<array-key, mixed> $room
     *
     * @return list<string>
     */
    private static function placed(array $room): array
    {
        [$in, $out] = [self::texts($room['in'] ?? []), self::texts($room['out'] ?? [])];
        $left = array_diff($in, $out);

        return match (true) {
            $left !== [] => ['in the '.implode(' or ', $left)],
            $in === [] && $out !== [] => ['not in the '.implode(' or ', $out)],
            // nothing was asked where no side was left
            default => [],
        };
    }

    /**
     * @param array<array-key, mixed> $room
     *
     * @return list<string>
     */
    private static function furnished(array $room): array
    {
        $said = [];
        foreach (self::texts($room['things'] ?? []) as $kind => $count) {
            $said[] = 'at least '.max(1, (int) $count).' '.str_replace('_', ' ', $kind);
        }

        return [...$said, ...(($room['bath'] ?? '') === 'attached' ? ['a bathroom of its own'] : [])];
    }

    /** @param array<string, string> $amounts */
    private static function range(array $amounts, string $from, string $to): ?string
    {
        [$low, $high] = [$amounts[$from] ?? null, $amounts[$to] ?? null];

        return match (true) {
            $low !== null && $high !== null => "from {$low} to {$high}",
            $low !== null => "at least {$low}",
            $high !== null => "at most {$high}",
            default => null,
        };
    }

    /** @return array<string, string> those that are not empty */
    private static function texts(mixed $values): array
    {
        $texts = [];
        foreach (is_array($values) ? $values : [] as $key => $value) {
            if (is_scalar($value) && (string) $value !== '') {
                $texts[(string) $key] = (string) $value;
            }
        }

        return $texts;
    }
}
