<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Office> */
final class OfficeFactory extends Factory
{
    protected $model = Office::class;

    public function definition(): array
    {
        return ['name' => "O'Hara & ".fake()->company()];
    }
}
