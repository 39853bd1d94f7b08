<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Remark;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Remark> */
final class RemarkFactory extends Factory
{
    protected $model = Remark::class;

    public function definition(): array
    {
        return [
            'revision_id' => Revision::factory(), 'user_id' => User::factory(), 'storey' => 'G', 'x' => 0, 'y' => 0,
            'words' => fake()->sentence(),
        ];
    }
}
