<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backup;
use App\Backup\BackupRefused;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Exit 0: made, and restored once into a second database to be sure; 1: there is none. */
final class BackupCommand extends Command
{
    use WritesErrors;

    protected $signature = 'heurema:backup {file : where it goes, a zip archive}';

    protected $description = 'Write the database and the pictures into one file, and try it';

    public function handle(Backup $backup): int
    {
        $file = $this->argument('file');
        try {
            $contents = $backup->make($file);
        } catch (BackupRefused $e) {
            $this->complain($e->getMessage());

            return self::FAILURE;
        }
        foreach ($contents->missing as $picture) {
            $this->complain("The picture {$picture} is missing.");
        }
        $this->info(
            "{$file}: {$contents->rows} rows, {$contents->pictures} ".Str::plural('picture', $contents->pictures)
                .'; restored into a second database, every row is the same.',
        );

        return self::SUCCESS;
    }
}
