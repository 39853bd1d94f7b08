<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\PictureBeneath;
use App\Models\Scheme;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<PictureBeneath> */
final class PictureBeneathFactory extends Factory
{
    protected $model = PictureBeneath::class;

    public function definition(): array
    {
        return [
            'scheme_id' => Scheme::factory(), 'storey' => 'G', 'file' => 'pictures/'.fake()->uuid().'.png', 'width' => 800,
            'height' => 600, 'x' => 0, 'y' => 0, 'mm_per_px' => 10, 'angle' => 0,
        ];
    }
}
