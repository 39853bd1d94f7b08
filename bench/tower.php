<?php

declare(strict_types=1);

/*
 * How a check by all books grows with the document: towers of 10 to 500 dwellings, ten to a storey, each the upper floor of the
 * demo home. Milliseconds, one round each. Wanted: the time per dwelling stays about the same.
 */

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '4G');

const TO_A_STOREY = 10;
const APART = 20000.0;
const STOREY_HEIGHT = 2743.2;

/**
 * Gives every id a prefix and moves everything along x.
 *
 * @param array<string, list<array<string, mixed>>> $floor
 *
 * @return array<string, list<array<string, mixed>>>
 */
$copy = static function (array $floor, string $prefix, float $right): array {
    $move = static fn(array $point): array => [$point[0] + $right, $point[1]];
    foreach ($floor as $kind => $fixtures) {
        foreach ($fixtures as $number => $fixture) {
            $fixture['id'] = $prefix.$fixture['id'];
            foreach (['from', 'to'] as $end) {
                $fixture = isset($fixture[$end]) ? [...$fixture, $end => $move($fixture[$end])] : $fixture;
            }
            if (isset($fixture['at']) && is_array($fixture['at'])) {
                $fixture['at'] = $move($fixture['at']);
            }
            if (isset($fixture['wall'])) {
                $fixture['wall'] = $prefix.$fixture['wall'];
            }
            $floor[$kind][$number] = $fixture;
        }
    }

    return $floor;
};

/** @var array<string, mixed> $demo */
$demo = json_decode((string) file_get_contents(__DIR__.'/../database/demo/orchard-terrace.json'), true);
$upper = array_intersect_key($demo['storeys'][1], array_flip(['walls', 'openings', 'rooms', 'fixtures']));

$tower = static function (int $dwellings) use ($demo, $upper, $copy): string {
    $storeys = [];
    for ($number = 0; $number < $dwellings; ++$number) {
        $level = intdiv($number, TO_A_STOREY);
        $floor = $copy($upper, "d{$number}", $number % TO_A_STOREY * APART);
        $storeys[$level] ??= [
            'id' => "S{$level}", 'name' => "Level {$level}", 'elevation' => $level * STOREY_HEIGHT, 'ceiling' => 2438.4,
            'floor_thickness' => 304.8,
        ];
        foreach ($floor as $kind => $fixtures) {
            $storeys[$level][$kind] = [...($storeys[$level][$kind] ?? []), ...$fixtures];
        }
    }

    return (string) json_encode([
        'format' => $demo['format'], 'version' => 1, 'name' => 'Tower', 'units' => 'imperial', 'storeys' => $storeys,
    ]);
};

$measures = Catalogue::standard();
$books = array_map(
    static fn(string $file) => (new RuleBookReader($measures))->readFile($file),
    glob(__DIR__.'/../core/rulebooks/*.yaml') ?: [],
);

printf("%10s %10s %12s %14s %10s\n", 'dwellings', 'read', 'understand', 'all books', 'each');
foreach (array_map(intval(...), array_slice($argv, 1)) ?: [10, 50, 100, 250, 500] as $dwellings) {
    $json = $tower($dwellings);
    $start = hrtime(true);
    $layout = (new LayoutReader())->read($json);
    $read = hrtime(true);
    $home = new Home($layout);
    $understood = hrtime(true);
    (new Examiner($measures))->examine($home, $books);
    $examined = hrtime(true);
    printf(
        "%10d %10.0f %12.0f %14.0f %10.1f\n",
        $dwellings,
        ($read - $start) / 1e6,
        ($understood - $read) / 1e6,
        ($examined - $understood) / 1e6,
        ($examined - $start) / 1e6 / $dwellings,
    );
}
