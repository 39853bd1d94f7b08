<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** Schedules and comparisons. */
final class SchedulesTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $user = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021']);
        $this->actingAs($user);
    }

    public function test_every_schedule_lists_everything_of_its_kind(): void
    {
        foreach ([
            'rooms' => 'Main bedroom', 'doors' => 'South door D7 of Entry', 'windows' => 'South window W12 of Bedroom 2',
            'fixtures' => 'Water closet WC1 in Powder', 'stairs' => 'Main stair', 'ramps' => 'None.',
            'finishes' => '163.67 sq ft', 'areas' => '1100.04 sq ft',
        ] as $kind => $seen) {
            $this->get("/revisions/{$this->revision->id}/schedules/{$kind}")->assertOk()->assertSee($seen);
        }
        $this->get("/revisions/{$this->revision->id}/schedules/lamps")->assertNotFound();
        $rooms = $this->get("/revisions/{$this->revision->id}/schedules/rooms");
        $rooms->assertSeeInOrder(['Study', 'mark-violated', '42.79 sq ft', '70 sq ft'], false);
    }

    public function test_rows_are_put_in_order_and_filtered(): void
    {
        $this
            ->get("/revisions/{$this->revision->id}/schedules/rooms?sort=Area")
            ->assertOk()
            ->assertSeeInOrder(['Walk-in closet', 'Study', 'Garage'])
            ->assertSee('aria-sort="ascending"', false);
        $this->get(
            "/revisions/{$this->revision->id}/schedules/rooms?sort=Area&down=1",
        )->assertSeeInOrder(['Garage', 'Study', 'Walk-in closet']);
        $this->get("/revisions/{$this->revision->id}/schedules/rooms?q=Upper")->assertSee('Main bedroom')->assertDontSee('>Garage<', false);
        $this->get("/revisions/{$this->revision->id}/schedules/rooms?sort=Colour")->assertOk();
    }

    public function test_files_hold_what_the_page_shows(): void
    {
        $csv = (string) $this
            ->get("/revisions/{$this->revision->id}/schedules/rooms?format=csv")
            ->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=UTF-8')
            ->getContent();
        $rows = array_map(str_getcsv(...), explode("\r\n", trim($csv)));
        self::assertSame(
            ['Id', 'Mark', 'Name', 'Storey', 'Use', 'Use, limit', 'Use, verdict', 'Area', 'Area, limit', 'Area, verdict'],
            array_slice($rows[0], 0, 10),
        );
        self::assertCount(16, $rows);
        $study = array_column($rows, null, 2)['Study'] ?? [];
        self::assertSame(['3.9756', '70 sq ft (≈ 6.5 m²)', 'violated'], array_slice($study, 7, 3));

        $file = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        file_put_contents(
            $file,
            (string) $this->get("/revisions/{$this->revision->id}/schedules/rooms?format=xlsx")->assertOk()->getContent(),
        );
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        foreach (['[Content_Types].xml', '_rels/.rels', 'xl/workbook.xml', 'xl/_rels/workbook.xml.rels', 'xl/styles.xml'] as $part) {
            self::assertNotFalse(simplexml_load_string((string) $zip->getFromName($part)), $part);
        }
        $sheet = simplexml_load_string((string) $zip->getFromName('xl/worksheets/sheet1.xml'));
        self::assertNotFalse($sheet);
        $sheet->registerXPathNamespace('x', 'http://schemas.openxmlformats.org/spreadsheetml/2006/main');
        $found = $sheet->xpath('//x:c[@r="H4"]');
        $studyArea = is_array($found) ? $found[0] ?? null : null;
        self::assertSame(
            [16, 'Id', 3.9756],
            [count($sheet->sheetData->row), (string) $sheet->sheetData->row[0]->c[0]->is->t, (float) $studyArea?->v],
        );
        unlink($file);
    }

    public function test_two_options_are_compared_and_one_is_picked(): void
    {
        $this->post("/schemes/{$this->revision->scheme_id}/copies")->assertRedirect();
        $copy = $this->revision->scheme->project->schemes()->latest('id')->firstOrFail();
        self::assertSame('Scheme B', $copy->name);
        // option B has the water closet where it should be, and a window less
        $this->post(
            "/schemes/{$copy->id}/acts/edit",
            ['version' => 1, 'edit' => '{"edit": "move", "ids": ["gf17"], "by": [-100, 0]}'],
        )->assertOk();
        $this->post("/schemes/{$copy->id}/acts/edit", ['version' => 2, 'edit' => '{"edit": "remove", "ids": ["gn1"]}'])->assertOk();
        $page = $this->get("/compare?with[]={$this->revision->id}&with[]=s{$copy->id}")->assertOk();
        $page->assertSeeInOrder(
            ['Scheme A, revision 1', 'Scheme B, as it is drawn', 'In numbers', 'Internal area', 'Windows', '13', '12', 'Violated', '15'],
            false,
        );
        $page->assertSeeInOrder(
            [
                'Gained: 1', 'Openings for fresh air, Living', 'Lost: 1', 'Space beside a water closet', 'In both', 'Drawn otherwise',
                'South window W7 of Living: removed.',
            ],
            false,
        );
        // what has the same id is one row as long as it is the same room
        $this->post(
            "/schemes/{$copy->id}/acts/values",
            ['version' => 3, 'select' => 'gr4', 'fields' => ['name' => 'Snug', 'use' => 'living']],
        )->assertOk();
        $this->get("/compare?with[]={$this->revision->id}&with[]=s{$copy->id}")->assertSee('Snug (living) instead');
        // the window on one plan, the closet on both
        self::assertSame(3, substr_count((string) $page->getContent(), 'class="changed-mark"'));
        $this->post("/projects/{$copy->project_id}/pick", ['scheme' => $copy->id])->assertRedirect();
        $this->get("/compare?with[]={$this->revision->id}&with[]=s{$copy->id}")->assertSeeInOrder(['Pick Scheme A', 'Scheme B', 'picked']);
        $this->post("/projects/{$copy->project_id}/pick", ['scheme' => 999999])->assertNotFound();
    }

    public function test_what_cannot_be_compared(): void
    {
        $other = $this->app->make(OpenProject::class)->open(User::query()->firstOrFail(), $this->revision->layout, null);
        foreach ([
            '',
            '?with[]=x',
            "?with[]={$this->revision->id}&with[]={$other->id}",
            '?with[]=999999',
            '?with[]=s999999',
            '?with=3',
        ] as $query) {
            $this->get("/compare{$query}")->assertNotFound();
        }
    }
}
