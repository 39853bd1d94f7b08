<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<SignIn> */
final class SignInFactory extends Factory
{
    protected $model = SignIn::class;

    public function definition(): array
    {
        return [
            'id' => (string) Str::ulid(), 'user_id' => User::factory(), 'address' => fake()->ipv4(), 'agent' => fake()->userAgent(),
            'seen_at' => now(),
        ];
    }
}
