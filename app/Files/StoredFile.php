<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Contracts\Filesystem\Filesystem;
use League\Flysystem\FilesystemException;

/** Files that are kept: written, or refused. */
final class StoredFile
{
    /** @throws UnwrittenFile when there is no room for it */
    public static function put(Filesystem $disk, string $path, string $content): void
    {
        try {
            $isWritten = $disk->put($path, $content);
        } catch (FilesystemException) {
            $isWritten = false;
        }
        if ($isWritten === false) {
            throw new UnwrittenFile();
        }
    }
}
