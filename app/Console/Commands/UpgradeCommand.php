<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backup;
use App\Backup\BackupRefused;
use Illuminate\Console\Command;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\File;

/**
 * Brings the database up to date, with a backup before. What fails halfway is put back as it was.
 * Exit 0: up to date; 1: as it was before.
 */
final class UpgradeCommand extends Command
{
    use WritesErrors;
    use MaintenanceMode;

    /** In the storage folder. */
    public const BACKUPS = 'app/backups';

    protected $signature = 'heurema:upgrade';

    protected $description = 'Back up, then bring the database up to date; put the backup back when that fails';

    public function handle(Backup $backup, Migrator $migrator): int
    {
        if (!$this->isBehind($migrator)) {
            return self::SUCCESS;
        }
        if (!$migrator->repositoryExists()) {
            return $this->callSilently('migrate', ['--force' => true]);
        }
        $file = storage_path(self::BACKUPS.'/before-'.now()->format('Y-m-d-His').'.zip');
        File::ensureDirectoryExists(dirname($file), 0o700);
        try {
            // nobody may write between the backup and the change: putting it back would lose that
            return $this->servingNobody(function () use ($backup, $file): int {
                $backup->make($file);

                return $this->migrate($backup, $file);
            });
        } catch (BackupRefused $e) {
            $this->complain("The database is not brought up to date, for there is no backup: {$e->getMessage()}");

            return self::FAILURE;
        }
    }

    private function migrate(Backup $backup, string $file): int
    {
        try {
            $this->callSilently('migrate', ['--force' => true]);
            $this->callSilently('heurema:rulings');
        } catch (\Throwable $e) {
            $this->putBack($backup, $file);
            $this->complain("The database could not be brought up to date and is as it was before: {$e->getMessage()}");

            return self::FAILURE;
        }
        $this->info("The database is up to date. What it was before: php artisan heurema:restore {$file} --over, with the version before.");

        return self::SUCCESS;
    }

    private function putBack(Backup $backup, string $file): void
    {
        try {
            $backup->restore($file, isOver: true);
        } catch (BackupRefused $e) {
            throw new \RuntimeException(
                "The database is only partly up to date: php artisan heurema:restore {$file} --over, once this is "
                ."mended: {$e->getMessage()}",
                previous: $e,
            );
        }
    }

    private function isBehind(Migrator $migrator): bool
    {
        $ran = $migrator->repositoryExists() ? $migrator->getRepository()->getRan() : [];

        return array_diff(array_keys($migrator->getMigrationFiles([database_path('migrations'), ...$migrator->paths()])), $ran) !== [];
    }
}
