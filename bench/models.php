<?php

declare(strict_types=1);

/*
 * How long building models take to be read and written: the house of Debian's package assimp-testmodels, and homes of ever more rooms
 * that were written here. Wanted: 1 MB a second, the house within 3 s and 256 MB.
 */

use Heurema\Ifc\Mapping\ModelReader;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\LayoutReader;
use Heurema\Tests\FurnishedPlan;

require __DIR__.'/../vendor/autoload.php';

$time = static function (callable $work): float {
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e9;
};
$files = glob('/usr/share/assimp/models/IFC/*FZK-Haus.ifc') ?: [];
foreach ($files as $file) {
    $text = (string) file_get_contents($file);
    $seconds = $time(static fn() => ModelReader::read($text));
    printf(
        "the house: %.1f MB in %.2f s (indexed in %.2f s), %.0f MB at most\n",
        strlen($text) / 1e6,
        $seconds,
        $time(static fn() => new StepFile($text)),
        memory_get_peak_usage() / 1e6,
    );
}
foreach ([10, 30, 100, 300] as $rooms) {
    $layout = (new LayoutReader())->read((string) json_encode(FurnishedPlan::document(1, $rooms)));
    $text = '';
    $written = $time(static function () use ($layout, &$text): void {
        $text = ModelWriter::write($layout, '2026-01-01T00:00:00');
    });
    // without what stands beside the standard, so that everything is read anew
    $standard = str_replace("'Heurema'", "'Nobody'", $text);
    $read = $time(static fn() => ModelReader::read($standard));
    printf("%4d rooms: %.2f MB written in %.2f s, read in %.2f s\n", $rooms, strlen($text) / 1e6, $written, $read);
}
