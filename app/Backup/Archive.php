<?php

declare(strict_types=1);

namespace App\Backup;

/**
 * The file that a backup is: a zip with `manifest.json`, `database.sql` and the pictures.
 * The manifest holds the sum of each other file, so that a damaged one is known.
 */
final class Archive
{
    public const DATABASE = 'database.sql';
    public const PICTURES = 'pictures/';

    private const MANIFEST = 'manifest.json';
    private const FORMAT = 'heurema-backup-1';

    /**
     * @param string       $folder     where the files lie that go in
     * @param list<string> $files      their names in it
     * @param list<string> $migrations that the database has been through
     *
     * @throws BackupRefused with nothing left of it
     */
    public static function write(string $path, string $folder, array $files, array $migrations): void
    {
        $sums = [];
        foreach ($files as $file) {
            $sums[$file] = hash_file('sha256', "{$folder}/{$file}");
        }
        $zip = new \ZipArchive();
        $unfinished = "{$path}.unfinished";
        $isWritten = $zip->open($unfinished, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) === true;
        if ($isWritten) {
            $zip->addFromString(
                self::MANIFEST,
                json_encode(
                    ['format' => self::FORMAT, 'made' => now()->toIso8601String(), 'migrations' => $migrations, 'files' => $sums],
                    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
                ),
            );
            foreach ($files as $file) {
                $zip->addFile("{$folder}/{$file}", $file);
            }
            $isWritten = @$zip->close() && chmod($unfinished, 0o600) && rename($unfinished, $path);
        }
        if (!$isWritten) {
            @unlink($unfinished);

            throw new BackupRefused("{$path} cannot be written.");
        }
    }

    /**
     * Lays the files of an archive into a folder.
     *
     * @return array{files: list<string>, migrations: list<string>}
     *
     * @throws BackupRefused when it is none, or is damaged
     */
    public static function read(string $path, string $folder): array
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new BackupRefused("{$path} is no backup, or cannot be read.");
        }
        try {
            [$sums, $migrations] = self::manifest($zip, $path);
            foreach ($sums as $file => $sum) {
                self::take($zip, $file, $sum, $folder, $path);
            }

            return ['files' => array_keys($sums), 'migrations' => $migrations];
        } finally {
            $zip->close();
        }
    }

    /** @return array{array<string, string>, list<string>} sums by file, migrations */
    private static function manifest(\ZipArchive $zip, string $path): array
    {
        $manifest = json_decode((string) $zip->getFromName(self::MANIFEST), true);
        $sums = is_array($manifest) && ($manifest['format'] ?? null) === self::FORMAT && is_array($manifest['files'] ?? null)
            ? $manifest['files']
            : [];
        $migrations = is_array($manifest) && is_array($manifest['migrations'] ?? null) ? $manifest['migrations'] : [];
        if (!isset($sums[self::DATABASE])) {
            throw new BackupRefused("{$path} is no backup of Heurema.");
        }
        $known = [];
        foreach ($sums as $file => $sum) {
            if (
                !is_string($sum)
                || preg_match('#^(database\.sql|pictures/[A-Za-z0-9_-]+/[A-Za-z0-9_-]+\.[a-z]+)$#D', (string) $file) !== 1
            ) {
                throw new BackupRefused("{$path} names a file that no backup holds.");
            }
            $known[(string) $file] = $sum;
        }

        return [$known, array_values(array_filter($migrations, is_string(...)))];
    }

    private static function take(\ZipArchive $zip, string $file, string $sum, string $folder, string $path): void
    {
        $content = $zip->getStream($file);
        $into = "{$folder}/{$file}";
        if (
            $content === false
            || (!is_dir(dirname($into)) && !mkdir(dirname($into), 0o700, true))
            || @file_put_contents($into, $content) === false
            || hash_file('sha256', $into) !== $sum
        ) {
            throw new BackupRefused("{$path} is damaged: {$file} is not what was put in, or there is no room for it.");
        }
    }
}
