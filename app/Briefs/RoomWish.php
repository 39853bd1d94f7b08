<?php

declare(strict_types=1);

namespace App\Briefs;

use Heurema\Layout\Words\FixtureKind;

/** What a client wants of all rooms of one use. Amounts as typed, with their units; empty: no wish. */
final readonly class RoomWish
{
    public const SECTORS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west', 'centre'];

    /**
     * @param array<string, string> $amounts `count_from`, `count_to`, `area_from`, `area_to`, `side`, `ceiling`, `windows`, `door`
     * @param list<string>          $in      sectors in which it should lie
     * @param list<string>          $out     sectors in which it must not
     * @param array<string, int>    $fixtures  how many, by kind of fixture
     * @param string                $bath    `attached`, `common` or empty
     */
    public function __construct(
        public string $use,
        public array $amounts,
        public array $in,
        public array $out,
        public array $fixtures,
        public string $bath,
    ) {}

    /**
     * Things as they are typed: `wardrobe 1, desk`.
     *
     * @return array<string, int>|null null when a kind is not known
     */
    public static function things(string $typed): ?array
    {
        $fixtures = [];
        foreach (array_filter(array_map(trim(...), explode(',', $typed)), static fn(string $part): bool => $part !== '') as $part) {
            if (
                preg_match('/^([a-z][a-z _]*?)\s*(\d{1,2})?$/i', $part, $found) !== 1
                || FixtureKind::tryFrom(str_replace(' ', '_', mb_strtolower($found[1]))) === null
            ) {
                return null;
            }
            $fixtures[str_replace(' ', '_', mb_strtolower($found[1]))] = max(1, (int) ($found[2] ?? 1));
        }

        return $fixtures;
    }

    /** `bedroom (count from 2, area from 12 m2, in north, wardrobe 1)` */
    public function words(): string
    {
        $parts = [];
        foreach ($this->amounts as $key => $amount) {
            $parts[] = str_replace('_', ' ', $key)." {$amount}";
        }
        foreach (['in' => $this->in, 'not in' => $this->out] as $where => $sectors) {
            $parts = [...$parts, ...($sectors === [] ? [] : ["{$where} ".implode(' or ', $sectors)])];
        }
        foreach ($this->fixtures as $kind => $count) {
            $parts[] = str_replace('_', ' ', $kind)." {$count}";
        }
        $parts = [...$parts, ...($this->bath === '' ? [] : ["bathroom {$this->bath}"])];

        return str_replace('_', ' ', $this->use).($parts === [] ? '' : ' ('.implode(', ', $parts).')');
    }

    /** @return list<array<string, mixed>> */
    public function rules(): array
    {
        $name = str_replace('_', ' ', $this->use);
        $when = "room.use == '{$this->use}'";
        $rules = array_filter([
            $this->range(
                'count',
                "How many: {$name}",
                'dwelling',
                null,
                'dwelling.room_count',
                'count_from',
                'count_to',
                ['use' => $this->use],
            ),
            $this->range('area', "Area: {$name}", 'room', $when, 'room.floor_area', 'area_from', 'area_to'),
            $this->range('side', "Least side: {$name}", 'room', $when, 'room.least_width', 'side', null),
            $this->range('ceiling', "Ceiling: {$name}", 'room', $when, 'room.ceiling_height', 'ceiling', null),
            $this->range('windows', "Windows: {$name}", 'room', $when, 'room.count', 'windows', null, ['kind' => 'window']),
            $this->range('door', "Door: {$name}", 'door', "door.to_{$this->use} > 0", 'door.width', 'door', null),
            $this->sectors($name, $when),
            $this->bathroom($name, $when),
        ], is_array(...));
        foreach ($this->fixtures as $kind => $count) {
            $rules[] = $this->rule(
                "thing-{$kind}",
                ucfirst(str_replace('_', ' ', $kind)).": {$name}",
                'room',
                $when,
                ['measure' => 'room.count', 'with' => ['kind' => $kind], 'at_least' => $count],
            );
        }

        return array_values($rules);
    }

    /** @return array<string, array<string, mixed>> measures of the brief's own that its rules rest on */
    public function quantities(): array
    {
        return [
            "door.to_{$this->use}" => ['measure' => 'door.joins', 'with' => ['one' => $this->use]],
            "door.{$this->use}_to_bathroom" => ['measure' => 'door.joins', 'with' => ['one' => $this->use, 'other' => 'bathroom']],
            "door.{$this->use}_to_shower_room" => ['measure' => 'door.joins', 'with' => ['one' => $this->use, 'other' => 'shower_room']],
        ];
    }

    /**
     * @param array<string, string> $with
     *
     * @return array<string, mixed>|null
     */
    private function range(
        string $id,
        string $title,
        string $subject,
        ?string $when,
        string $measure,
        string $from,
        ?string $to,
        array $with = [],
    ): ?array {
        $low = $this->amounts[$from] ?? '';
        $high = $to === null ? '' : $this->amounts[$to] ?? '';
        $limit = match (true) {
            $low !== '' && $high !== '' => ['between' => ['low' => $low, 'high' => $high]],
            $low !== '' => ['at_least' => $low],
            $high !== '' => ['at_most' => $high],
            default => null,
        };

        return $limit === null
            ? null
            : $this->rule($id, $title, $subject, $when, ['measure' => $measure, ...($with === [] ? [] : ['with' => $with]), ...$limit]);
    }

    /** @return array<string, mixed>|null */
    private function sectors(string $name, string $when): ?array
    {
        $allowed = array_values(array_diff($this->in === [] ? self::SECTORS : $this->in, $this->out));

        return count($allowed) === count(self::SECTORS) || $allowed === []
            ? null
            : $this->rule('sector', "Side of the home: {$name}", 'room', $when, ['measure' => 'room.orientation', 'one_of' => $allowed]);
    }

    /** @return array<string, mixed>|null */
    private function bathroom(string $name, string $when): ?array
    {
        return match ($this->bath) {
            'attached' => $this->rule(
                'bath',
                "A bathroom of its own: {$name}",
                'room',
                $when,
                [
                    'exists' => [[
                        'among' => 'doors',
                        'where' => "door.{$this->use}_to_bathroom > 0 or door.{$this->use}_to_shower_room > 0",
                        'needs' => [],
                    ]],
                ],
            ),
            'common' => $this->rule(
                'bath',
                "A bathroom for all: {$name}",
                'dwelling',
                null,
                [
                    'exists' => [[
                        'among' => 'rooms',
                        'where' => "room.use in ['bathroom', 'shower_room']",
                        'needs' => [['measure' => 'room.reached_through', 'with' => ['use' => $this->use], 'at_most' => 0]],
                    ]],
                ],
            ),
            default => null,
        };
    }

    /**
     * @param array<string, mixed> $requirement
     *
     * @return array<string, mixed>
     */
    private function rule(string $id, string $title, string $subject, ?string $when, array $requirement): array
    {
        return [
            'id' => str_replace('_', '-', "{$this->use}-{$id}"),
            'clause' => 'brief',
            'title' => $title,
            'subject' => $subject,
            ...($when === null ? [] : ['when' => $when]),
            ...$requirement,
            'why' => 'The client wishes it.',
            'source' => 'the client',
        ];
    }
}
