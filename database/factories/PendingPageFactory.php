<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\PendingPage;
use App\Models\Scheme;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<PendingPage> */
final class PendingPageFactory extends Factory
{
    protected $model = PendingPage::class;

    public function definition(): array
    {
        return ['scheme_id' => Scheme::factory(), 'storey' => 'G', 'file' => 'pictures/'.fake()->uuid().'.pdf', 'number' => 1];
    }
}
