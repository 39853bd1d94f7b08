<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class BoardTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;
    private User $designer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021'])->scheme;
        $this->actingAs($this->designer);
    }

    public function test_shows_the_plan_and_what_is_chosen(): void
    {
        $this->get("/schemes/{$this->scheme->id}/board?select=gd1")->assertOk()
            ->assertSee('data-chosen="gd1"', false)
            ->assertSee('value="3&#039;-0&quot;"', false)
            ->assertSee('data-version="1"', false)
            ->assertSee('data-subject="gw1"', false);
        $this
            ->get("/schemes/{$this->scheme->id}/board?select=nothing&storey=U")
            ->assertOk()
            ->assertSee('Nothing chosen')
            ->assertSee('Main bedroom');
    }

    public function test_an_edit_is_made_checked_and_numbered(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "move", "ids": ["gf17"], "by": [-100, 0]}'])->assertOk()
            ->assertSee('data-version="2"', false)->assertDontSee('Space beside a water closet or bidet</span>
                <span class="row-subject">Water closet gf17', false);
        self::assertSame(2, $this->current()->version);
        self::assertSame(1, $this->current()->edits()->count());
    }

    public function test_typed_values_are_read_as_people_type_them(): void
    {
        $this->send(
            'acts/values',
            ['select' => 'gd1', 'fields' => ['width' => '2 ft 10', 'height' => "6'-8\"", 'operation' => 'hinged', 'threshold' => '']],
        )->assertOk();
        $door = $this->current()->layout->storeys[0]->openings[0];
        self::assertEqualsWithDelta(863.6, $door->width, 1e-9);
        self::assertEqualsWithDelta(2032.0, $door->height, 1e-9);
        self::assertNull($door->door?->threshold);
    }

    public function test_a_doubtful_length_is_asked_about_beside_its_field_and_nothing_is_lost(): void
    {
        $this->send('acts/values', ['select' => 'gd1', 'fields' => ['width' => "3' 45/8", 'height' => '7 ft']])->assertUnprocessable()
            ->assertSee('can be read in two ways')->assertSee('value="3&#039; 45/8"', false)->assertSee('aria-invalid="true"', false);
        self::assertSame(1, $this->current()->version);
    }

    public function test_what_cannot_be_is_refused_with_the_reason(): void
    {
        foreach ([
            ['acts/edit', ['edit' => '{"edit": "fly"}'], 'expected one of add'],
            ['acts/edit', ['edit' => '{"edit": "change", "id": "gd1", "values": {"at": 999999}}'], 'lies on its wall'],
            ['acts/edit', ['edit' => 'x'], 'expected JSON'],
            ['acts/values', ['select' => 'nobody', 'fields' => []], 'Nothing has the id'],
            ['acts/values', ['select' => 'gw1', 'fields' => ['thickness' => '']], 'Thickness is needed.'],
            ['acts/wall', ['from' => 'here', 'legs' => [['to' => '0,0']], 'thickness' => '4"'], 'Point at a place'],
            ['acts/wall', ['from' => '0,0', 'legs' => [['length' => '1,500', 'towards' => '0']], 'thickness' => '4"'], 'two ways'],
            ['acts/openings', ['wall' => 'nowhere', 'kind' => 'door'], 'Choose a wall'],
            ['undo', [], 'nothing to undo'],
            ['redo', [], 'nothing to redo'],
        ] as [$path, $values, $message]) {
            $this->send($path, $values)->assertUnprocessable()->assertSee($message);
        }
        self::assertSame(1, $this->current()->version);
        $this->post("/schemes/{$this->scheme->id}/acts/edit", ['edit' => '{}'])->assertRedirect();
    }

    public function test_a_stale_edit_is_answered_409_and_can_be_made_on_the_new_state(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "change", "id": "gw1", "values": {"thickness": 170}}'])->assertOk();
        $edit = ['edit' => '{"edit": "change", "id": "gw2", "values": {"thickness": 180}}'];
        $this
            ->send('acts/edit', $edit, 1)
            ->assertConflict()
            ->assertSee('Somebody else has changed this scheme')
            ->assertSee('data-version="2"', false);
        self::assertSame(2, $this->current()->version);
        $this->send('acts/edit', $edit, 2)->assertOk();
        self::assertSame(
            [170.0, 180.0],
            array_map(static fn($wall): float => $wall->thickness, array_slice($this->current()->layout->storeys[0]->walls, 0, 2)),
        );
    }

    public function test_an_edit_that_is_sent_again_is_not_made_twice(): void
    {
        $edit = ['edit' => '{"edit": "remove", "ids": ["gf8"]}', 'sent_as' => 'a-b-c'];
        $this->send('acts/edit', $edit, 1)->assertOk()->assertSee('data-version="2"', false);
        $after = $this->written();
        // its answer got lost: the browser sends it once more, on the version that it knows
        $this->send('acts/edit', $edit, 1)->assertOk()->assertSee('data-version="2"', false);
        self::assertSame($after, $this->written());
        $this->send('acts/edit', ['sent_as' => 'd'] + $edit, 1)->assertConflict();
        $this->send('acts/edit', ['sent_as' => str_repeat('x', 41)] + $edit)->assertRedirect();
    }

    public function test_undo_and_redo_go_all_the_way_and_outlive_the_session(): void
    {
        $before = $this->written();
        $this->send('acts/edit', ['edit' => '{"edit": "remove", "ids": ["gw5"]}'])->assertOk();
        $this->send('acts/openings', ['wall' => 'gw1', 'kind' => 'window'])->assertOk()->assertSee('data-chosen="o1"', false);
        $this
            ->send(
                'acts/wall',
                ['from' => '1000,1000', 'legs' => [['length' => "6'", 'towards' => '90']], 'thickness' => '4 1/2"', 'type' => 'interior'],
            )
            ->assertOk()
            ->assertSee('data-chosen="w1"', false);
        $after = $this->written();
        $this->post('/sign-out');
        $this->actingAs($this->designer);
        foreach (range(1, 3) as $ignored) {
            $this->send('undo', [])->assertOk();
        }
        self::assertSame($before, $this->written());
        foreach (range(1, 3) as $ignored) {
            $this->send('redo', [])->assertOk();
        }
        self::assertSame($after, $this->written());
        $this->send('undo', [])->assertOk();
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 10}}'])->assertOk();
        $this->send('redo', [])->assertUnprocessable()->assertSee('nothing to redo');
    }

    public function test_an_edit_that_changes_nothing_is_no_version_and_keeps_what_can_be_redone(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 10}}'])->assertOk();
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 12}}'])->assertOk();
        $this->send('undo', [])->assertOk();
        [$version, $written] = [$this->current()->version, $this->written()];
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 10}}'])->assertOk();
        self::assertSame([$version, $written], [$this->current()->version, $this->written()]);
        $this->send('redo', [])->assertOk();
        self::assertSame(12.0, $this->current()->layout->north);
    }

    public function test_things_settle_against_the_nearest_wall_with_usual_sizes(): void
    {
        // in the living room, nearest to its left outer wall
        $this->send('acts/fixture', ['kind' => 'sofa', 'at' => '600,1200'])->assertOk()->assertSee('The sofa SF2 in Living added');
        $fixtures = $this->current()->layout->storeys[0]->fixtures;
        $sofa = $fixtures[count($fixtures) - 1];
        self::assertEqualsWithDelta([82.55, 1200.0], $sofa->at->toArray(), 1e-3);
        self::assertEqualsWithDelta(0.0, $sofa->facing, 1e-6);
        self::assertEqualsWithDelta(84 * 25.4, $sofa->width, 1e-6);
    }

    public function test_a_space_gets_its_name(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "remove", "ids": ["gr7"]}'])->assertOk()->assertSee('data-space', false);
        $this
            ->send('acts/space', ['at' => '10500,7400', 'use' => 'study', 'name' => 'Den'])
            ->assertOk()
            ->assertSee('Den')
            ->assertDontSee('data-space', false);
    }

    public function test_heights_carry_the_storeys_above_and_a_storey_can_be_added(): void
    {
        $this->send('acts/values', ['select' => 'G', 'fields' => ['ceiling' => "9'"]])->assertOk();
        self::assertEqualsWithDelta(
            [0.0, 2743.2 + 304.8],
            array_map(static fn($storey): ?float => $storey->elevation, $this->current()->layout->storeys),
            1e-6,
        );
        $this->send('acts/storey', [])->assertOk()->assertSee('Storey 3');
        $top = $this->current()->layout->storeys[2];
        self::assertCount(4, $top->walls);
        self::assertEqualsWithDelta(2743.2 + 304.8 + 2438.4 + 304.8, $top->elevation, 1e-6);
        $this->send('undo', [])->assertOk();
        self::assertCount(2, $this->current()->layout->storeys);
    }

    public function test_submitting_freezes_the_next_revision(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "move", "ids": ["gf17"], "by": [-100, 0]}'])->assertOk();
        $this->post("/schemes/{$this->scheme->id}/revisions")->assertRedirect();
        $revision = $this->scheme->revisions()->latest('number')->firstOrFail();
        self::assertSame(2, $revision->number);
        self::assertSame(16, $revision->counts['violated']);
        $this->get("/revisions/{$revision->id}")->assertOk()->assertSee('revision 2');
    }

    public function test_a_home_begins_from_listed_rooms(): void
    {
        $response = $this->post(
            '/drawings',
            [
                'name' => 'Listed',
                'country' => 'us',
                'units' => 'imperial',
                'between' => 'faces',
                'rooms' => "Bedroom 11' x 12'4\nHall 3' x 12'",
            ],
        );
        $scheme = Scheme::query()->latest('id')->firstOrFail();
        $response->assertRedirect("/schemes/{$scheme->id}/board");
        self::assertSame(['Bedroom', 'Hall'], array_map(static fn($room): string => $room->name, $scheme->layout->storeys[0]->rooms));
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertSee('135.7 sq ft');
    }

    public function test_a_list_that_cannot_be_read_comes_back_with_every_line(): void
    {
        $this->post(
            '/drawings',
            [
                'name' => 'Listed',
                'country' => 'us',
                'units' => 'metric',
                'between' => 'middles',
                'rooms' => "Hall 1,500 x 3000\nBath\nBedroom 3000 x 4000",
            ],
        )
            ->assertUnprocessable()->assertSee('Line 1:')->assertSee('two ways')->assertSee('Line 2:')->assertSee('Bedroom 3000 x 4000');
        $this
            ->post('/drawings', ['country' => 'us', 'units' => 'metric', 'between' => 'middles'])
            ->assertUnprocessable()
            ->assertSee('Give the home a name.');
        self::assertSame(1, Scheme::query()->count());
    }

    public function test_an_empty_board_takes_its_first_walls(): void
    {
        $this->post(
            '/drawings',
            ['name' => 'Empty', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'rooms' => ''],
        )->assertRedirect();
        $this->scheme = Scheme::query()->latest('id')->firstOrFail();
        foreach ([
            ['0,0', '4000', '0'],
            ['4000,0', '3 m', '90'],
            ['4000,3000', '4000', '180'],
            ['0,3000', '300cm', '270'],
        ] as [$from, $length, $towards]) {
            $this->send(
                'acts/wall',
                ['from' => $from, 'legs' => [['length' => $length, 'towards' => $towards]], 'thickness' => '200', 'type' => 'exterior'],
            )->assertOk();
        }
        $this->send('acts/space', ['at' => '2000,1500', 'use' => 'bedroom'])->assertOk()->assertSee('10.6 m²');
    }

    public function test_lengths_are_read_back_while_they_are_typed(): void
    {
        $this->get('/lengths?units=imperial&text='.urlencode("12'-6 1/2\""))->assertOk()->assertSee('12 feet 6 1/2 inches');
        $this->get('/lengths?units=metric&kind=Counter&text=170')->assertOk()->assertSee('1700 mm is more likely');
        $this->get('/lengths?units=imperial&text='.urlencode("3' 45/8"))->assertUnprocessable()->assertSee('two ways');
        $this->get('/lengths?text=')->assertOk();
    }

    public function test_another_office_is_kept_out(): void
    {
        $this->actingAs(User::factory()->create());
        $this->get("/schemes/{$this->scheme->id}/board")->assertForbidden();
        foreach (['acts/edit', 'acts/values', 'trials/wall', 'undo', 'redo', 'revisions'] as $path) {
            $this->send($path, [])->assertForbidden();
        }
    }

    public function test_an_edit_takes_few_queries(): void
    {
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 10}}'])->assertOk();
        DB::enableQueryLog();
        $this->send('acts/edit', ['edit' => '{"edit": "document", "values": {"north": 20}}'])->assertOk();
        self::assertLessThanOrEqual(13, count(DB::getQueryLog()));
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function send(string $path, array $values, ?int $version = null): TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme->id}/{$path}",
            ['version' => $version ?? $this->current()->version, 'storey' => 'G', ...$values],
            ['HX-Request' => 'true'],
        );
    }

    private function current(): Scheme
    {
        return Scheme::query()->findOrFail($this->scheme->id);
    }

    private function written(): string
    {
        return (new LayoutWriter())->write($this->current()->layout);
    }
}
