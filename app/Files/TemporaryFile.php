<?php

declare(strict_types=1);

namespace App\Files;

/** A file that is there while something is written into it and read out of it again, and gone then, whatever happens. */
final class TemporaryFile
{
    /**
     * @template T
     *
     * @param callable(string): T $work is given the path
     *
     * @return T
     *
     * @throws UnwrittenFile when there is no room for it
     */
    public static function with(string $purpose, callable $work): mixed
    {
        $path = @tempnam(sys_get_temp_dir(), "heurema-{$purpose}-");
        if ($path === false) {
            throw new UnwrittenFile();
        }
        try {
            return $work($path);
        } finally {
            // what a converter wrote beside it goes as well
            $written = glob("{$path}*");
            array_map(unlink(...), $written === false ? [] : $written);
        }
    }

    /**
     * An archive with what is added to it.
     *
     * @param callable(\ZipArchive): void $fill
     *
     * @throws UnwrittenFile when there is no room for it
     */
    public static function archive(string $purpose, callable $fill): string
    {
        return self::with($purpose, static function (string $path) use ($fill): string {
            $zip = new \ZipArchive();
            if ($zip->open($path, \ZipArchive::OVERWRITE) !== true) {
                throw new UnwrittenFile();
            }
            $fill($zip);
            $content = @$zip->close() ? file_get_contents($path) : false;

            return $content === false || $content === '' ? throw new UnwrittenFile() : $content;
        });
    }
}
