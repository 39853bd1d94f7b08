<?php

declare(strict_types=1);

/*
 * How long the parts of a check of the demo home take, warm: median and 95th percentile of 40 rounds, in milliseconds.
 * Wanted on two cores: the Examiner alone within 50 ms, all books within 150.
 */

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;

require __DIR__.'/../vendor/autoload.php';

const ROUNDS = 40;

$measures = Catalogue::standard();
$book = (new RuleBookReader($measures))->readFile(__DIR__.'/../core/rulebooks/us-irc-2021.yaml');
$drawing = (new RuleBookReader($measures))->readFile(__DIR__.'/../core/rulebooks/drawing.yaml');
$books = array_map(
    static fn(string $file) => (new RuleBookReader($measures))->readFile($file),
    glob(__DIR__.'/../core/rulebooks/*.yaml') ?: [],
);
$json = (string) file_get_contents(__DIR__.'/../database/demo/orchard-terrace.json');
$layout = (new LayoutReader())->read($json);
$home = new Home($layout);
$examiner = new Examiner($measures);

$parts = [
    'read the document' => static fn () => (new LayoutReader())->read($json),
    'rooms from walls' => static fn () => new Home($layout),
    'Examiner alone' => static fn () => $examiner->examine($home, [$book]),
    'drawing book alone' => static fn() => $examiner->examine($home, [$drawing]),
    'all books' => static fn () => $examiner->examine($home, $books),
    'all of it' => static fn () => $examiner->examine(new Home((new LayoutReader())->read($json)), [$book, $drawing]),
];

printf("%-22s %8s %8s\n", 'demo home', 'median', '95th');
foreach ($parts as $name => $part) {
    $times = [];
    for ($round = 0; $round < ROUNDS; ++$round) {
        $start = hrtime(true);
        $part();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("%-22s %8.1f %8.1f\n", $name, $times[intdiv(ROUNDS, 2)], $times[(int) (0.95 * ROUNDS)]);
}
