<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Drawing\DimensionStyle;
use App\Sheets\ComposedSheet;
use App\Sheets\Paper;
use App\Sheets\SheetSet;
use App\Sheets\SheetSource;
use App\Sheets\TitleBlock;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Proof\Redrawn;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A browser, which draws letters and symbols as large as they are, sees all of a plan inside of the frame and above the title. */
final class SheetFrameTest extends TestCase
{
    private const FARTHEST_OUT = <<<'JS'
        document.body.innerHTML = arguments[0];
        const svg = document.querySelector('svg');
        const line = svg.querySelector('.frame-line');
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
}
