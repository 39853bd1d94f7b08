<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** What `php artisan db:seed` fills an empty database with: the demo office. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        $this->call(DemoOfficeSeeder::class);
    }
}
