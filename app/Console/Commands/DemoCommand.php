<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Office;
use Database\Seeders\DemoOfficeSeeder;
use Illuminate\Console\Command;

/** Loads the demo office once; a database that holds an office is left as it is. */
final class DemoCommand extends Command
{
    protected $signature = 'heurema:demo';
    protected $description = 'Load the demo office into an empty database';

    public function handle(DemoOfficeSeeder $seeder): int
    {
        if (Office::query()->exists()) {
            return self::SUCCESS;
        }
        $this->info('Loading the demo office.');
        $seeder->run();

        return self::SUCCESS;
    }
}
