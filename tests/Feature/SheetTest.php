<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Drawing\DimensionStyle;
use App\Drawing\Sheet;
use App\Models\Scheme;
use App\Models\User;
use App\Sheets\ComposedSheet;
use App\Sheets\DoesNotFit;
use App\Sheets\Paper;
use App\Sheets\PlotScale;
use App\Sheets\SheetSet;
use App\Sheets\SheetSource;
use App\Sheets\TitleBlock;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Stair;
use Heurema\Spatial\Home;
use Heurema\Units\UnitSystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class SheetTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, $layout, '1 <Lane>', ['us-irc-2021'])->scheme;
        $this->actingAs($designer);
    }

    public function test_a_sheet_says_what_it_shows(): void
    {
        $svg = $this->sheet(['format' => 'svg', 'scale' => '48'])->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
        $xml = simplexml_load_string((string) $svg);
        self::assertNotFalse($xml);
        self::assertSame(['431.8mm', '279.4mm'], [(string) $xml['width'], (string) $xml['height']]);
        foreach ([
            '14 Orchard Terrace',
            '1 &lt;Lane&gt;',
            'Ground floor',
            '1/4&quot; = 1&#039;-0&quot;',
            'Dimensions to finished faces, in feet and inches',
            'version 1',
            '5 ft',
        ] as $words) {
            self::assertStringContainsString($words, (string) $svg);
        }
    }

    public function test_steps_before_the_building_keep_clear_of_the_title(): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(database_path('demo/orchard-terrace.json'))));
        $svg = self::composed($home, Paper::Tabloid, new DimensionStyle(), 48)->svg();
        self::assertSame(1, preg_match('/class="plan" transform="translate\(([\d.]+) ([\d.]+)\)/', $svg, $at));
        $lowest = (float) $at[2] - min(0.0, ...array_map(static fn(Stair $stair): float => $stair->start->y, $home->layout->stairs)) / 48;
        self::assertLessThan(Paper::Tabloid->height() - 10 - 18, $lowest);
        self::assertGreaterThan(10.0 + 11.0 - 0.01, (float) $at[2] - Sheet::of($home->layout)->building->grown(300.0)->top / 48);
    }

    public function test_north_is_drawn_where_somebody_said_where_it_is(): void
    {
        self::assertStringContainsString('>N</text>', (string) $this->sheet(['format' => 'svg'])->getContent());
        $document = $this->scheme->layout->toArray();
        unset($document['north']);
        $this->scheme->update(['layout' => (new LayoutReader())->read((string) json_encode($document))]);
        self::assertStringNotContainsString('>N</text>', (string) $this->sheet(['format' => 'svg'])->getContent());
    }

    /** Poppler, which knows nothing of the layout, sees the outer walls as long on paper as the scale makes them. */
    public function test_a_pdf_is_true_to_scale(): void
    {
        $this->scheme->update(['dimensions' => (new DimensionStyle('none'))->toArray()]);
        $pdf = $this
            ->sheet(['format' => 'pdf', 'scale' => '96'])
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        $dpi = 254;
        $pgm = (new Process(['pdftoppm', '-gray', '-r', (string) $dpi, '-singlefile', '-'], input: $pdf))->mustRun()->getOutput();
        [$left, $right] = self::darkSpan($pgm);
        // 38'-6 1/2" over the outer faces
        self::assertEqualsWithDelta(462.5 * 25.4 / 96, ($right - $left + 1) * 25.4 / $dpi, 0.3);
    }

    public function test_all_storeys_are_pages_of_one_pdf(): void
    {
        $pdf = $this->sheet(['format' => 'set'])->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $pages = explode("\f", (new Process(['pdftotext', '-', '-'], input: $pdf))->mustRun()->getOutput());
        self::assertCount(count($this->scheme->layout->storeys) + 1, $pages);
        foreach ($this->scheme->layout->storeys as $number => $storey) {
            self::assertStringContainsString($storey->name, $pages[$number]);
            self::assertStringContainsString($storey->rooms[0]->name, $pages[$number]);
        }
        self::assertStringContainsString(
            '1224 x 792 pts',
            (new Process(['pdfinfo', '-l', '2', '-'], input: $pdf))->mustRun()->getOutput(),
        );
        self::assertSame([], glob(sys_get_temp_dir().'/heurema-page-*'));
    }

    public function test_the_largest_scale_that_fits_is_taken_and_a_larger_one_refused(): void
    {
        $home = new Home($this->scheme->layout);
        self::assertSame(48, self::composed($home, Paper::Tabloid, new DimensionStyle())->fitting());
        self::assertSame(64, self::composed($home, Paper::Letter, new DimensionStyle('none'))->fitting());
        $this
            ->sheet(['scale' => '32'])
            ->assertRedirect()
            ->assertSessionHasErrors(['scale' => 'The plan does not fit on Tabloid at 3/8" = 1\'-0"; it does at 1/4" = 1\'-0".']);
        $this->expectException(DoesNotFit::class);
        self::composed(
            new Home((new LayoutReader())->read(
                '{"format": "heurema-layout", "version": 1, "name": "Long", "units": "metric", "storeys": [{"id": '
                .'"G", "name": "G", "walls": [{"id": "w", "from": [0, 0], "to": [200000, 0], "thickness": 200, "type": "exterior"}]}]}',
            )),
            Paper::A4,
            new DimensionStyle(),
        )->fitting();
    }

    private static function composed(Home $home, Paper $paper, DimensionStyle $style, ?int $scale = null): ComposedSheet
    {
        return new ComposedSheet(
            SheetSet::plan($home->layout->storeys[0], $paper, $scale),
            new SheetSource($home, $style),
            new TitleBlock('T', '', 'Ground floor', 'A', '', '', $paper->value, ''),
        );
    }

    /** Sides as ISO 216 and ANSI Y14.1 have them (from memory): each A halves the one before, whole millimetres; whole and half inches. */
    public function test_papers_lie_on_their_longer_side(): void
    {
        foreach (Paper::cases() as $paper) {
            self::assertGreaterThan($paper->height(), $paper->width());
        }
        $series = [Paper::A0, Paper::A1, Paper::A2, Paper::A3, Paper::A4];
        foreach (array_slice($series, 1) as $number => $paper) {
            self::assertSame([$series[$number]->height(), floor($series[$number]->width() / 2)], [$paper->width(), $paper->height()]);
        }
        self::assertSame([609.6, 457.2], [Paper::ArchC->width(), Paper::ArchC->height()]);
        self::assertSame([355.6, 215.9], [Paper::Legal->width(), Paper::Legal->height()]);
        self::assertSame([Paper::Letter, Paper::A4], [Paper::of(UnitSystem::Imperial)[0], Paper::of(UnitSystem::Metric)[0]]);
        self::assertCount(count(Paper::cases()), Paper::of(UnitSystem::Metric));
        $this->sheet(['paper' => 'A4'])->assertOk();
    }

    public function test_what_is_asked_for_is_checked(): void
    {
        foreach ([['paper' => 'Napkin'], ['format' => 'exe'], ['scale' => '4'], ['storey' => '']] as $values) {
            $this->sheet($values)->assertRedirect()->assertSessionHasErrors(array_keys($values));
        }
        $this->sheet(['storey' => 'X'])->assertNotFound();
        $this->actingAs(User::factory()->create());
        $this->sheet([])->assertForbidden();
    }

    public function test_scales_have_names(): void
    {
        self::assertSame('1:50', PlotScale::words(50, UnitSystem::Metric));
        self::assertSame('1:30', PlotScale::words(30, UnitSystem::Metric));
        self::assertSame('1/8" = 1\'-0"', PlotScale::words(96, UnitSystem::Imperial));
    }

    /**
     * @param array<string, string> $values
     *
     * @return TestResponse<Response>
     */
    private function sheet(array $values): TestResponse
    {
        return $this->get(
            "/schemes/{$this->scheme->id}/sheet?"
                .http_build_query([...['storey' => 'G', 'paper' => 'Tabloid', 'format' => 'svg'], ...$values]),
        );
    }

    /**
     * The first and last column of the longest dark stretch of any row above the title block, border lines left aside.
     *
     * @return array{int, int}
     */
    private static function darkSpan(string $pgm): array
    {
        self::assertSame(1, preg_match('/^P5\s(\d+) (\d+)\s255\s/', $pgm, $found));
        [$width, $height, $start] = [(int) $found[1], (int) $found[2], strlen($found[0])];
        $best = [0, -1];
        for ($row = (int) ($height * 0.1); $row < $height * 0.85; ++$row) {
            $line = substr($pgm, $start + $row * $width + (int) ($width * 0.05), (int) ($width * 0.9));
            foreach (preg_match_all('/[\x00-\x80]{60,}/', $line, $runs, PREG_OFFSET_CAPTURE) > 0 ? $runs[0] : [] as [$run, $from]) {
                $first = $runs[0][0][1];
                $last = $from + strlen($run) - 1;
                $best = $last - $first > $best[1] - $best[0] ? [$first, $last] : $best;
            }
        }

        return $best;
    }
}
