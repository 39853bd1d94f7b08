<?php

declare(strict_types=1);

/*
 * How the core grows with the plan: random plans of 10 to 5000 rooms on one storey, seed 1. Times in milliseconds, best of
 * three (one for the largest). The last column is the time against GEOS parting the same plane in the same run.
 */

use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Tests\RandomPlan;

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '2G');

$best = static function (callable $part, int $rounds): float {
    $times = [];
    for ($round = 0; $round < $rounds; ++$round) {
        $start = hrtime(true);
        $part();
        $times[] = (hrtime(true) - $start) / 1e6;
    }

    return min($times);
};

$geos = static function (Home $home): float {
    $question = [[
        'walls' => array_map(static fn($wall): array => $wall->toArray(), $home->layout->storeys[0]->walls),
        'points' => [], 'probes' => [],
    ]];
    $process = proc_open(['/usr/bin/python3', __DIR__.'/geos.py'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
    if (!is_resource($process)) {
        return NAN;
    }
    fwrite($pipes[0], (string) json_encode($question[0]['walls']));
    fclose($pipes[0]);
    $milliseconds = (float) stream_get_contents($pipes[1]);
    proc_close($process);

    return $milliseconds;
};

printf("%8s %10s %10s %10s %12s %12s %10s %8s\n", 'rooms', 'read', 'write', 'rooms', 'ms per room', '1000 nearest', 'GEOS', 'ratio');
foreach ([10, 100, 1000, 5000] as $rooms) {
    $rounds = $rooms > 1000 ? 1 : 3;
    $json = (string) json_encode(RandomPlan::document(1, $rooms));
    $layout = (new LayoutReader())->read($json);
    $read = $best(static fn() => (new LayoutReader())->read($json), $rounds);
    $write = $best(static fn() => (new LayoutWriter())->write($layout), $rounds);
    $found = $best(static fn() => new Home($layout), $rounds);
    $home = new Home($layout);
    $obstacles = $home->plans['G']->mass->obstructions();
    $points = array_map(static fn(RoomSpace $room): Point => $room->room->at, $home->rooms);
    $nearest = $best(static function () use ($obstacles, $points): void {
        for ($i = 0; $i < 1000; ++$i) {
            $obstacles->nearest($points[$i % count($points)]);
        }
    }, $rounds);
    $reference = $geos($home);
    printf(
        "%8d %10.1f %10.1f %10.1f %12.3f %12.1f %10.1f %8.1f\n",
        count($home->rooms),
        $read,
        $write,
        $found,
        $found / count($home->rooms),
        $nearest,
        $reference,
        $found / $reference,
    );
}
