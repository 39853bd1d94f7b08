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
}
