<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Scheme;
use App\Models\Underlay;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Underlay> */
final class UnderlayFactory extends Factory
{
    protected $model = Underlay::class;

    public function definition(): array
    {
        return [
            'scheme_id' => Scheme::factory(), 'storey' => 'G', 'file' => 'underlays/'.fake()->uuid().'.png', 'width' => 800,
            'height' => 600, 'x' => 0, 'y' => 0, 'mm_per_px' => 10, 'angle' => 0,
        ];
    }
}
