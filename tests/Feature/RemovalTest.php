<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ChangeScheme;
use App\Actions\InvitePerson;
use App\Actions\OpenProject;
use App\Actions\SubmitScheme;
use App\Mail\OutboxTransport;
use App\Models\Invitation;
use App\Models\LogEntry;
use App\Models\Office;
use App\Models\OfficeEntry;
use App\Models\OutgoingMail;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\SchemeEdit;
use App\Models\User;
use App\Pages\OfficeSizes;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\ElementList;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Homes are removed, brought back for thirty days, and gone then; what nobody needs any more is thrown away. */
final class RemovalTest extends TestCase
{
    use RefreshDatabase;

    private User $principal;

    private Revision $revision;

    private Project $project;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake(PictureBeneath::DISK);
        Storage::fake('local');
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $this->revision = $this->app->make(OpenProject::class)->open(
            $this->principal,
            (new LayoutReader())->read(File::get(self::demoFile('weir-cabin'))),
            null,
            ['us-irc-2021'],
        );
        $this->project = $this->revision->scheme->project;
        $this->actingAs($this->principal);
    }

    public function test_a_home_is_removed_and_brought_back(): void
    {
        $this->get("/projects/{$this->project->id}")->assertSee('Remove this home');
        $this->delete("/projects/{$this->project->id}")->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee('One home was removed')->assertSee('No home on the desk yet');
        foreach ([
            "/projects/{$this->project->id}",
            "/revisions/{$this->revision->id}",
            "/schemes/{$this->revision->scheme_id}/board",
            "/compare?with[]={$this->revision->id}",
        ] as $path) {
            self::assertContains($this->get($path)->getStatusCode(), [403, 404], $path);
        }
        $this->post("/projects/{$this->project->id}/return")->assertRedirect("/projects/{$this->project->id}");
        $this->get("/revisions/{$this->revision->id}")->assertOk();
        $this->post("/projects/{$this->project->id}/return")->assertStatus(409);
        self::assertSame(['brought the home back', 'removed the home'], LogEntry::query()->latest('id')->limit(2)->pluck('words')->all());
        self::assertSame(
            ["{$this->project->name} brought back", "{$this->project->name} removed"],
            OfficeEntry::query()->latest('id')->pluck('words')->all(),
        );
    }

    public function test_only_principals_remove(): void
    {
        foreach ([Role::Designer, Role::Reviewer] as $role) {
            $this->actingAs(User::factory()->create(['role' => $role, 'office_id' => $this->principal->office_id]));
            $this->delete("/projects/{$this->project->id}")->assertForbidden();
            $this->get("/projects/{$this->project->id}")->assertOk()->assertDontSee('Remove this home');
        }
        $this->project->delete();
        $this->post("/projects/{$this->project->id}/return")->assertForbidden();
        $this->get('/')->assertDontSee('was removed');
        $this
            ->actingAs(User::factory()->create(['role' => Role::Principal]))
            ->post("/projects/{$this->project->id}/return")
            ->assertForbidden();
    }

    public function test_after_thirty_days_a_home_is_gone_with_all_that_belongs_to_it(): void
    {
        $disk = Storage::disk(PictureBeneath::DISK);
        $disk->put('pictures/of-it.png', 'x');
        $disk->put('pictures/of-another.png', 'x');
        $this->revision->scheme->pictures()->forceCreate([
            'scheme_id' => $this->revision->scheme_id, 'storey' => 'G', 'file' => 'pictures/of-it.png', 'width' => 1, 'height' => 1,
            'x' => 0, 'y' => 0, 'mm_per_px' => 1, 'angle' => 0,
        ]);
        $this->delete("/projects/{$this->project->id}");
        $this->travel(29)->days();
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertSame(1, Scheme::query()->count());
        $this->travel(2)->days();
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertStringContainsString('1 homes', Artisan::output());
        self::assertSame(
            [],
            array_filter([
                Project::withTrashed()->exists(),
                Scheme::query()->exists(),
                Revision::query()->exists(),
                PictureBeneath::query()->exists(),
            ]),
        );
        self::assertSame(['pictures/of-another.png'], $disk->allFiles());
    }

    public function test_an_account_is_removed_and_its_name_is_gone_after_thirty_days(): void
    {
        $reviewer = User::factory()->create([
            'role' => Role::Reviewer,
            'office_id' => $this->principal->office_id,
            'email' => 'leaving@example.test',
        ]);
        $this->delete("/people/{$this->principal->id}")->assertSessionHasErrors('role');
        $this->delete("/people/{$reviewer->id}")->assertRedirect('/people');
        $this->get('/people')->assertSee('removed, its name gone on');
        $this->put("/people/{$reviewer->id}/seat", ['open' => '1']);
        self::assertSame([null, null], [$reviewer->refresh()->removed_at, $reviewer->disabled_at]);
        $this->delete("/people/{$reviewer->id}");
        $this->travel(29)->days();
        Artisan::call('heurema:prune');
        self::assertSame('leaving@example.test', $reviewer->refresh()->email);
        $this->travel(2)->days();
        Artisan::call('heurema:prune');
        self::assertSame(['Somebody who left', "removed-{$reviewer->id}@invalid"], [$reviewer->refresh()->name, $reviewer->email]);
        self::assertNotNull($reviewer->disabled_at);
        $this->actingAs(User::factory()->create(['role' => Role::Principal]))->delete("/people/{$reviewer->id}")->assertForbidden();
    }

    public function test_an_office_is_removed_brought_back_and_gone_after_thirty_days(): void
    {
        $designer = User::factory()->create(['role' => Role::Designer, 'office_id' => $this->principal->office_id]);
        $other = $this->app->make(OpenProject::class)->open(User::factory()->create(), $this->revision->layout, null, ['us-irc-2021']);
        $this->delete('/people/office', ['name' => 'another'])->assertSessionHasErrors('name');
        $this->delete('/people/office', ['name' => $this->principal->office->name])->assertRedirect('/people');
        $this->actingAs($designer->refresh())->get('/')->assertRedirect('/sign-in');
        $this->actingAs($this->principal->refresh())->get('/')->assertRedirect('/people');
        $this->get('/people')->assertOk()->assertSee('Bring it back');
        $this->post('/people/office')->assertRedirect('/people');
        $this->actingAs($this->principal->refresh())->get('/')->assertOk();
        $this->post('/people/office')->assertStatus(409);
        $this->delete('/people/office', ['name' => $this->principal->office->name]);
        $this->travel(31)->days();
        Artisan::call('heurema:prune');
        self::assertSame([$other->id], Revision::query()->pluck('id')->all());
        self::assertSame([1, 1], [Office::query()->count(), User::query()->count()]);
    }

    public function test_edits_handed_in_long_ago_become_one_that_is_not_undone(): void
    {
        $scheme = $this->revision->scheme;
        $changes = $this->app->make(ChangeScheme::class);
        $draw = static fn(int $number): Scheme => $changes->edit(
            $scheme->refresh(),
            $scheme->project->office->users()->firstOrFail(),
            $scheme->version,
            Add::of($scheme->layout->storeys[0]->id, ElementList::Notes, ['id' => "note{$number}", 'at' => [$number, 0], 'text' => 'x']),
        );
        $before = count($scheme->layout->storeys[0]->notes);
        array_map($draw, [1, 2, 3]);
        $this->travel(1)->minutes();
        $this->app->make(SubmitScheme::class)->submit($scheme->refresh(), $this->principal);
        $this->travel(89)->days();
        Artisan::call('heurema:prune');
        self::assertSame(3, SchemeEdit::query()->count());
        $this->travel(2)->days();
        $draw(4);
        $layout = $scheme->refresh()->layout;
        Artisan::call('heurema:prune');
        Artisan::call('heurema:prune');
        self::assertSame(
            [['3 edits', 3], [SchemeEdit::query()->latest('id')->firstOrFail()->words, null]],
            SchemeEdit::query()->orderBy('id')->get()->map(static fn(SchemeEdit $edit): array => [$edit->words, $edit->folded])->all(),
        );
        self::assertEquals($layout, $scheme->refresh()->layout);

        $undo = fn(): TestResponse => $this->post(
            "/schemes/{$scheme->id}/undo",
            ['version' => $scheme->refresh()->version, 'storey' => 'G'],
        );
        $undo()->assertOk();
        self::assertCount($before + 3, $scheme->refresh()->layout->storeys[0]->notes);
        $undo()->assertUnprocessable()->assertSee('is not undone any more');
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertSee('handed in more than 90 days ago');
        $this->post("/schemes/{$scheme->id}/redo", ['version' => $scheme->refresh()->version, 'storey' => 'G'])->assertOk();
        self::assertEquals($layout, $scheme->refresh()->layout);
    }

    public function test_principals_see_how_much_is_kept(): void
    {
        Storage::disk(PictureBeneath::DISK)->put('pictures/of-it.png', str_repeat('x', 3072));
        $this->revision->scheme->pictures()->forceCreate([
            'scheme_id' => $this->revision->scheme_id, 'storey' => 'G', 'file' => 'pictures/of-it.png', 'width' => 1, 'height' => 1,
            'x' => 0, 'y' => 0, 'mm_per_px' => 1, 'angle' => 0,
        ]);
        $sizes = (new OfficeSizes($this->principal->office))->listed();
        self::assertSame(
            ['Drawings' => 1, 'Edits' => 0, 'Revisions' => 1, 'Letters' => 0, 'Mails' => 0, 'Pictures' => 1],
            array_map(static fn(array $size): int => $size[0], $sizes),
        );
        self::assertSame(['0 B', '3 KB'], [$sizes['Edits'][1], $sizes['Pictures'][1]]);
        $this->get('/people')->assertOk()->assertSee('What is kept')->assertSee('3 KB');
        $this
            ->actingAs(User::factory()->create(['role' => Role::Designer, 'office_id' => $this->principal->office_id]))
            ->get('/people')
            ->assertOk()
            ->assertDontSee('What is kept');
        self::assertSame(0, (new OfficeSizes(User::factory()->create()->office))->listed()['Drawings'][0]);
    }

    public function test_what_nobody_needs_any_more_is_thrown_away(): void
    {
        $this->app->make(InvitePerson::class)->invite($this->principal, 'early@example.test', Role::Designer);
        $early = OutgoingMail::query()->firstOrFail();
        $this->travel(60)->days();
        $this->app->make(InvitePerson::class)->invite($this->principal, 'late@example.test', Role::Designer);
        DB::table('cache')->insert([
            ['key' => 'old', 'value' => 'x', 'expiration' => now()->subMinute()->getTimestamp()],
            ['key' => 'new', 'value' => 'x', 'expiration' => now()->addMinute()->getTimestamp()],
        ]);
        DB::table('password_reset_tokens')->insert([
            ['email' => 'a', 'token' => 'x', 'created_at' => now()->subDays(2)],
            ['email' => 'b', 'token' => 'x', 'created_at' => now()],
        ]);
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertSame(
            [2, ['new'], ['b']],
            [
                OutgoingMail::query()->count(),
                DB::table('cache')->pluck('key')->all(),
                DB::table('password_reset_tokens')->pluck('email')->all(),
            ],
        );
        $this->travel(31)->days();
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertSame(['late@example.test'], OutgoingMail::query()->pluck('to')->all());
        self::assertFalse(Storage::disk('local')->exists(OutboxTransport::FOLDER."/{$early->id}.txt"));
        $this->travel(15)->days();
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertSame(['late@example.test'], Invitation::query()->pluck('email')->all());
    }
}
