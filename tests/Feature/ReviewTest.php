<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class ReviewTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $reviewer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($reviewer, $layout, null, ['us-irc-2021']);
        $this->actingAs($reviewer);
    }

    public function test_shows_the_plan_with_the_worst_finding_chosen(): void
    {
        $this->get($this->address())->assertOk()
            ->assertSee('Floor area of a habitable room')
            ->assertSee('data-subject="gr1"', false)
            ->assertSee('witness-outline', false)
            ->assertSee('Kitchen and dining');
    }

    public function test_a_finding_has_an_address(): void
    {
        $this->get($this->address(['finding' => 'us-irc-2021/toilet-side/gf17']))->assertOk()
            ->assertSee('14 3/8&quot; (365.1 mm)', false)
            ->assertSee('5/8&quot; (15.9 mm)', false)
            ->assertSee('required 15&quot;', false)
            ->assertSee('data-storey="G"', false);
    }

    public function test_a_finding_upstairs_brings_the_storey_with_it(): void
    {
        $this
            ->get($this->address(['finding' => 'us-irc-2021/hall-width/ur3']))
            ->assertOk()
            ->assertSee('aria-label="Plan of Upper floor"', false);
        $this
            ->get($this->address(['finding' => 'us-irc-2021/hall-width/ur3', 'storey' => 'G']))
            ->assertOk()
            ->assertSee('aria-label="Plan of Ground floor"', false);
    }

    public function test_pointing_at_a_thing_chooses_its_worst_finding(): void
    {
        $this->get($this->address(['subject' => 'gf17']))->assertOk()->assertSee('data-finding="us-irc-2021/toilet-side/gf17"', false);
        $this->get($this->address(['subject' => 'nothing']))->assertOk()->assertSee('Choose a finding');
    }

    public function test_what_is_listed_can_be_chosen(): void
    {
        $this
            ->get($this->address(['show' => 'met']))
            ->assertOk()
            ->assertSee('A water closet in every dwelling')
            ->assertDontSee('Width of a hallway</span>'."\n".'                    <span class="row-subject">Landing', false);
        $this->get($this->address(['show' => 'nonsense']))->assertOk();
    }

    public function test_htmx_gets_only_what_changes(): void
    {
        $here = $this->get(
            $this->address(['finding' => 'us-irc-2021/toilet-side/gf17']),
            ['HX-Request' => 'true', 'X-Drawn-Storey' => 'G'],
        );
        $here
            ->assertOk()
            ->assertSee('id="evidence"', false)
            ->assertSee('id="witness"', false)
            ->assertDontSee('<html', false)
            ->assertDontSee('id="plan"', false);
        $this->get($this->address(['finding' => 'us-irc-2021/hall-width/ur3']), ['HX-Request' => 'true', 'X-Drawn-Storey' => 'G'])
            ->assertOk()->assertSee('id="plan"', false);
    }

    public function test_another_office_is_kept_out(): void
    {
        $this->actingAs(User::factory()->create())->get($this->address())->assertForbidden();
        $this->get('/revisions/999999')->assertNotFound();
    }

    public function test_a_review_takes_few_queries(): void
    {
        DB::enableQueryLog();
        $this->get($this->address())->assertOk();
        self::assertLessThanOrEqual(17, count(DB::getQueryLog()), 'drawn, and its rows read once more to be known again');
        DB::flushQueryLog();
        $this->get($this->address())->assertOk();
        self::assertLessThanOrEqual(11, count(DB::getQueryLog()));
    }

    /** @param array<string, string> $query */
    private function address(array $query = []): string
    {
        return route('review', ['revision' => $this->revision->id, ...$query]);
    }
}
