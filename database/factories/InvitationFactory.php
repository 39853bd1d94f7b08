<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Invitation;
use App\Models\Office;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Invitation> */
final class InvitationFactory extends Factory
{
    protected $model = Invitation::class;

    public function definition(): array
    {
        return [
            'office_id' => Office::factory(),
            'user_id' => User::factory(),
            'email' => fake()->unique()->safeEmail(),
            'role' => Role::Designer,
            'token_hash' => Invitation::hash(fake()->uuid()),
            'expires_at' => now()->addDays(14),
        ];
    }
}
