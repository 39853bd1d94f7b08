<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Office;
use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use App\Pages\FoundEntry;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** Pages, homes, what is drawn, findings and rules, found by typing a few words. */
final class SearchTest extends TestCase
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

    public function test_everywhere_pages_homes_and_rules_are_found(): void
    {
        $this->get('/search?q=rule')->assertOk()->assertSee('Pages')->assertSee(route('rule-books'), false);
        $home = route('project', $this->revision->scheme->project);
        $this->get('/search?q=orchard')->assertOk()->assertSee('Homes')->assertSee($home, false);
        $this->get('/search?q=R311.7.2')->assertOk()->assertSee('Rules')->assertSee('us-irc-2021#', false)->assertDontSee('Findings');
        $this->get('/search?q=outbox')->assertOk()->assertDontSee(route('outbox'), false);
        $this->get('/search?q='.rawurlencode('<script>'))->assertOk()->assertSee('Nothing is called so.');
        $this->get('/search?q=')->assertOk();
        foreach ([99, 100] as $letters) {
            $this->get('/search?q='.str_repeat('x', $letters))->assertOk();
        }
        $this->get('/search?q='.str_repeat('x', 101))->assertSessionHasErrors('q');
    }

    public function test_on_a_board_and_in_a_review_what_is_drawn_and_found_is_found(): void
    {
        $scheme = $this->revision->scheme;
        $window = $scheme->layout->storeys[0]->openings[0];
        $board = $this->get("/search?q={$window->mark}&scheme={$scheme->id}")->assertOk()->assertSee('On the plan');
        $board->assertSee('select='.$window->id, false);
        $this->get("/search?q=smoke&scheme={$scheme->id}")->assertOk()->assertSee('Findings')->assertSee('finding=', false);
        $review = "/revisions/{$this->revision->id}";
        $this->get("/search?q=bedroom+violated&revision={$this->revision->id}")->assertOk()->assertSee($review, false);
        $letter = route('review.letter', $this->revision);
        $this->get("/search?q=letter&revision={$this->revision->id}")->assertOk()->assertSee($letter, false);
    }

    public function test_homes_of_another_office_are_neither_found_nor_looked_into(): void
    {
        Project::factory()->create(['name' => 'Orchard elsewhere']);
        $this->get('/search?q=orchard')->assertOk()->assertDontSee('Orchard elsewhere');
        $this->actingAs(User::factory()->create(['office_id' => Office::factory()]));
        $this->get("/search?q=smoke&scheme={$this->revision->scheme_id}")->assertForbidden();
        $this->get("/search?q=smoke&revision={$this->revision->id}")->assertForbidden();
        $this->get('/search?q=smoke&scheme=999999')->assertNotFound();
        $this->get('/search?q=orchard')->assertOk()->assertDontSee('Orchard Terrace');
    }

    public function test_seven_of_a_group_are_shown(): void
    {
        $office = ['office_id' => $this->revision->scheme->project->office_id];
        foreach ([6 => 6, 7 => 7, 8 => 7] as $homes => $shown) {
            Project::query()->where('name', 'like', 'Quince%')->forceDelete();
            Project::factory()->count($homes)->create(['name' => 'Quince Court', ...$office]);
            $found = (string) $this->get('/search?q=quince')->assertOk()->getContent();
            self::assertSame($shown, substr_count($found, 'Quince Court'), "{$homes} homes");
        }
    }

    public function test_what_begins_with_the_words_comes_first(): void
    {
        $entry = static fn(string $title): FoundEntry => new FoundEntry($title, 'Ground floor', '/');
        self::assertSame([0, 1, 2, 2, null], array_map(
            static fn(string $title): ?int => $entry($title)->rank(['bed']),
            ['Bedroom', 'Large bed', 'Embedded', 'Unbed', 'Kitchen'],
        ));
        self::assertSame(2, $entry('Kitchen')->rank(['ground', 'kit']), 'words count that stand beside the title');
        self::assertNull($entry('Kitchen')->rank(['kitchen', 'upper']), 'all words are wanted');
    }
}
