<?php

declare(strict_types=1);

/*
 * How a check by all books grows with one storey: homes of 50 to 5,000 furnished rooms, and a storey with 800 fixtures. Seconds, the
 * most memory, and the exponent from size to size. Wanted: an exponent of at most 1.15; 1,000 rooms under 8 s and 300 MB; 800
 * fixtures under 2 s.
 */

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '8G');

$measures = Catalogue::standard();
$books = array_map(
    static fn(string $file) => (new RuleBookReader($measures))->readFile($file),
    glob(__DIR__.'/../core/rulebooks/*.yaml') ?: [],
);

$examine = static function (string $json) use ($measures, $books): float {
    memory_reset_peak_usage();
    $start = hrtime(true);
    (new Examiner($measures))->examine(new Home((new LayoutReader())->read($json)), $books);

    return (hrtime(true) - $start) / 1e9;
};

printf("%10s %10s %10s %10s\n", 'rooms', 'seconds', 'MB', 'exponent');
$before = null;
foreach (array_map(intval(...), array_slice($argv, 1)) ?: [50, 200, 1000, 5000] as $rooms) {
    $seconds = $examine((string) json_encode(FurnishedPlan::document(42, $rooms)));
    printf(
        "%10d %10.2f %10.0f %10s\n",
        $rooms,
        $seconds,
        memory_get_peak_usage() / 1e6,
        $before === null ? '' : sprintf('%.2f', log($seconds / $before[1]) / log($rooms / $before[0])),
    );
    $before = [$rooms, $seconds];
}

$crowded = FurnishedPlan::document(42, 8);
foreach (range(0, 799) as $number) {
    $crowded['storeys'][0]['fixtures'][] = [
        'id' => "c{$number}",
        'kind' => ['chair', 'lavatory', 'base_cabinet', 'table'][$number % 4],
        'at' => [300 + $number % 40 * 230, 400 + intdiv($number, 40) * 400],
        'facing' => $number * 90 % 360,
        'width' => 400,
        'depth' => 350,
        'height' => 800,
    ];
}
printf("%10s %10.2f s\n", '800 things', $examine((string) json_encode($crowded)));
