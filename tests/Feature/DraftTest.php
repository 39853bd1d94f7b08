<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A home begun on the board is a draft until it is handed in. */
final class DraftTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(User::factory()->create());
    }

    public function test_it_has_no_revision_and_the_first_hand_in_is_revision_1(): void
    {
        $scheme = $this->begin();
        self::assertSame(0, Revision::query()->count());
        self::assertTrue($scheme->isDraft());
        $this
            ->get("/schemes/{$scheme->id}/board")
            ->assertOk()
            ->assertSee('a draft')
            ->assertSee(route('brief', $scheme->project))
            ->assertSee(route('project', $scheme->project))
            ->assertSee('with%5B0%5D=s'.$scheme->id, false);
        $this->post("/schemes/{$scheme->id}/revisions")->assertRedirect();
        self::assertSame(1, Revision::query()->firstOrFail()->number);
        self::assertFalse($scheme->refresh()->isDraft());
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertSee('on the board')->assertSee('They are chosen in');
    }

    public function test_the_desk_shows_it_with_its_picture_and_opens_the_board(): void
    {
        $scheme = $this->begin();
        $this
            ->get('/')
            ->assertOk()
            ->assertSee('draft')
            ->assertSee('Being drawn')
            ->assertSee("/schemes/{$scheme->id}/board", false)
            ->assertSee('<svg', false);
        $this->get('/?state=draft')->assertSee('Cottage')->assertSee('draft (1)');
        $this->get('/?state=submitted')->assertDontSee('Being drawn');
        $this->post("/schemes/{$scheme->id}/revisions");
        $this->get('/?state=draft')->assertDontSee('project-link', false);
        $this->get('/')->assertSee('Revision 1 by');
    }

    public function test_a_country_brings_its_books_and_the_next_home_begins_with_it(): void
    {
        self::assertSame(['au-ncc-2022', 'au-livable', 'drawing'], $this->begin(['country' => 'au'])->project->books);
        $this
            ->get('/')
            ->assertSee('<option value="au" data-units="metric" selected>', false)
            ->assertSee('<option value="metric" selected>', false);
        self::assertSame(['us-irc-2021', 'drawing'], $this->begin(['country' => 'us'])->project->books);
        self::assertSame(['practice-home', 'drawing'], $this->begin(['country' => 'other'])->project->books);
        $this->post('/drawings', [...self::values(), 'country' => 'atlantis'])->assertUnprocessable();
    }

    public function test_the_books_of_a_draft_are_chosen_on_the_board_and_of_what_was_handed_in_they_are_not(): void
    {
        $scheme = $this->begin();
        $this->get("/schemes/{$scheme->id}/board")->assertSee('Checked against International Residential Code 2021');
        $this->put("/schemes/{$scheme->id}/basis", ['books' => ['in-nbc-2016', 'drawing']])->assertRedirect("/schemes/{$scheme->id}/board");
        self::assertSame(['in-nbc-2016', 'drawing'], $scheme->project->refresh()->books);
        $this
            ->from("/schemes/{$scheme->id}/board")
            ->put("/schemes/{$scheme->id}/basis", ['books' => ['nothing']])
            ->assertSessionHasErrors('books.0');
        $this->from("/schemes/{$scheme->id}/board")->put("/schemes/{$scheme->id}/basis", [])->assertSessionHasErrors('books');
        $this->post("/schemes/{$scheme->id}/revisions");
        $this->put("/schemes/{$scheme->id}/basis", ['books' => ['drawing']])->assertStatus(409);
        self::assertSame(['in-nbc-2016', 'drawing'], $scheme->project->refresh()->books);
        $this->actingAs(User::factory()->create())->put("/schemes/{$scheme->id}/basis", ['books' => ['drawing']])->assertForbidden();
    }

    public function test_what_is_of_the_whole_home_stands_apart_while_it_is_being_drawn(): void
    {
        $scheme = $this->begin();
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertSee('Not drawn yet:');
        $this->post("/schemes/{$scheme->id}/revisions");
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertDontSee('Not drawn yet:');
    }

    public function test_a_brief_is_written_for_a_draft(): void
    {
        $scheme = $this->begin();
        $this->get("/projects/{$scheme->project_id}/brief")->assertOk();
        $this->put("/projects/{$scheme->project_id}/brief", ['wishes' => [], 'free' => ''])->assertRedirect();
        $this->get("/projects/{$scheme->project_id}")->assertOk()->assertSee('began to draw');
        $this->get('/compare?with[]=s'.$scheme->id)->assertOk();
    }

    public function test_the_number_of_queries_does_not_grow_with_the_drafts(): void
    {
        $this->begin();
        $count = function (): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->get('/')->assertOk();

            return count(DB::getQueryLog());
        };
        $one = $count();
        $this->begin();
        $this->begin();
        self::assertSame($one, $count());
    }

    /** @param array<string, string> $values */
    private function begin(array $values = []): Scheme
    {
        $this->answered($this->post('/drawings', [...self::values(), ...$values]));

        return Scheme::query()->latest('id')->firstOrFail();
    }

    /** @param TestResponse<Response> $answer */
    private function answered(TestResponse $answer): void
    {
        $answer->assertRedirect('/schemes/'.Scheme::query()->latest('id')->firstOrFail()->id.'/board');
        self::assertTrue(Project::query()->exists());
    }

    /** @return array<string, string> */
    private static function values(): array
    {
        return [
            'name' => 'Cottage', 'country' => 'us', 'units' => 'imperial', 'between' => 'faces',
            'rooms' => "Bedroom 11' x 12'\nBath 5' x 8'",
        ];
    }
}
