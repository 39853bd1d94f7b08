<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Letter;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Letter> */
final class LetterFactory extends Factory
{
    protected $model = Letter::class;

    public function definition(): array
    {
        return ['revision_id' => Revision::factory(), 'user_id' => User::factory(), 'html' => '<p>A letter</p>', 'content' => []];
    }
}
