<?php

declare(strict_types=1);

namespace App\Pages;

use App\Intake\ImportedElement;
use App\Models\Scheme;
use Heurema\Language\Text;
use Heurema\Layout\Room;

/** The file that a scheme came from, and files of it to take along. */
final readonly class FilePage
{
    /** What there is most to read of comes first. */
    private const ORDER = ['left_out', 'simplified', 'taken'];

    /** @var list<ImportedElement>|null null: it did not come from a building model */
    private ?array $elements;

    public function __construct(public Scheme $scheme)
    {
        $this->elements = $scheme->imported === null ? null : array_map(ImportedElement::read(...), $scheme->imported);
    }

    /** Whether there is a letter out that could be answered. */
    public function hasLetter(): bool
    {
        return $this->scheme->letterOut() !== null;
    }

    public function summary(): ?string
    {
        return $this->elements === null ? null : ImportedElement::summary($this->elements);
    }

    /** @return array<string, list<ImportedElement>> by what became of them, in words */
    public function elements(): array
    {
        $groups = [];
        foreach (self::ORDER as $outcome) {
            $these = array_filter($this->elements ?? [], static fn(ImportedElement $one): bool => $one->outcome === $outcome);
            $groups += $these === [] ? [] : [Text::capital(__(ImportedElement::OUTCOMES[$outcome])) => array_values($these)];
        }

        return $groups;
    }

    /** @return array<string, list<Room>> whose use nobody said, by storey */
    public function withoutUse(): array
    {
        $rooms = [];
        foreach ($this->scheme->layout->storeys as $storey) {
            $these = array_filter($storey->rooms, static fn(Room $room): bool => $room->use === null);
            $rooms += $these === [] ? [] : [$storey->name => array_values($these)];
        }

        return $rooms;
    }
}
