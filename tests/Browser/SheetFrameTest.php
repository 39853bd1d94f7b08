<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Drawing\DimensionStyle;
use App\Sheets\ComposedSheet;
use App\Sheets\DoesNotFit;
use App\Sheets\Paper;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetSet;
use App\Sheets\SheetSource;
use App\Sheets\TitleBlock;
use App\Sheets\ViewDefinition;
use App\Sheets\ViewKind;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\SectionLine;
use Heurema\Layout\Storey;
use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Tests\Proof\Redrawn;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A browser, which draws letters and symbols as large as they are, sees all of a plan inside of the frame and above the title. */
final class SheetFrameTest extends TestCase
{
    private const FARTHEST_OUT = <<<'JS'
        document.body.innerHTML = arguments[0];
        const svg = document.querySelector('svg');
        const line = svg.querySelector('rect.frame-line');
        const frame = line.getBoundingClientRect();
        const millimetre = frame.width / Number(line.getAttribute('width'));
        const drawn = [...svg.querySelectorAll('.plan *')].filter((one) => one.childElementCount === 0 && !one.closest('defs, clipPath'));
        return drawn.map((one) => one.getBoundingClientRect()).filter((box) => box.width + box.height > 0).reduce((most, box) => Math.max(
            most,
            (frame.left - box.left) / millimetre,
            (box.right - frame.right) / millimetre,
            (frame.top - box.top) / millimetre,
            (box.bottom - frame.bottom) / millimetre + arguments[1],
        ), -1000);
        JS;

    /** How far any view reaches out of the frame or into the title block or another view, mm; negative: all are clear by as much. */
    private const NEAREST = <<<'JS'
        document.body.innerHTML = arguments[0];
        const svg = document.querySelector('svg');
        const line = svg.querySelector('rect.frame-line');
        const frame = line.getBoundingClientRect();
        const title = svg.querySelector('.title-block .frame-line').getBoundingClientRect();
        const millimetre = frame.width / Number(line.getAttribute('width'));
        const boxOf = (view) => [...view.querySelectorAll('*')]
            .filter((one) => one.childElementCount === 0 && !one.closest('defs, clipPath'))
            .map((one) => one.getBoundingClientRect()).filter((box) => box.width + box.height > 0)
            .reduce((all, box) => [
                Math.min(all[0], box.left), Math.min(all[1], box.top), Math.max(all[2], box.right), Math.max(all[3], box.bottom),
            ], [1e9, 1e9, -1e9, -1e9]);
        const views = [...svg.querySelectorAll('[role=img], [role=table], [role=heading]:has(.caption)')].map(boxOf);
        let most = -1000;
        views.forEach((one, number) => {
            most = Math.max(most, frame.left - one[0], frame.top - one[1], one[2] - frame.right, one[3] - title.top);
            views.slice(number + 1).forEach((other) => {
                most = Math.max(most, Math.min(one[2] - other[0], other[2] - one[0], one[3] - other[1], other[3] - one[1]));
            });
        });
        return [views.length, most / millimetre];
        JS;

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [$home];
        }
    }

    #[DataProvider('homes')]
    public function test_nothing_runs_into_frame_or_title(string $name): void
    {
        $browser = Chrome::driver();
        $browser->get('about:blank');
        /** @var array<string, mixed> $document */
        $document = json_decode((string) file_get_contents(database_path("demo/{$name}.json")), true, 512, JSON_THROW_ON_ERROR);
        foreach ([0.0, 90.0, 180.0, 270.0, 33.0] as $degrees) {
            $turned = Redrawn::of($document)->turned($degrees, 0.01)->document();
            $home = new Home((new LayoutReader())->read((string) json_encode($turned)));
            $paper = Paper::usual($home->layout->units);
            foreach (['none', 'chain'] as $outside) {
                $style = new DimensionStyle($outside);
                $title = new TitleBlock('T', '', 'Ground floor', 'A', '', '', $paper->value, '');
                foreach ($home->layout->storeys as $storey) {
                    $svg = (new ComposedSheet(SheetSet::plan($storey, $paper), new SheetSource($home, $style), $title))->svg();
                    $out = $browser->executeScript(self::FARTHEST_OUT, [$svg, 18.0]);
                    self::assertGreaterThan(-1000.0, $out);
                    self::assertLessThan(0.05, $out, "{$degrees} degrees, dimensions: {$outside}, {$storey->name}");
                }
            }
        }
    }

    #[DataProvider('homes')]
    public function test_views_of_one_sheet_keep_clear_of_each_other(string $name): void
    {
        $browser = Chrome::driver();
        $browser->get('about:blank');
        $home = new Home((new LayoutReader())->read((string) file_get_contents(database_path("demo/{$name}.json"))));
        $report = $this->app->make(Examiner::class)->examine($home, [], []);
        $views = [
            ...array_map(
                static fn(Storey $storey): ViewDefinition => new ViewDefinition(ViewKind::Plan, $storey->id),
                $home->layout->storeys,
            ),
            ...array_map(
                static fn(PlacedStair $stair): ViewDefinition => new ViewDefinition(ViewKind::Section, $stair->id()),
                $home->stairs,
            ),
            ...array_map(
                static fn(string $side): ViewDefinition => new ViewDefinition(ViewKind::Face, $side),
                ['bottom', 'left'],
            ),
            ...array_map(
                static fn(SectionLine $one): ViewDefinition => new ViewDefinition(ViewKind::Cut, $one->id),
                $home->layout->sections,
            ),
            new ViewDefinition(ViewKind::Levels),
            ...array_map(
                static fn(string $kind): ViewDefinition => new ViewDefinition(ViewKind::Schedule, $kind),
                ['rooms', 'doors', 'windows'],
            ),
        ];
        foreach ([[Paper::A1, false], [Paper::A1, true], [Paper::ArchC, false]] as [$paper, $isUpright]) {
            foreach (['overall', 'chain'] as $outside) {
                $sheet = new SheetDefinition('All', $paper, $isUpright, false, $views);
                $source = new SheetSource($home, new DimensionStyle($outside), static fn(): Report => $report);
                $title = new TitleBlock('T', '', 'All', 'A', '', '', $paper->value, '', 'sheet 1 of 1', [['Drawn by', 'T'], ['Job', '1']]);
                try {
                    $svg = (new ComposedSheet($sheet, $source, $title))->svg();
                } catch (DoesNotFit) {
                    continue;
                }
                $found = $browser->executeScript(self::NEAREST, [$svg]);
                self::assertIsArray($found);
                self::assertGreaterThanOrEqual(count($home->layout->storeys) + 3, $found[0]);
                self::assertLessThan(0.0, $found[1], "{$paper->value}, {$outside}");
            }
        }
    }
}
