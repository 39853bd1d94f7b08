<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Layout\GroundLevel;
use Heurema\Spatial\Home;
use Heurema\Units\Quantity;

/** The levels of the ground at places, on the plan of the lowest storey: above or below its floor. */
final readonly class GroundLevels
{
    public function __construct(private Home $home, private string $storey) {}

    public function draw(): string
    {
        return implode('', array_map(
            static fn(PlanText $level): string => Svg::pinned(
                $level->at,
                'ground-level',
                Svg::element('path', ['d' => 'M-5 -8H5L0 0Z']).$level->element(),
            ),
            $this->texts(),
        ));
    }

    /** @return list<PlanText> */
    public function texts(): array
    {
        $lowest = $this->home->layout->storeys[0] ?? null;
        $floor = $lowest->elevation ?? 0.0;

        return array_map(
            fn(GroundLevel $one): PlanText => new PlanText($one->at, self::words($one->level - $floor, $this->home), 11.0, -12.0),
            $lowest?->id === $this->storey ? $this->home->layout->ground : [],
        );
    }

    /** How high a place lies above a floor, mm, with its sign. */
    public static function words(float $above, Home $home): string
    {
        return abs($above) < Quantity::SAME_LENGTH ? '±0' : ($above > 0 ? '+' : '−').$home->length(abs($above));
    }
}
