<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\LogEntry;
use App\Models\Project;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<LogEntry> */
final class LogEntryFactory extends Factory
{
    protected $model = LogEntry::class;

    public function definition(): array
    {
        return ['project_id' => Project::factory(), 'user_id' => User::factory(), 'words' => fake()->sentence()];
    }
}
