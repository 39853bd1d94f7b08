<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Names hold characters that HTML escapes, so that a test that compares a page with one unescaped always fails.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'office_id' => Office::factory(),
            'name' => fake()->firstName()." O'Hara <".fake()->lastName().'>',
            'email' => fake()->unique()->safeEmail(),
            'password' => 'daylight',
            'role' => Role::Reviewer,
            'remember_token' => null,
        ];
    }
}
