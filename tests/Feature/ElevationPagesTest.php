<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** The walls of rooms on their page, of a draft and of a revision, and on sheets. */
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
            $powder = $this->get("{$address}?room=gr3")->assertOk();
            $powder->assertSee('aria-current="page"', false)->assertSee('class="elevation-drawing"', false);
            $this->get("{$address}?room=nothing")->assertOk()->assertSee('A: Wall between Kitchen and dining and Living');
        }
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
}
