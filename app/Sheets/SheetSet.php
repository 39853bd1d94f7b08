<?php

declare(strict_types=1);

namespace App\Sheets;

use Heurema\Layout\Layout;
use Heurema\Layout\Storey;

/** The sheets of a scheme, in their order, and what its own fields hold in their title blocks. */
final readonly class SheetSet
{
    public const MOST_SHEETS = 40;
    public const MOST_VIEWS = 20;

    /**
     * @param list<SheetDefinition>       $sheets
     * @param list<array{string, string}> $fields
     */
    public function __construct(public array $sheets, public array $fields = []) {}

    /**
     * What was kept; where nobody has chosen anything, the plan of each storey on a sheet of its own.
     *
     * @param array<mixed>|null $kept
     */
    public static function of(?array $kept, Layout $layout): self
    {
        $usual = Paper::usual($layout->units);
        $sheets = is_array($kept['sheets'] ?? null) ? array_values($kept['sheets']) : null;

        return new self(
            $sheets === null
                ? array_map(static fn(Storey $storey): SheetDefinition => self::plan($storey, $usual), $layout->storeys)
                : array_map(
                    static fn(mixed $sheet): SheetDefinition => SheetDefinition::from(is_array($sheet) ? $sheet : [], $usual),
                    $sheets,
                ),
            SheetFields::from($kept['fields'] ?? null),
        );
    }

    /** A storey on a sheet of its own. */
    public static function plan(Storey $storey, Paper $paper, ?int $scale = null): SheetDefinition
    {
        return new SheetDefinition($storey->name, $paper, false, false, [new ViewDefinition(ViewKind::Plan, $storey->id, $scale)]);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'sheets' => array_map(static fn(SheetDefinition $sheet): array => $sheet->toArray(), $this->sheets),
            'fields' => $this->fields,
        ];
    }

    /** With another sheet in some place; after the last: one more. */
    public function with(int $number, SheetDefinition $sheet): self
    {
        $sheets = $this->sheets;
        $sheets[$number] = $sheet;

        return new self(array_values($sheets), $this->fields);
    }

    public function without(int $number): self
    {
        return new self(array_values(array_diff_key($this->sheets, [$number => 0])), $this->fields);
    }

    /** @param list<array{string, string}> $fields */
    public function withFields(array $fields): self
    {
        return new self($this->sheets, $fields);
    }
}
