<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use App\Models\OfficeEntry;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<OfficeEntry> */
final class OfficeEntryFactory extends Factory
{
    protected $model = OfficeEntry::class;

    public function definition(): array
    {
        return ['office_id' => Office::factory(), 'user_id' => User::factory(), 'words' => fake()->sentence()];
    }
}
