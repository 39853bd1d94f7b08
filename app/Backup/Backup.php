<?php

declare(strict_types=1);

namespace App\Backup;

use App\Files\StoredFile;
use App\Models\PictureBeneath;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** All that an installation holds, in one file, and back again. Keys are not part of it. */
final class Backup
{
    public function __construct(private readonly DatabaseDump $dump, private readonly Migrator $migrator) {}

    /**
     * Makes a backup and tries it: it is restored into a second database, and every row of that compared with it.
     *
     * @return BackupContents what it holds
     *
     * @throws BackupRefused
     */
    public function make(string $path): BackupContents
    {
        return $this->alone(function (string $folder) use ($path): BackupContents {
            $database = "{$folder}/".Archive::DATABASE;
            $this->dump->write($this->database(), $database);

            return $this->dump->withSecond(function (string $second) use ($path, $folder, $database): BackupContents {
                $this->dump->read($database, $second);
                if (!$this->dump->isIn($second, $database)) {
                    throw new BackupRefused('The backup, restored into a second database, is not what was backed up.');
                }
                [$pictures, $missing] = $this->pictures($second, $folder);
                Archive::write($path, $folder, [Archive::DATABASE, ...$pictures], $this->migrations($second));

                return new BackupContents($this->rows($second), count($pictures), $missing);
            });
        });
    }

    /**
     * Puts back what a backup holds, in place of what is there. It is loaded into a second database first.
     *
     * @throws BackupRefused with nothing changed
     * @throws \RuntimeException when what was put back is not what the backup holds
     */
    public function restore(string $path, bool $isOver): void
    {
        $this->alone(function (string $folder) use ($path, $isOver): void {
            ['files' => $files, 'migrations' => $migrations] = Archive::read($path, $folder);
            $unknown = array_diff(
                $migrations,
                array_keys($this->migrator->getMigrationFiles([database_path('migrations'), ...$this->migrator->paths()])),
            );
            if ($unknown !== []) {
                throw new BackupRefused('The backup is of a later version of Heurema: '.implode(', ', $unknown).'.');
            }
            if (!$isOver && Schema::getTables($this->database()) !== []) {
                throw new BackupRefused('The database is not empty: --over puts the backup in place of what it holds.');
            }
            $database = "{$folder}/".Archive::DATABASE;
            $this->dump->withSecond(fn(string $second) => $this->dump->read($database, $second));
            foreach ($files as $file) {
                if (str_starts_with($file, Archive::PICTURES)) {
                    StoredFile::put($this->disk(), Str::after($file, Archive::PICTURES), File::get("{$folder}/{$file}"));
                }
            }
            $this->putBack($database);
        });
    }

    private function putBack(string $database): void
    {
        Schema::dropAllTables();
        try {
            $this->dump->read($database, $this->database());
            $isSame = $this->dump->isIn($this->database(), $database);
        } catch (BackupRefused $e) {
            throw new \RuntimeException(
                "The database was emptied and only partly filled again; restore once more. {$e->getMessage()}",
                previous: $e,
            );
        }
        if (!$isSame) {
            throw new \RuntimeException('What was put back is not what the backup holds; restore once more.');
        }
    }

    /**
     * Lays the pictures that a database speaks of into a folder.
     *
     * @return array{list<string>, list<string>} those that there are, as they are called in the archive; those that are missing
     */
    private function pictures(string $database, string $folder): array
    {
        $found = $missing = [];
        // backups called the table underlays once
        $tables = array_intersect(['pictures_beneath', 'underlays'], Schema::getTableListing($database, false));
        foreach (DB::table("{$database}.".(array_values($tables)[0] ?? 'pictures_beneath'))->orderBy('id')->pluck('file')->filter(
            static fn(mixed $value): bool => is_string($value),
        ) as $file) {
            $content = $this->disk()->exists($file) ? $this->disk()->readStream($file) : null;
            $into = "{$folder}/".Archive::PICTURES.$file;
            if ($content === null) {
                $missing[] = $file;
            } elseif ((is_dir(dirname($into)) || mkdir(dirname($into), 0o700, true)) && @file_put_contents($into, $content) !== false) {
                $found[] = Archive::PICTURES.$file;
            } else {
                throw new BackupRefused("There is no room for {$file}.");
            }
        }

        return [$found, $missing];
    }

    /** @return list<string> */
    private function migrations(string $database): array
    {
        return array_values(
            DB::table("{$database}.migrations")
                ->orderBy('id')
                ->pluck('migration')
                ->filter(static fn(mixed $value): bool => is_string($value))
                ->all(),
        );
    }

    private function rows(string $database): int
    {
        return array_sum(array_map(
            static fn(string $table): int => DB::table("{$database}.{$table}")->count(),
            Schema::getTableListing($database, false),
        ));
    }

    private function database(): string
    {
        return DB::getDatabaseName();
    }

    private function disk(): Filesystem
    {
        return Storage::disk(PictureBeneath::DISK);
    }

    /**
     * In a folder that is gone afterwards, and never two at once: half of a database that is being put back is no backup.
     *
     * @template T
     *
     * @param callable(string): T $work is given the folder
     *
     * @return T
     *
     * @throws BackupRefused
     */
    private function alone(callable $work): mixed
    {
        $lock = "{$this->database()}-backup";
        if (DB::scalar('SELECT GET_LOCK(?, 0)', [$lock]) !== 1) {
            throw new BackupRefused('Another backup is being made or put back.');
        }
        $folder = sys_get_temp_dir().'/heurema-backup-'.Str::random(16);
        try {
            return @mkdir($folder, 0o700) ? $work($folder) : throw new BackupRefused("The folder {$folder} cannot be made.");
        } finally {
            File::deleteDirectory($folder);
            DB::scalar('SELECT RELEASE_LOCK(?)', [$lock]);
        }
    }
}
