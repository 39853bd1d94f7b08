<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Drawing\PlanLayers;
use App\Models\Office;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use App\Sheets\Paper;
use App\Sheets\SchemeSheets;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetFields;
use App\Sheets\SheetSet;
use App\Sheets\ViewKind;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Sheets with several views, their title blocks, what is missing on them, and all of them as a PDF. */
final class SheetSetTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    private User $principal;

    protected function setUp(): void
    {
        parent::setUp();
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $layout = (new LayoutReader())->read(File::get(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open($this->principal, $layout, '1 Lane', ['us-irc-2021'])->scheme;
        $this->actingAs($this->principal);
    }

    public function test_where_nobody_has_chosen_each_storey_has_a_sheet(): void
    {
        self::assertSame(['Ground floor', 'Upper floor'], $this->names());
        $this->get($this->address())->assertOk()->assertSee('1 Ground floor')->assertSee('2 Upper floor')->assertSee('PDF of all');
        self::assertNull($this->scheme->refresh()->sheets);
    }

    public function test_sheets_are_added_changed_and_removed(): void
    {
        $this->post($this->address(), ['name' => 'Details', 'paper' => 'Arch D'])->assertRedirect($this->address('?sheet=2'));
        self::assertSame(['Ground floor', 'Upper floor', 'Details'], $this->names());
        $views = [['kind' => 'plan', 'of' => 'G', 'scale' => '48', 'layers' => 'furniture', 'outside' => 'none'], ['kind' => 'legend']];
        $this->put($this->address('/2'), [
            'name' => 'Furniture', 'paper' => 'A3', 'upright' => 1, 'clouds' => 1, 'views' => $views, 'add' => 'section st1',
        ])->assertRedirect();
        $sheet = $this->sheet(2);
        self::assertSame(['Furniture', Paper::A3, true, true], [$sheet->name, $sheet->paper, $sheet->isUpright, $sheet->hasClouds]);
        self::assertSame([ViewKind::Plan, ViewKind::Legend, ViewKind::Section], array_column($sheet->views, 'kind'));
        self::assertSame([48, PlanLayers::Furniture, 'none', 'st1'], [
            $sheet->views[0]->scale, $sheet->views[0]->layers, $sheet->views[0]->outside, $sheet->views[2]->of,
        ]);
        $this->delete($this->address('/0'))->assertRedirect();
        self::assertSame(['Upper floor', 'Furniture'], $this->names());
        $this->delete($this->address('/7'))->assertNotFound();
        $this->put($this->address('/7'), ['name' => 'x', 'paper' => 'A3'])->assertNotFound();
    }

    public function test_a_copy_of_a_scheme_has_its_sheets(): void
    {
        $this->put($this->address('/0'), ['name' => 'Renamed', 'paper' => 'A3', 'views' => [['kind' => 'legend']]]);
        $this->post("/schemes/{$this->scheme->id}/copies")->assertRedirect();
        $copy = Scheme::query()->latest('id')->firstOrFail();
        self::assertNotSame($this->scheme->id, $copy->id);
        self::assertSame($this->scheme->refresh()->sheets, $copy->sheets);
    }

    public function test_views_are_moved_and_taken_off_with_what_was_typed_beside_them(): void
    {
        $views = [['kind' => 'legend'], ['kind' => 'notes', 'of' => 'Mind the step'], ['kind' => 'revisions']];
        $with = ['name' => 'S', 'paper' => 'A3', 'views' => $views];
        $this->put($this->address('/0'), [...$with, 'earlier' => 1]);
        self::assertSame(
            ['notes', 'legend', 'revisions'],
            array_map(static fn($view): string => $view->kind->value, $this->sheet(0)->views),
        );
        $this->put($this->address('/0'), [...$with, 'drop' => 0, 'name' => 'Renamed']);
        self::assertSame(['notes', 'revisions'], array_map(static fn($view): string => $view->kind->value, $this->sheet(0)->views));
        self::assertSame(['Renamed', 'Mind the step'], [$this->sheet(0)->name, $this->sheet(0)->views[0]->of]);
        $this->put($this->address('/0'), [...$with, 'earlier' => 0]);
        $this->put($this->address('/0'), [...$with, 'drop' => 9]);
        self::assertCount(3, $this->sheet(0)->views);
    }

    public function test_what_makes_no_sense_is_refused(): void
    {
        $before = $this->scheme->refresh()->sheets;
        $good = ['name' => 'S', 'paper' => 'A3'];
        foreach ([
            ['name' => ''], ['paper' => 'Napkin'], ['views' => [['kind' => 'hologram']]], ['views' => 'all'], ['add' => '<b>'],
            ['views' => [['kind' => 'plan', 'scale' => 4]]], ['views' => [['kind' => 'plan', 'layers' => 'secret']]],
            ['views' => array_fill(0, SheetSet::MOST_VIEWS + 1, ['kind' => 'legend'])],
        ] as $wrong) {
            $this->put($this->address('/0'), [...$good, ...$wrong])->assertRedirect()->assertSessionHasErrors();
        }
        self::assertSame($before, $this->scheme->refresh()->sheets);
        for ($number = 2; $number < SheetSet::MOST_SHEETS; ++$number) {
            $this->post($this->address(), $good)->assertRedirect();
        }
        $this->post($this->address(), $good)->assertConflict();
        $this->actingAs(User::factory()->create(['office_id' => Office::factory()]));
        $this->get($this->address())->assertForbidden();
        $this->put($this->address('/0'), $good)->assertForbidden();
    }

    public function test_each_kind_of_view_is_drawn(): void
    {
        $views = [
            ['kind' => 'plan', 'of' => 'G'], ['kind' => 'section', 'of' => 'st1'], [
                'kind' => 'schedule', 'of' => 'doors',
            ], ['kind' => 'legend'],
            ['kind' => 'revisions'], ['kind' => 'notes', 'of' => "First <note>\nSecond"], ['kind' => 'plan', 'of' => 'gone'],
        ];
        $this->put($this->address('/0'), ['name' => 'All', 'paper' => 'A1', 'views' => $views])->assertRedirect();
        $svg = (string) $this->get($this->address('/0.svg'))->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
        self::assertNotFalse(simplexml_load_string($svg));
        foreach ([
            'Ground floor, 3/8&quot; = 1&#039;-0&quot;', 'Section along Main stair ST1, ', '>Doors</text>', 'South door D7 of Entry',
            '>Legend</text>',
            '>Guard</text>',
            '>Revisions</text>', '1. First &lt;note&gt;', '2. Second', 'on A1, sheet 1 of 2',
        ] as $words) {
            self::assertStringContainsString($words, $svg);
        }
        $this->get($this->address('/9.svg'))->assertNotFound();
        $this->put($this->address('/0'), ['name' => 'All', 'paper' => 'A4', 'views' => $views]);
        $this->get($this->address('/0.svg'))->assertStatus(422);
        $this->get($this->address())->assertOk()->assertSee('too large for A4');
    }

    public function test_plans_show_what_is_chosen(): void
    {
        $shown = [];
        foreach (PlanLayers::cases() as $layers) {
            $view = ['kind' => 'plan', 'of' => 'U', 'layers' => $layers->value, 'outside' => 'chain'];
            $this->put($this->address('/0'), ['name' => 'S', 'paper' => 'A2', 'views' => [$view]]);
            $svg = (string) $this->get($this->address('/0.svg'))->getContent();
            $shown[$layers->value] = [
                str_contains($svg, 'class="dimension"'), str_contains($svg, 'class="room-area"'), str_contains($svg, 'fixture-bed'),
                str_contains($svg, 'ceiling 8&#039;-0&quot;'), str_contains($svg, 'class="wall"'),
            ];
        }
        self::assertSame([
            'complete' => [true, true, true, false, true],
            'dimensions' => [true, false, false, false, true],
            'furniture' => [false, true, true, false, true],
            'kitchen' => [false, false, true, false, true],
            'ceiling' => [false, true, false, true, true],
        ], $shown);
    }

    public function test_clouds_are_around_what_changed_since_the_last_revision_alone(): void
    {
        $sheet = ['name' => 'S', 'paper' => 'A2', 'clouds' => 1, 'views' => [['kind' => 'plan', 'of' => 'G'], ['kind' => 'legend']]];
        $this->put($this->address('/0'), $sheet);
        $clouds = fn(): int => substr_count((string) $this->get($this->address('/0.svg'))->getContent(), 'class="revision-cloud"');
        self::assertSame(0, $clouds());
        $change = static fn(string $id): string => (string) json_encode(
            ['edit' => 'change', 'id' => $id, 'values' => ['thickness' => 222]],
        );
        $this->post("/schemes/{$this->scheme->id}/acts/edit", ['version' => 1, 'edit' => $change('gw12')])->assertOk();
        // one around the wall, one in the legend
        self::assertSame(2, $clouds());
        $this->put($this->address('/0'), [...$sheet, 'clouds' => 0]);
        self::assertSame(0, $clouds());
        $this->put($this->address('/0'), [...$sheet, 'views' => [['kind' => 'plan', 'of' => 'U']]]);
        self::assertSame(0, $clouds());
    }

    public function test_a_title_block_has_the_fields_of_the_office_and_of_the_scheme(): void
    {
        $this->put('/people/paper', ['paper' => 'Legal', 'fields' => "Telephone: 555 0142\n\nLicence: A-17"])->assertRedirect('/people');
        $this->put($this->address('/fields'), ['fields' => 'Drawn by: T. <A>', 'sheet' => 1])->assertRedirect($this->address('?sheet=1'));
        $svg = (string) $this->get($this->address('/0.svg'))->getContent();
        foreach (['Telephone: 555 0142', 'Licence: A-17', 'Drawn by: T. &lt;A&gt;'] as $field) {
            self::assertStringContainsString($field, $svg);
        }
        $this->get('/people')->assertSee('Licence: A-17');
        foreach (['no colon', ': nothing', str_repeat('x', 31).': y', 'x: '.str_repeat('y', 61), str_repeat("a: b\n", 9)] as $wrong) {
            $this->put($this->address('/fields'), ['fields' => $wrong])->assertSessionHasErrors('fields');
            $this->put('/people/paper', ['fields' => $wrong])->assertSessionHasErrors('fields');
        }
        $this->put('/people/paper', ['paper' => 'A0'])->assertSessionHasErrors('paper');
        self::assertSame('Legal', $this->principal->office->refresh()->paper);
        $this->actingAs(User::factory()->create(['office_id' => $this->principal->office_id, 'role' => Role::Reviewer]));
        $this->put('/people/paper', ['paper' => 'A4'])->assertForbidden();
    }

    /** Labels of 30 letters and values of 60 are the longest, 8 fields the most. */
    #[TestWith([30, 60, 8, true])]
    #[TestWith([31, 60, 8, false])]
    #[TestWith([30, 61, 8, false])]
    #[TestWith([30, 60, 9, false])]
    public function test_how_much_a_title_block_takes(int $label, int $value, int $fields, bool $isTaken): void
    {
        $typed = implode("\r\n", array_fill(0, $fields, str_repeat('l', $label).': '.str_repeat('v', $value)));
        try {
            self::assertSame($isTaken, count(SheetFields::read($typed)) === $fields);
        } catch (\InvalidArgumentException) {
            self::assertFalse($isTaken);
        }
    }

    public function test_what_somebody_who_builds_by_them_would_ask_is_told(): void
    {
        $document = $this->scheme->layout->toArray();
        data_set($document, 'storeys.0.rooms.0.name', data_get($document, 'storeys.0.rooms.0.id'));
        data_forget($document, 'storeys.0.openings.0.width');
        data_forget($document, 'storeys.0.openings.0.height');
        $this->scheme->update(['layout' => (new LayoutReader())->read((string) json_encode($document))]);
        $this->get($this->address())
            ->assertSee('A room of Ground floor has no name.')
            ->assertSee('cannot be set out: its width is and its height is not said.', false);
        $this->put($this->address('/1'), ['name' => 'S', 'paper' => 'A3']);
        $this->get($this->address())->assertSee('Upper floor is on no sheet.');
    }

    /** What is placed by hand where the same is dimensioned already; plans without dimensions have none twice. */
    public function test_what_is_dimensioned_twice_is_told(): void
    {
        $twice = function (string $outside, string $layers): int {
            $view = ['kind' => 'plan', 'of' => 'G', 'outside' => $outside, 'layers' => $layers];
            $this->put($this->address('/0'), ['name' => 'S', 'paper' => 'A2', 'views' => [$view]]);

            return substr_count((string) $this->get($this->address())->getContent(), 'is dimensioned twice');
        };
        $layout = json_encode([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Hut', 'units' => 'metric', 'storeys' => [[
                'id' => 'G', 'name' => 'G', 'ceiling' => 2400, 'walls' => array_map(
                    static fn(int $side): array => [
                        'id' => "w{$side}", 'from' => [[0, 0], [4000, 0], [4000, 3000], [0, 3000]][$side],
                        'to' => [[4000, 0], [4000, 3000], [0, 3000], [0, 0]][$side], 'thickness' => 200, 'type' => 'exterior',
                    ],
                    range(0, 3),
                ),
                'dimensions' => [[
                    'id' => 'd', 'from' => ['at' => [-100, 3100]], 'to' => ['at' => [4100, 3100]], 'through' => [0, 3200],
                ]],
            ]],
        ]);
        $this->scheme->update(['layout' => (new LayoutReader())->read((string) $layout)]);
        self::assertGreaterThan(0, $twice('chain', 'complete'));
        self::assertGreaterThan(0, $twice('overall', 'complete'));
        self::assertSame([0, 0], [$twice('none', 'complete'), $twice('chain', 'furniture')]);
    }

    public function test_a_pdf_has_bookmarks_tags_and_texts_and_each_page_its_size(): void
    {
        $this->put($this->address('/0'), [
            'name' => 'Ground and doors', 'paper' => 'A2', 'views' => [
                ['kind' => 'plan', 'of' => 'G'], ['kind' => 'schedule', 'of' => 'doors'],
            ],
        ]);
        $this->put(
            $this->address('/1'),
            ['name' => 'Upper', 'paper' => 'A4', 'upright' => 1, 'views' => [['kind' => 'plan', 'of' => 'U']]],
        );
        $pdf = (string) $this->get($this->address('/all.pdf'))->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $said = static fn(string ...$command): string => (new Process(array_values($command), input: $pdf))->mustRun()->getOutput();
        $info = $said('pdfinfo', '-l', '2', '-');
        self::assertMatchesRegularExpression('~Tagged: +yes~', $info);
        preg_match_all('~Page +\d size: +([\d.]+) x ([\d.]+)~', $info, $sizes);
        // A2 lying and A4 upright, in points, to the pixel
        self::assertEqualsWithDelta([594 / 25.4 * 72, 210 / 25.4 * 72], array_map(floatval(...), $sizes[1]), 0.8);
        self::assertEqualsWithDelta([420 / 25.4 * 72, 297 / 25.4 * 72], array_map(floatval(...), $sizes[2]), 0.8);
        $structure = $said('pdfinfo', '-struct', '-');
        foreach (['H1', 'H2', 'Figure', 'Table', 'TR', 'TH', 'TD'] as $tag) {
            self::assertMatchesRegularExpression("~^ *{$tag}\\b~m", $structure);
        }
        self::assertStringContainsString('/Outlines', $pdf);
        self::assertSame(2, substr_count($said('pdfimages', '-list', '-'), "\n"), 'drawings are no pictures');
        [$first, $second] = explode("\f", $said('pdftotext', '-', '-'));
        self::assertStringContainsString('South door D7 of Entry', $first);
        self::assertStringContainsString('Main bedroom', $second);
        self::assertSame([], glob(sys_get_temp_dir().'/heurema-page-*'));
    }

    /** @return list<string> */
    private function names(): array
    {
        return array_map(static fn(SheetDefinition $sheet): string => $sheet->name, SchemeSheets::set($this->scheme->refresh())->sheets);
    }

    private function sheet(int $number): SheetDefinition
    {
        return SchemeSheets::set($this->scheme->refresh())->sheets[$number];
    }

    private function address(string $more = ''): string
    {
        return "/schemes/{$this->scheme->id}/sheets{$more}";
    }
}
