<?php

declare(strict_types=1);

namespace App\Briefs;

use Heurema\Rulebook\PlainYaml;
use Heurema\Units\UnitSystem;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** A client's wishes, kept as they were typed, and the rule book that they make. */
final readonly class Brief
{
    public const ID = 'brief';

    /**
     * @param list<RoomWish>        $rooms
     * @param array<string, string> $total `from`, `to`: of all areas together
     * @param string                $free  rules in the rule language, a YAML list
     */
    public function __construct(public array $rooms, public array $total, public string $free) {}

    /** @param array<string, mixed> $kept as toArray() gives it */
    public static function from(array $kept): self
    {
        $rooms = [];
        foreach (is_array($kept['rooms'] ?? null) ? $kept['rooms'] : [] as $room) {
            if (is_array($room) && is_string($room['use'] ?? null)) {
                $rooms[] = new RoomWish(
                    $room['use'],
                    self::texts($room['amounts'] ?? []),
                    array_values(self::texts($room['in'] ?? [])),
                    array_values(self::texts($room['out'] ?? [])),
                    array_map(intval(...), self::texts($room['things'] ?? [])),
                    is_string($room['bath'] ?? null) ? $room['bath'] : '',
                );
            }
        }

        return new self($rooms, self::texts($kept['total'] ?? []), is_string($kept['free'] ?? null) ? $kept['free'] : '');
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'rooms' => array_map(
                static fn(RoomWish $room): array => [
                    'use' => $room->use,
                    'amounts' => $room->amounts,
                    'in' => $room->in,
                    'out' => $room->out,
                    'things' => array_map(strval(...), $room->fixtures),
                    'bath' => $room->bath,
                ],
                $this->rooms,
            ),
            'total' => $this->total,
            'free' => $this->free,
        ];
    }

    /** In a few words, for the log: `3 bedrooms from 100 sq ft, 1 kitchen`. */
    public function words(): string
    {
        $parts = array_map(static fn(RoomWish $room): string => $room->words(), $this->rooms);
        foreach ($this->total as $end => $amount) {
            $parts[] = "in all {$end} {$amount}";
        }
        if (trim($this->free) !== '') {
            $parts[] = 'rules of its own '.substr(hash('xxh32', $this->free), 0, 6);
        }

        return $parts === [] ? 'none' : implode(', ', $parts);
    }

    /**
     * As a rule book (YAML).
     *
     * @throws ParseException when the free rules are no YAML
     */
    public function book(UnitSystem $units): string
    {
        $limit = array_filter(
            ['low' => $this->total['from'] ?? '', 'high' => $this->total['to'] ?? ''],
            static fn(string $amount): bool => $amount !== '',
        );
        $total = $limit === []
            ? []
            : [[
                'id' => 'total',
                'clause' => 'brief',
                'title' => 'All rooms together',
                'subject' => 'dwelling',
                'measure' => 'dwelling.sum_of_areas',
                ...(count($limit) === 2 ? ['between' => $limit] : [isset($limit['low']) ? 'at_least' : 'at_most' => reset($limit)]),
                'why' => 'The client wishes it.',
                'source' => 'the client',
            ]];
        $free = trim($this->free) === '' ? [] : PlainYaml::parse($this->free);
        $rules = [
            ...$total,
            ...array_merge(...array_map(static fn(RoomWish $room): array => $room->rules(), $this->rooms)),
            ...(is_array($free) ? array_values($free) : []),
        ];

        return Yaml::dump(array_filter([
            'book' => self::ID, 'title' => "The client's brief", 'scope' => 'This project', 'units' => $units->value,
            'source' => 'The client.', 'building_tolerance' => '10 mm',
            'quantities' => array_merge(...array_map(static fn(RoomWish $room): array => $room->quantities(), $this->rooms)),
            'rules' => $rules,
        ], static fn(mixed $part): bool => $part !== []), 6);
    }

    /** @return array<string, string> */
    private static function texts(mixed $values): array
    {
        $texts = [];
        foreach (is_array($values) ? $values : [] as $key => $value) {
            if (is_scalar($value)) {
                $texts[(string) $key] = (string) $value;
            }
        }

        return $texts;
    }
}
