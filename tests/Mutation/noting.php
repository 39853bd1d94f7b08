<?php

declare(strict_types=1);

// What PHPUnit begins with when it is noted which lines of the core a file of tests runs, those of its data providers among them.
require __DIR__.'/../../vendor/autoload.php';

register_shutdown_function(static function (): void {
    \pcov\stop();
    $run = [];
    /** @var array<string, array<int, int>> $collected times by file and line */
    $collected = \pcov\collect();
    foreach ($collected as $file => $lines) {
        $file = substr($file, strlen(dirname(__DIR__, 2)) + 1);
        $run[$file] = array_keys(array_filter($lines, static fn(int $times): bool => $times > 0));
    }
    file_put_contents((string) getenv('HEUREMA_LINES_RUN'), json_encode($run, JSON_THROW_ON_ERROR));
});
\pcov\start();
