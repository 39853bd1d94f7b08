<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A home seen upright: walls of rooms, faces and sections on their page, of a draft and of a revision, and on sheets. */
final class ElevationPagesTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read(File::get(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021']);
        $this->actingAs($designer);
    }

    public function test_the_walls_of_the_room_that_is_asked_for_are_shown(): void
    {
        foreach (["/schemes/{$this->revision->scheme_id}/elevations", "/revisions/{$this->revision->id}/elevations"] as $address) {
            $this->get($address)->assertOk()->assertSee('A: Wall between Kitchen and dining and Living')->assertSee('Garage');
            $hall = $this->get("{$address}?room=gr3")->assertOk();
            $hall->assertSee('aria-current="page"', false)->assertSee('class="elevation-drawing"', false);
            $hall->assertSee('unit-mark', false)->assertSee('>O3</text>', false)->assertSee('>D4</text>', false);
            $kitchen = $this->get("{$address}?room=gr4")->assertOk();
            $kitchen->assertSee('unit-mark', false)->assertSee('K5');
            $this->get("{$address}?room=nothing")->assertOk()->assertSee('A: Wall between Kitchen and dining and Living');
        }
    }

    public function test_marks_are_left_away_on_wish(): void
    {
        $this->revision->scheme->update(['dimensions' => ['marks' => 'none']]);
        $address = "/schemes/{$this->revision->scheme_id}/elevations";
        $this->get("{$address}?room=gr4")->assertOk()->assertDontSee('unit-mark', false);
    }

    public function test_a_home_without_rooms_says_so(): void
    {
        $empty = '{"format": "heurema-layout", "version": 1, "name": "Empty", "units": "metric", "storeys": [{"id": "G", "name": "G"}]}';
        $this->revision->scheme->update(['layout' => (new LayoutReader())->read($empty)]);
        $this->get("/schemes/{$this->revision->scheme_id}/elevations")->assertOk()->assertSee('no room that walls close around');
    }

    public function test_a_sheet_holds_the_walls_of_a_room_each_with_its_letter(): void
    {
        $room = $this->revision->layout->storeys[0]->rooms[0];
        $this->put("/schemes/{$this->revision->scheme_id}/sheets/0", [
            'name' => 'Walls', 'paper' => 'A2', 'views' => [['kind' => 'elevations', 'of' => $room->id]],
        ])->assertRedirect();
        $svg = (string) $this->get("/schemes/{$this->revision->scheme_id}/sheets/0.svg")->assertOk()->getContent();
        self::assertNotFalse(simplexml_load_string($svg));
        foreach (['A', 'B', 'C', 'D'] as $letter) {
            self::assertStringContainsString("{$room->name} {$letter}, ", $svg);
        }
        self::assertStringContainsString('class="elevation"', $svg);
    }

    public function test_faces_and_sections_are_shown_with_levels_and_findings(): void
    {
        foreach (["/schemes/{$this->revision->scheme_id}/elevations", "/revisions/{$this->revision->id}/elevations"] as $address) {
            $face = $this->get("{$address}?face=bottom")->assertOk();
            $face->assertSee('aria-current="page"', false)->assertSee('class="upright"', false)->assertSee('Upper floor, ceiling');
            $face->assertSee('Violations seen in it')->assertSee('class="pin item-mark"', false);
            $section = $this->get("{$address}?section=c1")->assertOk();
            $section->assertSee('<h2>Section A</h2>', false)->assertSee('class="cut-built"', false)->assertSee('Highest');
            $this->get("{$address}?section=nothing")->assertOk()->assertSee('A: Wall between');
            $this->get("{$address}?face=nothing")->assertOk()->assertSee('A: Wall between');
        }
    }

    public function test_what_nobody_said_is_told(): void
    {
        $bare = '{"format": "heurema-layout", "version": 1, "name": "Bare", "units": "metric", "storeys": [{"id": "G", "name": "Low",'
            .'"walls": [{"id": "w", "from": [0, 0], "to": [4000, 0], "thickness": 100, "type": "exterior"}], "openings": ['
            .'{"id": "o", "kind": "door", "wall": "w", "at": 2000}]}]}';
        $this->revision->scheme->update(['layout' => (new LayoutReader())->read($bare)]);
        $this->get("/schemes/{$this->revision->scheme_id}/elevations?face=top")->assertOk()
            ->assertSee('how high the floor of Low lies; how high the ceiling of Low is; how thick the floor of Low is')
            ->assertSee('sizes of openings: 1');
    }

    public function test_a_line_is_drawn_turned_and_taken_away_on_the_board(): void
    {
        $scheme = $this->revision->scheme;
        $this->act('section', ['line' => ['0,3000', '9000,3000']])->assertOk()->assertSee('section-name', false);
        $drawn = $scheme->refresh()->layout->sections;
        self::assertSame(['A', 'B'], array_column($drawn, 'name'), 'the first letter that no other has');
        $this->act('section', ['line' => ['0,3000', '9000,3000']], 'trials')->assertOk()->assertSee('section-cut', false);
        $this->act('section', ['line' => ['0,3000']])->assertUnprocessable();
        $this->act('section', ['line' => ['0,3000', '0,3000']])->assertUnprocessable();
        $chosen = $this->get("/schemes/{$scheme->id}/board?select={$drawn[1]->id}")->assertOk();
        $chosen->assertSee('Looks to the')->assertSee('Open the section');
        $this->act('remove', ['select' => $drawn[1]->id])->assertOk();
        self::assertCount(1, $scheme->refresh()->layout->sections);
    }

    public function test_a_sheet_holds_faces_sections_and_levels(): void
    {
        $this->put("/schemes/{$this->revision->scheme_id}/sheets/0", ['name' => 'Faces', 'paper' => 'Arch C', 'views' => [
            ['kind' => 'face', 'of' => 'bottom'], ['kind' => 'cut', 'of' => 'c1'], ['kind' => 'levels'], ['kind' => 'cut', 'of' => 'gone'],
        ]])->assertRedirect()->assertSessionHasNoErrors();
        $svg = (string) $this->get("/schemes/{$this->revision->scheme_id}/sheets/0.svg")->assertOk()->getContent();
        self::assertNotFalse(simplexml_load_string($svg));
        foreach (['Section A, ', 'face, ', 'Levels', 'class="cut-built"'] as $word) {
            self::assertStringContainsString($word, $svg);
        }
        $this->get("/schemes/{$this->revision->scheme_id}/sheets")->assertOk()->assertSee('Something that is not there any more');
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values, string $how = 'acts'): TestResponse
    {
        $scheme = $this->revision->scheme->refresh();

        return $this->post("/schemes/{$scheme->id}/{$how}/{$act}", ['storey' => 'G', 'version' => $scheme->version, ...$values]);
    }
}
