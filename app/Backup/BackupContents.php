<?php

declare(strict_types=1);

namespace App\Backup;

/** What a backup holds. */
final class BackupContents
{
    /** @param list<string> $missing pictures that the database speaks of and that are not there */
    public function __construct(public readonly int $rows, public readonly int $pictures, public readonly array $missing) {}
}
