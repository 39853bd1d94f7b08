<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Invitation;
use App\Models\LogEntry;
use App\Models\OutgoingMail;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What is pressed twice is done once; what was refused may be pressed again. */
final class DoneOnceTest extends TestCase
{
    use RefreshDatabase;

    private const DRAWING = [
        'name' => 'Twice', 'country' => 'us', 'units' => 'imperial', 'between' => 'faces', 'rooms' => 'Bed 10\' x 12\'',
    ];

    private User $principal;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $this->actingAs($this->principal);
    }

    public function test_a_drawing_is_begun_once_and_both_presses_lead_to_it(): void
    {
        $once = $this->key('/');
        $first = $this->post('/drawings', ['_once' => $once, ...self::DRAWING])->assertRedirect()->headers->get('Location');
        self::assertSame(
            $first,
            $this->post('/drawings', ['_once' => $once, ...self::DRAWING])->assertRedirect()->headers->get('Location'),
        );
        self::assertSame(1, Project::query()->count());
        // another home on the page that was gone back to, and the same by another form, are others
        $this->post('/drawings', ['_once' => $once, ...self::DRAWING, 'name' => 'Another'])->assertRedirect();
        $this->post('/drawings', ['_once' => $this->key('/'), ...self::DRAWING])->assertRedirect();
        self::assertSame(3, Project::query()->count());
    }

    public function test_the_key_of_one_is_nothing_to_another(): void
    {
        $once = $this->key('/');
        $this->post('/drawings', ['_once' => $once, ...self::DRAWING])->assertRedirect();
        $this
            ->actingAs(User::factory()->create(['office_id' => $this->principal->office_id]))
            ->post('/drawings', ['_once' => $once, ...self::DRAWING])
            ->assertRedirect();
        self::assertSame(2, Project::query()->count());
    }

    public function test_a_file_is_handed_in_once_and_another_file_is_another(): void
    {
        $once = $this->key('/');
        $hand = fn(string $home): TestResponse => $this->post(
            '/projects',
            [
                '_once' => $once,
                'layout' => UploadedFile::fake()->createWithContent('home.json', (string) file_get_contents(self::demoFile($home))),
            ],
        );
        self::assertSame(
            $hand('ferry-cottage')->assertRedirect()->headers->get('Location'),
            $hand('ferry-cottage')->assertRedirect()->headers->get('Location'),
        );
        $hand('orchard-terrace')->assertRedirect();
        self::assertSame(2, Project::query()->count());
    }

    public function test_what_was_refused_is_pressed_again(): void
    {
        $once = $this->key('/');
        foreach ([['rooms' => 'nonsense'], ['name' => '']] as $wrong) {
            $this->post('/drawings', ['_once' => $once, ...self::DRAWING, ...$wrong]);
        }
        self::assertSame([0, 0], [Project::query()->count(), DB::table('presses')->count()]);
        $this->post('/drawings', ['_once' => $once, ...self::DRAWING])->assertRedirect();
        self::assertSame(1, Project::query()->count());
    }

    public function test_an_invitation_goes_out_once_and_a_copy_is_made_once(): void
    {
        $once = $this->key('/people');
        for ($press = 0; $press < 2; ++$press) {
            $this->post('/people', ['_once' => $once, 'email' => 'mara@example.test', 'role' => 'reviewer'])->assertRedirect('/people');
        }
        self::assertSame([1, 1], [Invitation::query()->count(), OutgoingMail::query()->count()]);

        $scheme = $this->revision()->scheme;
        $once = $this->key("/compare?with[]=s{$scheme->id}");
        for ($press = 0; $press < 2; ++$press) {
            $this->post("/schemes/{$scheme->id}/copies", ['_once' => $once])->assertRedirect();
        }
        self::assertSame(['Scheme A', 'Scheme B'], Scheme::query()->orderBy('id')->pluck('name')->all());
    }

    public function test_a_remark_and_a_ruling_stand_once(): void
    {
        $revision = $this->revision();
        $review = "/revisions/{$revision->id}";
        preg_match('/data-finding="([^"]+)"/', (string) $this->get($review)->getContent(), $finding);
        $entries = LogEntry::query()->count();
        for ($press = 0; $press < 3; ++$press) {
            $this->post("{$review}/remarks", ['storey' => 'G', 'x' => 1234.5678, 'y' => -0.1, 'words' => 'Here?']);
            $this->post("{$review}/rulings", ['finding' => $finding[1] ?? '', 'kind' => 'uphold']);
        }
        self::assertSame([1, 1, $entries + 2], [$revision->remarks()->count(), $revision->rulings()->count(), LogEntry::query()->count()]);
        // to change one's mind and back is to decide thrice
        foreach (['waive', 'uphold'] as $kind) {
            $this->post(
                "{$review}/rulings",
                ['finding' => $finding[1] ?? '', 'kind' => $kind, 'words' => $kind === 'waive' ? 'It may stay.' : ''],
            );
        }
        self::assertSame(3, $revision->rulings()->count());
    }

    public function test_marks_of_presses_are_thrown_away(): void
    {
        $this->post('/drawings', ['_once' => $this->key('/'), ...self::DRAWING])->assertRedirect();
        $this->travel(3)->days();
        Artisan::call('heurema:prune');
        self::assertSame(0, DB::table('presses')->count());
    }

    private function key(string $page): string
    {
        preg_match('/name="_once" value="(\w+)"/', (string) $this->get($page)->assertOk()->getContent(), $found);

        return $found[1] ?? self::fail("No key on {$page}.");
    }

    private function revision(): Revision
    {
        return $this->app->make(OpenProject::class)->open(
            $this->principal,
            (new LayoutReader())->read((string) file_get_contents(self::demoFile())),
            null,
            ['us-irc-2021'],
        );
    }
}
