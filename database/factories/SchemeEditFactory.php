<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use App\Models\User;
use Heurema\Layout\Edit\Patch;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<SchemeEdit> */
final class SchemeEditFactory extends Factory
{
    protected $model = SchemeEdit::class;

    public function definition(): array
    {
        return [
            'scheme_id' => Scheme::factory(),
            'user_id' => User::factory(),
            'words' => 'nothing changed',
            'patch' => new Patch([], 'nothing changed'),
        ];
    }
}
