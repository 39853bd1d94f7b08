<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use App\Models\Project;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Project> */
final class ProjectFactory extends Factory
{
    protected $model = Project::class;

    public function definition(): array
    {
        return ['office_id' => Office::factory(), 'name' => "O'Hara's <home>, ".fake()->streetAddress(), 'address' => fake()->address()];
    }
}
