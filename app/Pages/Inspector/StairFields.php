<?php

declare(strict_types=1);

namespace App\Pages\Inspector;

use Heurema\Drafting\StairForm;
use Heurema\Layout\Flight;

/** The chosen stair. */
final readonly class StairFields
{
    public function __construct(private Chosen $chosen) {}

    /** The first flight of the chosen stair and how high its risers come. */
    public function flight(): ?Flight
    {
        $part = $this->chosen->stair()?->stair->parts[0] ?? null;

        return $part instanceof Flight ? $part : null;
    }

    /** How the chosen stair runs on plan. */
    public function form(): ?StairForm
    {
        $stair = $this->chosen->stair();

        return $stair === null ? null : StairForm::of($stair->stair);
    }

    public function riser(): ?string
    {
        $stair = $this->chosen->stair();
        $rise = $stair?->totalRise();

        return $stair === null || $rise === null || $stair->stair->risers() === 0
            ? null
            : $this->chosen->length($rise / $stair->stair->risers());
    }
}
