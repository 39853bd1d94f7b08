<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class DeskTest extends TestCase
{
    use RefreshDatabase;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reviewer = User::factory()->create();
    }

    public function test_the_desk_is_searched_and_filtered_by_state(): void
    {
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $open = $this->app->make(OpenProject::class);
        $open->open($this->reviewer, $layout, '1 Pear Lane', ['us-irc-2021']);
        $open->open($this->reviewer, $layout, '2 Plum Lane 100%', ['us-irc-2021'])->update(['state' => RevisionState::SignedOff]);
        $this->actingAs($this->reviewer);
        $this->get('/?q=plum')->assertSee('2 Plum Lane')->assertDontSee('1 Pear Lane');
        $this->get('/?q=100%25')->assertSee('2 Plum Lane')->assertDontSee('1 Pear Lane');
        $this->get('/?q=%25')->assertDontSee('1 Pear Lane');
        $this
            ->get('/?state=signed_off')
            ->assertSee('2 Plum Lane')
            ->assertDontSee('1 Pear Lane')
            ->assertSee('signed off (1)')
            ->assertSee('submitted (1)');
        $this->get('/?state=returned')->assertSee('Nothing like that is on the desk.');
        $this->get('/?state=lost')->assertOk()->assertSee('1 Pear Lane');
    }

    public function test_an_empty_desk_says_what_to_do(): void
    {
        $this->actingAs($this->reviewer)->get('/')->assertOk()->assertSee('Nothing is here yet.');
    }

    public function test_a_layout_file_becomes_a_project_and_is_checked(): void
    {
        $response = $this->hand((string) file_get_contents(self::demoFile()), ['address' => '14 Orchard Terrace <b>']);
        $revision = Revision::query()->firstOrFail();
        $response->assertRedirect("/revisions/{$revision->id}");
        self::assertSame(20, $revision->counts['violated']);
        self::assertSame('14 Orchard Terrace', $revision->scheme->project->name);
        $this->get('/')->assertOk()->assertSee('14 Orchard Terrace &lt;b&gt;', false)->assertSee('<b>20</b> violated', false);
    }

    public function test_a_bad_file_is_answered_422_with_the_place_and_nothing_is_stored(): void
    {
        $good = (string) file_get_contents(self::demoFile());
        foreach ([
            ['no json', 'expected JSON'],
            [str_replace('"version": 1', '"version": 9', $good), '/version: expected 1, found 9'],
            [str_replace('"north": 75', '"south": 75', $good), '/south: unknown key'],
            [str_replace('"north": 75', '"north": 1e300', $good), '/north: expected a number from -360 to 360'],
            [str_replace('"north": 75', '"north": NaN', $good), 'expected JSON'],
            [str_replace('"id": "gw2"', '"id": "gw1"', $good), 'expected an id of its own'],
            [str_replace('"name": "14 Orchard Terrace"', '"name": "<script>alert(1)</script>", "x": 1', $good), '/x: unknown key'],
        ] as [$content, $message]) {
            $this->hand($content)->assertUnprocessable()->assertSee($message);
        }
        self::assertSame([0, 0, 0], [Project::query()->count(), Scheme::query()->count(), Revision::query()->count()]);
    }

    public function test_a_file_that_is_too_large_or_none_is_refused(): void
    {
        $this->actingAs($this->reviewer)->post('/projects', ['layout' => UploadedFile::fake()->create('home.json', 48 * 1024 + 1)])
            ->assertUnprocessable()->assertSee('larger than 48 MB');
        $this->post('/projects')->assertUnprocessable()->assertSee('Choose a file.');
        $this->post('/projects', ['layout' => 'a text'])->assertUnprocessable()->assertSee('Choose a file.');
        self::assertSame(0, Project::query()->count());
    }

    public function test_names_from_the_file_are_escaped(): void
    {
        $this->hand(str_replace(
            '"name": "14 Orchard Terrace"',
            '"name": "<script>alert(1)</script>"',
            (string) file_get_contents(self::demoFile()),
        ));
        $this->get('/')->assertOk()->assertSee('&lt;script&gt;alert(1)&lt;/script&gt;', false)->assertDontSee('<script>alert(1)', false);
        $this->get('/revisions/'.Revision::query()->firstOrFail()->id)->assertOk()->assertDontSee('<script>alert(1)', false);
    }

    public function test_only_the_own_office_is_on_the_desk(): void
    {
        Project::factory()->create(['name' => 'Somewhere else']);
        $this->actingAs($this->reviewer)->get('/')->assertOk()->assertDontSee('Somewhere else');
    }

    public function test_the_number_of_queries_does_not_grow_with_the_desk(): void
    {
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile('weir-cabin')));
        $open = $this->app->make(OpenProject::class);
        $open->open($this->reviewer, $layout, null, ['us-irc-2021']);
        $one = $this->queriesOfTheDesk();
        $open->open($this->reviewer, $layout, null, ['us-irc-2021']);
        $open->open($this->reviewer, $layout, null, ['us-irc-2021']);
        self::assertSame($one, $this->queriesOfTheDesk());
    }

    private function queriesOfTheDesk(): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->actingAs($this->reviewer->fresh() ?? $this->reviewer)->get('/')->assertOk();

        return count(DB::getQueryLog());
    }

    /**
     * @param array<string, string> $more
     *
     * @return TestResponse<Response>
     */
    private function hand(string $content, array $more = []): TestResponse
    {
        return $this->actingAs($this->reviewer)->post(
            '/projects',
            ['layout' => UploadedFile::fake()->createWithContent('home.json', $content), ...$more],
        );
    }
}
