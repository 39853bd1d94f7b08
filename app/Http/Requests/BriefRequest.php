<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Briefs\Brief;
use App\Briefs\RoomWish;
use App\Models\Project;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\Figure;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Symfony\Component\Yaml\Exception\ParseException;

/** The client's wishes as they are typed. */
final class BriefRequest extends FormRequest
{
    /** What each amount is. */
    private const AMOUNTS = [
        'count_from' => Quantity::Count, 'count_to' => Quantity::Count, 'area_from' => Quantity::Area, 'area_to' => Quantity::Area,
        'side' => Quantity::Length, 'ceiling' => Quantity::Length, 'windows' => Quantity::Count, 'door' => Quantity::Length,
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rooms' => ['array', 'max:30'],
            'rooms.*.use' => ['nullable', Rule::enum(RoomUse::class), 'distinct'],
            'rooms.*.*' => ['nullable'],
            'rooms.*.bath' => ['nullable', Rule::in(['attached', 'common'])],
            'rooms.*.things' => ['nullable', 'string', 'max:300'],
            'rooms.*.in' => ['nullable', 'string', 'max:200'],
            'rooms.*.out' => ['nullable', 'string', 'max:200'],
            'total.from' => ['nullable', 'string', 'max:40'],
            'total.to' => ['nullable', 'string', 'max:40'],
            'free' => ['nullable', 'string', 'max:20000'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->rows() as $number => $row) {
                foreach (self::AMOUNTS as $key => $quantity) {
                    $this->checkAmount($validator, "rooms.{$number}.{$key}", $row[$key] ?? '', $quantity);
                }
                foreach (['in', 'out'] as $key) {
                    if (array_diff(self::words($row[$key] ?? ''), RoomWish::SECTORS) !== []) {
                        $validator->errors()->add("rooms.{$number}.{$key}", 'Sectors are '.implode(', ', RoomWish::SECTORS).'.');
                    }
                }
                if (RoomWish::things($row['things'] ?? '') === null) {
                    $validator->errors()->add("rooms.{$number}.things", 'Name kinds of things, with how many: wardrobe 1, desk.');
                }
            }
            foreach (['from', 'to'] as $end) {
                $this->checkAmount($validator, "total.{$end}", $this->string("total.{$end}")->trim()->value(), Quantity::Area);
            }
            if ($validator->errors()->isEmpty()) {
                $this->checkBook($validator);
            }
        }];
    }

    public function brief(): Brief
    {
        $rooms = [];
        foreach ($this->rows() as $row) {
            $rooms[] = new RoomWish(
                $row['use'] ?? '',
                array_filter(array_intersect_key($row, self::AMOUNTS), static fn(string $amount): bool => $amount !== ''),
                self::words($row['in'] ?? ''),
                self::words($row['out'] ?? ''),
                RoomWish::things($row['things'] ?? '') ?? [],
                $row['bath'] ?? '',
            );
        }

        return new Brief(
            $rooms,
            array_filter(
                ['from' => $this->string('total.from')->trim()->value(), 'to' => $this->string('total.to')->trim()->value()],
                static fn(string $amount): bool => $amount !== '',
            ),
            $this->string('free')->value(),
        );
    }

    private function checkAmount(Validator $validator, string $field, string $typed, Quantity $quantity): void
    {
        $amount = $typed === '' ? null : Figure::read($typed)?->amount;
        if ($typed !== '' && $amount?->quantity !== $quantity) {
            $validator->errors()->add($field, match ($quantity) {
                Quantity::Area => 'An area with its unit, such as 12 m2 or 120 sq ft.',
                Quantity::Length => 'A length with its unit, such as 2.4 m or 8 ft.',
                default => 'A number.',
            });
        }
    }

    private function checkBook(Validator $validator): void
    {
        $project = $this->route('project');
        $units = $project instanceof Project
            ? $project->latestRevision->layout->units ?? $project->firstScheme->layout->units ?? UnitSystem::Metric
            : UnitSystem::Metric;
        try {
            (new RuleBookReader(Catalogue::standard()))->read($this->brief()->book($units), 'brief');
        } catch (UnreadableRuleBook|ParseException $e) {
            $validator->errors()->add('free', $e->getMessage());
        }
    }

    /** @return list<array<string, string>> the rows with a use */
    private function rows(): array
    {
        $rows = [];
        foreach ($this->collect('rooms')->all() as $row) {
            if (is_array($row) && is_string($row['use'] ?? null) && $row['use'] !== '') {
                $texts = [];
                foreach ($row as $key => $value) {
                    $texts[(string) $key] = is_string($value) ? trim($value) : '';
                }
                $rows[] = $texts;
            }
        }

        return $rows;
    }

    /** @return list<string> */
    private static function words(string $typed): array
    {
        return array_values(array_filter(
            array_map(static fn(string $word): string => mb_strtolower(trim($word)), explode(',', $typed)),
            static fn(string $word): bool => $word !== '',
        ));
    }
}
