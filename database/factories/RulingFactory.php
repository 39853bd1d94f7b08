<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Revision;
use App\Models\Ruling;
use App\Models\RulingKind;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Ruling> */
final class RulingFactory extends Factory
{
    protected $model = Ruling::class;

    public function definition(): array
    {
        return [
            'revision_id' => Revision::factory(), 'user_id' => User::factory(), 'finding' => 'drawing/unnamed-space/G',
            'kind' => RulingKind::Uphold, 'facts' => '', 'batch' => (string) Str::ulid(),
        ];
    }
}
