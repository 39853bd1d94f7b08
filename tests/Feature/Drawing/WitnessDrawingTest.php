<?php

declare(strict_types=1);

namespace Tests\Feature\Drawing;

use App\Drawing\LabelPlace;
use App\Drawing\WitnessDrawing;
use App\Drawing\WitnessFigures;
use App\Examination\Basis;
use App\Examination\BookList;
use App\Examination\KeptReports;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\SubjectType;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is found, what it speaks of is shown: all findings of all homes of the demonstration, held against all books. */
final class WitnessDrawingTest extends TestCase
{
    /** What lies on no one place of a storey. */
    private const EVERYWHERE = [SubjectType::Dwelling, SubjectType::Storey];

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [$home];
        }
    }

    #[DataProvider('homes')]
    public function test_every_finding_is_shown(string $file): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(base_path("database/demo/{$file}.json"))));
        $books = $this->app->make(BookList::class)->ids();
        $report = $this->app->make(KeptReports::class)->report($home, new Basis($books));
        $labels = new LabelPlace($home, 12.0);
        $figures = array_map(static fn(StoreyPlan $plan): WitnessFigures => new WitnessFigures($home, $plan, $labels), $home->plans);
        $shown = 0;
        foreach ($report->findings as $finding) {
            if (!in_array($finding->subject->type(), self::EVERYWHERE, true)) {
                self::assertShown($finding, $figures[$finding->subject->storey() ?? '']);
                ++$shown;
            }
        }
        self::assertGreaterThan(100, $shown);
    }

    /** Within 30 m of the home, on its own storey; a room and all else that lies there lies in what is brought into view. */
    private static function assertShown(Finding $finding, WitnessFigures $figures): void
    {
        $drawing = new WitnessDrawing($finding, $finding->subject->storey() ?? '');
        self::assertNotNull($drawing->bounds(), $finding->fingerprint());
        [, , $width, $height] = array_map(floatval(...), explode(' ', $drawing->bounds()));
        self::assertTrue($width >= 0.0 && $height >= 0.0 && max($width, $height) < 30_000.0, $finding->fingerprint());
        self::assertMatchesRegularExpression('/<(path|rect|circle)/', $drawing->draw($figures), $finding->fingerprint());
    }
}
