<?php

declare(strict_types=1);

// What PHPUnit begins with when a mutant is tried: its class comes from another file than all others.
require __DIR__.'/../../vendor/autoload.php';

[$class, $file] = [(string) getenv('HEUREMA_MUTANT_CLASS'), (string) getenv('HEUREMA_MUTANT_FILE')];
spl_autoload_register(static function (string $wanted) use ($class, $file): void {
    if ($wanted === $class) {
        require $file;
    }
}, prepend: true);
