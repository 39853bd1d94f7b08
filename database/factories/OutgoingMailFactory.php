<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Office;
use App\Models\OutgoingMail;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<OutgoingMail> */
final class OutgoingMailFactory extends Factory
{
    protected $model = OutgoingMail::class;

    public function definition(): array
    {
        return [
            'office_id' => Office::factory(),
            'to' => fake()->safeEmail(),
            'subject' => fake()->sentence(),
            'body' => fake()->paragraph(),
        ];
    }
}
