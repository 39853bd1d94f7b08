<?php

declare(strict_types=1);

namespace App\Intake;

use Heurema\Ifc\Mapping\Entry;
use Heurema\Ifc\Mapping\Import;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Layout;
use Heurema\Words\Wording;

/** What became of an element of a building model, as it is kept and told. */
final readonly class ImportedElement
{
    #[Texts]
    public const OUTCOMES = ['taken' => 'taken', 'simplified' => 'simplified', 'left_out' => 'left out'];

    /**
     * @param string       $outcome taken, simplified or left_out
     * @param list<string> $reasons sentences
     */
    public function __construct(public string $type, public string $name, public string $outcome, public array $reasons) {}

    /** @param array{type: string, name: string, outcome: string, reasons: list<string>} $kept */
    public static function read(array $kept): self
    {
        return new self($kept['type'], $kept['name'], $kept['outcome'], $kept['reasons']);
    }

    /** What became of it, and why. */
    public function words(): string
    {
        return implode(' ', [__(self::OUTCOMES[$this->outcome]).'.', ...$this->reasons]);
    }

    /** @param list<self> $elements */
    public static function summary(array $elements): string
    {
        $counts = array_count_values(array_column($elements, 'outcome'));

        return __('Of :count elements :list.', ['count' => count($elements), 'list' => implode(', ', array_map(
            static fn(string $outcome, string $words): string => ($counts[$outcome] ?? 0)." {$words}",
            array_keys(self::OUTCOMES),
            array_map(__(...), self::OUTCOMES),
        ))]);
    }

    /** @return list<self> */
    public static function of(Import $import, Layout $layout): array
    {
        $wording = Wording::in(Text::language(), $layout->units->notation());

        return array_map(static fn(Entry $entry): self => new self(
            $entry->type(),
            $entry->name(),
            $entry->outcome->value,
            $wording->all($entry->reasons),
        ), $import->report->entries());
    }
}
