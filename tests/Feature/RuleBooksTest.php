<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class RuleBooksTest extends TestCase
{
    use RefreshDatabase;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $reviewer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->revision = $this->app->make(OpenProject::class)->open($reviewer, $layout, null);
        $this->actingAs($reviewer);
    }

    public function test_every_book_can_be_read_with_its_examples(): void
    {
        $page = $this->get('/rule-books')->assertOk();
        foreach ($this->app->make(RuleBookLibrary::class)->ids() as $id) {
            $book = $this->app->make(RuleBookLibrary::class)->book($id);
            $page->assertSee($book->title);
            $shown = $this->get("/rule-books/{$id}")->assertOk();
            foreach ($book->rules as $rule) {
                $shown->assertSee($rule->title)->assertSee($rule->why)->assertSee("{$id}/{$rule->id}");
            }
        }
        $this
            ->get('/rule-books/us-irc-2021')
            ->assertSee('Floor area at least 70 sq ft')
            ->assertSee('One of its windows or doors', false)
            ->assertSee('just under: room use bedroom, room floor area 69.9 sq ft');
        $this->get('/rule-books/uk-space')->assertSee('Internal area at least the table by 100 * dwelling.bedrooms');
        $this->get('/rule-books/nowhere')->assertNotFound();
        $this->get('/rule-books/..%2Fdrawing')->assertNotFound();
    }

    public function test_rules_are_found_by_what_they_speak_of(): void
    {
        $this
            ->get('/rule-books/us-irc-2021?q=R304.2')
            ->assertOk()
            ->assertSee('1 of 67 rules')
            ->assertSee('Least width of a habitable room');
        $this
            ->get('/rule-books/us-irc-2021?q='.urlencode('<script>'))
            ->assertOk()
            ->assertSee('0 of 67 rules')
            ->assertDontSee('<script>"', false);
    }

    public function test_a_revision_is_held_against_other_books_and_its_drawing_stays(): void
    {
        $before = $this->revision->layout->toArray();
        $this
            ->get("/revisions/{$this->revision->id}")
            ->assertOk()
            ->assertSee('Checked against International Residential Code 2021, Coordination of the drawing');
        $this->post(
            "/revisions/{$this->revision->id}/books",
            ['books' => ['uk-space']],
        )->assertRedirect("/revisions/{$this->revision->id}");
        $revision = Revision::query()->findOrFail($this->revision->id);
        self::assertSame([['uk-space'], 2], [$revision->books, $revision->counts['violated']]);
        self::assertSame($before, $revision->layout->toArray());
        $this->get("/revisions/{$this->revision->id}")->assertSee('Built-in storage');
        // the board and the next revision follow
        $this
            ->get("/schemes/{$this->revision->scheme_id}/board")
            ->assertOk()
            ->assertSee('Built-in storage')
            ->assertDontSee('Floor area of a habitable room');
        $this->post("/schemes/{$this->revision->scheme_id}/revisions")->assertRedirect();
        self::assertSame(['uk-space'], Revision::query()->latest('id')->firstOrFail()->books);
    }

    public function test_what_the_books_leave_open_is_chosen_with_them(): void
    {
        $address = "/revisions/{$this->revision->id}";
        $this->post(
            "{$address}/books",
            [
                'books' => ['in-nbc-2016'],
                'settings' => ['climate' => 'cold', 'building_height' => '25 m', 'air_conditioned' => 'no', 'quiet' => 'x'],
            ],
        )->assertRedirect($address);
        $revision = Revision::query()->findOrFail($this->revision->id);
        // only what differs from what the book takes for granted is kept
        self::assertSame(['climate' => 'cold', 'building_height' => '25 m'], $revision->settings);
        self::assertSame($revision->settings, $revision->scheme->project->settings);
        $this->get($address)->assertOk()->assertSee('<option value="cold" selected>', false)->assertSee('value="25 m"', false);
        // the next revision takes over what the project chose
        $this->post("/schemes/{$revision->scheme_id}/revisions")->assertRedirect();
        self::assertSame('cold', Revision::query()->latest('id')->firstOrFail()->settings['climate']);
    }

    public function test_what_a_setting_cannot_be_is_refused_at_its_field(): void
    {
        foreach (['climate' => 'arctic', 'building_height' => 'tall', 'air_conditioned' => 'maybe'] as $name => $value) {
            $this->post(
                "/revisions/{$this->revision->id}/books",
                ['books' => ['in-nbc-2016'], 'settings' => [$name => $value]],
            )->assertSessionHasErrors("settings.{$name}");
        }
        $this->post(
            "/revisions/{$this->revision->id}/books",
            ['books' => ['in-nbc-2016'], 'settings' => ['building_height' => '3 m2']],
        )->assertSessionHasErrors('settings.building_height');
        self::assertSame([], $this->revision->fresh()?->settings);
    }

    public function test_an_amendment_decides_and_says_so(): void
    {
        $this->post("/revisions/{$this->revision->id}/books", ['books' => ['us-irc-2021', 'tamarind-bay-2026']])->assertRedirect();
        $page = $this->get("/revisions/{$this->revision->id}?finding=us-irc-2021/room-area/gr7&show=all")->assertOk();
        $page->assertSeeInOrder([
            'The same in all books',
            'International Residential Code 2021, R304.1',
            '70 sq ft',
            'Tamarind Bay amendments 2026, R304.1',
            '80 sq ft',
        ]);
        $this->get('/rule-books/tamarind-bay-2026')
            ->assertSee('switched off')->assertSee('by tamarind-bay-2026: ')->assertSee('decided by us-irc-2021');
    }

    public function test_findings_of_one_book_alone(): void
    {
        $this->post("/revisions/{$this->revision->id}/books", ['books' => ['us-irc-2021', 'uk-space']])->assertRedirect();
        $this
            ->get("/revisions/{$this->revision->id}?book=uk-space")
            ->assertOk()
            ->assertSee('data-finding="uk-space/', false)
            ->assertDontSee('data-finding="us-irc-2021/', false);
        $this->get("/revisions/{$this->revision->id}?book=nowhere")->assertOk()->assertSee('data-finding="us-irc-2021/', false);
    }

    public function test_what_cannot_be_chosen_is_refused(): void
    {
        foreach ([
            [], ['books' => []], ['books' => ['nowhere']], ['books' => ['uk-space', 'uk-space']], ['books' => 'uk-space'],
        ] as $values) {
            $this->post("/revisions/{$this->revision->id}/books", $values)->assertSessionHasErrors();
        }
        self::assertSame(['us-irc-2021', 'drawing'], $this->revision->fresh()?->books);
        $this->actingAs(User::factory()->create());
        $this->post("/revisions/{$this->revision->id}/books", ['books' => ['uk-space']])->assertForbidden();
    }

    public function test_guests_read_no_books(): void
    {
        $this->post('/sign-out');
        $this->get('/rule-books')->assertRedirect('/sign-in');
    }
}
