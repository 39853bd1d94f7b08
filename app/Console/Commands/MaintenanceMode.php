<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupRefused;

/** While the database is exchanged pages answer 503 and workers wait; what breaks halfway leaves it so. */
trait MaintenanceMode
{
    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws BackupRefused
     */
    private function servingNobody(callable $work): mixed
    {
        if ($this->laravel->isDownForMaintenance()) {
            return $work();
        }
        $this->callSilently('down');
        try {
            $result = $work();
        } catch (BackupRefused $e) {
            $this->callSilently('up');

            throw $e;
        }
        $this->callSilently('up');

        return $result;
    }
}
