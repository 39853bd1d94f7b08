<?php

declare(strict_types=1);

/*
 * What the server needs to answer an edit of the demo home on the board: edit, understand, examine against both books, draw.
 * Median and 95th percentile of 40 edits, in milliseconds, without the database. Wanted: 100 with repaint.
 */

use App\Drawing\BoardHandles;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\SubjectMarks;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;

require __DIR__.'/../vendor/autoload.php';

const ROUNDS = 40;

$measures = Catalogue::standard();
$reader = new RuleBookReader($measures);
$books = array_map(static fn(string $id) => $reader->readFile(__DIR__."/../core/rulebooks/{$id}.yaml"), ['us-irc-2021', 'drawing']);
$layout = (new LayoutReader())->read((string) file_get_contents(__DIR__.'/../database/demo/orchard-terrace.json'));
$editor = new Editor();
$examiner = new Examiner($measures);
$parts = ['edit' => [], 'understand' => [], 'examine' => [], 'draw' => [], 'all of it' => []];

for ($round = 0; $round < ROUNDS; ++$round) {
    $start = hrtime(true);
    $layout = $editor->apply($layout, new Move(['gf8'], new Point($round % 2 === 0 ? 25.4 : -25.4, 0)))->layout;
    $edited = hrtime(true);
    $home = new Home($layout);
    $understood = hrtime(true);
    $report = $examiner->examine($home, $books);
    $examined = hrtime(true);
    $labels = new LabelPlace($home, Sheet::of($layout)->scale());
    $svg = (new PlanDrawing($home, $home->plans['G'], $labels))->layers((new BoardHandles($home->plans['G']))->draw())
        .(new SubjectMarks($report, 'G', $labels))->draw();
    $drawn = hrtime(true);
    foreach (array_combine(
        array_keys($parts),
        [$edited - $start, $understood - $edited, $examined - $understood, $drawn - $examined, $drawn - $start],
    ) as $part => $time) {
        $parts[$part][] = $time / 1e6;
    }
}
printf("%-12s %8s %8s   %d bytes of plan\n", 'an edit', 'median', '95th', strlen($svg));
foreach ($parts as $part => $times) {
    sort($times);
    printf("%-12s %8.1f %8.1f\n", $part, $times[intdiv(ROUNDS, 2)], $times[(int) (0.95 * ROUNDS)]);
}
