<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Drafting\AxisCrossing;
use Heurema\Drafting\AxisNet;
use Heurema\Drafting\AxisStretch;
use Heurema\Layout\Layout;
use Heurema\Units\UnitSystem;

/** What can be built on the axes of a home. */
final readonly class AxisChoices
{
    private AxisNet $net;

    public function __construct(private Layout $layout)
    {
        $this->net = new AxisNet($layout->axes);
    }

    public function any(): bool
    {
        return $this->layout->axes !== [];
    }

    /** @return list<AxisStretch> of an axis */
    public function stretches(string $id): array
    {
        return array_values(array_filter($this->net->allStretches(), static fn(AxisStretch $one): bool => $one->axis->id === $id));
    }

    /** @return list<AxisCrossing> of an axis */
    public function crossings(string $id): array
    {
        foreach ($this->layout->axes as $axis) {
            if ($axis->id === $id) {
                return $this->net->crossings($axis);
            }
        }

        return [];
    }

    /** Of a column, as it would be typed (common practice, no source). */
    public function columnSize(): string
    {
        return $this->layout->units === UnitSystem::Imperial ? '12" x 12"' : '300 mm x 300 mm';
    }
}
