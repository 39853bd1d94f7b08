<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Units\UnitSystem;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Revision> */
final class RevisionFactory extends Factory
{
    protected $model = Revision::class;

    public function definition(): array
    {
        return [
            'scheme_id' => Scheme::factory(),
            'number' => 1,
            'layout' => new Layout('A home', UnitSystem::Metric, storeys: [new Storey('G', 'Ground floor')]),
            'books' => ['drawing'],
            'settings' => [],
            'counts' => [],
            'submitted_by' => User::factory(),
        ];
    }
}
