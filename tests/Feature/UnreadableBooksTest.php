<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** A book that cannot be read is told and left out; reviews that do not use it are untouched. */
final class UnreadableBooksTest extends TestCase
{
    use RefreshDatabase;

    private string $folder;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/heurema-shelf-'.bin2hex(random_bytes(6));
        File::copyDirectory(base_path('core/rulebooks'), $this->folder);
        $this->app->instance(RuleBookLibrary::class, new RuleBookLibrary($this->folder, new RuleBookReader(Catalogue::standard())));
        $user = User::factory()->create(['role' => Role::Principal]);
        $this->actingAs($user);
        $layout = (new LayoutReader())->read(File::get(base_path('database/demo/ferry-cottage.json')));
        $this->revision = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021']);
        File::put("{$this->folder}/uk-space.yaml", 'book: [unfinished');
        $this->app->instance(RuleBookLibrary::class, new RuleBookLibrary($this->folder, new RuleBookReader(Catalogue::standard())));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_pages_that_list_books_leave_it_out_and_say_so(): void
    {
        $this
            ->get('/rule-books')
            ->assertOk()
            ->assertSee('A rule book is left out')
            ->assertSee('uk-space.yaml')
            ->assertSee('International Residential Code 2021');
        $this->get('/rule-books/us-irc-2021')->assertOk();
        $this->get('/rule-books/uk-space')->assertStatus(503)->assertSee('uk-space.yaml');
        $this->get('/')->assertOk();
    }

    public function test_reviews_that_do_not_use_it_are_untouched(): void
    {
        $this->get("/revisions/{$this->revision->id}")->assertOk()->assertSee('Left out, as it cannot be read');
        $this->get("/revisions/{$this->revision->id}/schedules/rooms")->assertOk();
    }

    public function test_a_review_that_uses_it_says_why_it_cannot_be_shown(): void
    {
        $this->revision->update(['books' => ['uk-space']]);
        $this->get("/revisions/{$this->revision->id}")->assertStatus(503)->assertSee('uk-space.yaml');
    }
}
