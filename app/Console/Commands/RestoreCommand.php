<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backup;
use App\Backup\BackupRefused;
use Illuminate\Console\Command;

/** Exit 0: what the backup holds is there again; 1: refused, nothing has changed. While it is put back nobody is served. */
final class RestoreCommand extends Command
{
    use WritesErrors;
    use MaintenanceMode;

    protected $signature = 'heurema:restore {file : a backup} {--over : in place of what the database holds}';

    protected $description = 'Put back what heurema:backup wrote';

    public function handle(Backup $backup): int
    {
        $file = $this->argument('file');
        try {
            $this->servingNobody(fn() => $backup->restore($file, $this->option('over')));
        } catch (BackupRefused $e) {
            $this->complain($e->getMessage());

            return self::FAILURE;
        }
        $this->info("{$file} is put back; every row is the same. Everybody signs in anew.");

        return self::SUCCESS;
    }
}
