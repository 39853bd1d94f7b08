<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Revision;
use App\Models\Statement;
use App\Models\User;
use Heurema\Layout\Edit\Patch;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Statement> */
final class StatementFactory extends Factory
{
    protected $model = Statement::class;

    public function definition(): array
    {
        return [
            'revision_id' => Revision::factory(), 'user_id' => User::factory(), 'element' => 'G', 'key' => 'ceiling', 'typed' => '2.4 m',
            'patch' => new Patch([], 'ceiling stated'),
        ];
    }
}
