<?php

declare(strict_types=1);

use Heurema\Measure\Catalogue\Catalogue;

$files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/core/src', FilesystemIterator::SKIP_DOTS));
$times = array_map(static fn(SplFileInfo $file): string => $file->getPathname().$file->getMTime(), iterator_to_array($files, false));
sort($times);

// what the code is that understands drawings and applies rules: a report that other code worked out is not shown again
return [
    'code' => hash('xxh128', implode(' ', $times)),
    'measures' => Catalogue::found(),
];
