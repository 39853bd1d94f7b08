<?php

declare(strict_types=1);

namespace App\Backup;

/** A backup that could not be made or read; nothing has been changed. The message says why. */
final class BackupRefused extends \RuntimeException {}
