<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Units\Amount;

/** A measured value with the worst that was found of it. */
final readonly class ScheduleCell
{
    /**
     * @param Amount|bool|string|null $value null: not known, or no such thing
     * @param string                  $text  as the people of the layout read it
     */
    public function __construct(public Amount|bool|string|null $value, public string $text, public ?Finding $finding) {}

    public function limit(): ?string
    {
        return $this->finding?->limitText();
    }

    /** @return array<string, mixed> lengths in mm, areas in m²; `unit` only of what is measured */
    public function toArray(): array
    {
        $isAmount = $this->value instanceof Amount;

        return [
            'value' => $isAmount ? round($this->value->number, 6) + 0.0 : $this->value,
            'unit' => $isAmount ? $this->value->quantity->value : null,
            'text' => $this->text,
            'limit' => $this->limit(),
            'verdict' => $this->finding?->verdict()->value,
        ];
    }
}
