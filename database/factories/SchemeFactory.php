<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Project;
use App\Models\Scheme;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Units\UnitSystem;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Scheme> */
final class SchemeFactory extends Factory
{
    protected $model = Scheme::class;

    public function definition(): array
    {
        return [
            'project_id' => Project::factory(),
            'name' => 'Scheme A',
            'layout' => new Layout('A home', UnitSystem::Metric, storeys: [new Storey('G', 'Ground floor')]),
            'version' => 1,
        ];
    }
}
