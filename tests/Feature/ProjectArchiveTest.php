<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\TakeProject;
use App\Exchange\ProjectArchive;
use App\Exchange\ProjectContents;
use App\Files\BrokenArchive;
use App\Files\SealedArchive;
use App\Files\TemporaryFile;
use App\Letters\SentLetter;
use App\Models\Letter;
use App\Models\Office;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\Ruling;
use App\Models\Scheme;
use App\Models\User;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection as BaseCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Whole projects go out as archives and come in again, here and elsewhere. */
final class ProjectArchiveTest extends TestCase
{
    use RefreshDatabase;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->reviewer = Project::query()->firstOrFail()->office->users()->where('role', Role::Reviewer)->firstOrFail();
        $this->actingAs($this->reviewer);
    }

    public function test_every_project_comes_back_as_it_was(): void
    {
        $projects = Project::query()->get();
        self::assertGreaterThan(5, $projects->count());
        foreach ($projects as $project) {
            $before = self::archived($project);
            $taken = $this->take($before);
            self::assertNotSame($project->id, $taken->id);
            $after = self::files(self::archived($taken));
            // but for the entry of the log that says so
            $record = self::decoded($after[ProjectArchive::RECORD]);
            $log = (array) $record['log'];
            self::assertSame('took the project in from an archive', data_get(array_pop($log), 'words'));
            $was = self::files($before);
            self::assertSame(self::decoded($was[ProjectArchive::RECORD])['schemes'], $record['schemes'], $project->name);
            self::assertSame(self::decoded($was[ProjectArchive::RECORD])['log'], $log);
            unset($was[ProjectArchive::RECORD], $after[ProjectArchive::RECORD], $was['manifest.json'], $after['manifest.json']);
            self::assertSame($was, $after, $project->name);
        }
    }

    public function test_its_pages_show_what_they_showed(): void
    {
        $letter = Letter::query()->latest('id')->firstOrFail();
        $project = $letter->revision->scheme->project;
        $taken = $this->take(self::archived($project));
        self::assertSame(
            $project->schemes()->withCount('revisions')->pluck('revisions_count', 'name')->all(),
            $taken->schemes()->withCount('revisions')->pluck('revisions_count', 'name')->all(),
        );
        $old = Revision::query()->whereIn('scheme_id', $project->schemes()->select('id'))->orderBy('number')->get();
        $new = Revision::query()->whereIn('scheme_id', $taken->schemes()->select('id'))->orderBy('number')->get();
        foreach ($old as $number => $revision) {
            $copy = $new[$number] ?? self::fail('A revision is not there.');
            self::assertSame([$revision->state, $revision->counts], [$copy->state, $copy->counts]);
            $this->get("/revisions/{$copy->id}")->assertOk()->assertSee($revision->state->words());
            self::assertSame($revision->rulings()->count(), $copy->rulings()->count());
        }
        $sent = Letter::query()->latest('id')->firstOrFail();
        self::assertNotSame($letter->id, $sent->id);
        self::assertSame($letter->html, $this->get("/letters/{$sent->id}")->assertOk()->getContent());
        $this->get("/projects/{$taken->id}")->assertOk()->assertSee('took the project in from an archive');
        // decided together, and apart from the project that it came from
        $batches = static fn(Collection $of): BaseCollection => Ruling::query()->whereIn('revision_id', $of->modelKeys())->pluck('batch');
        self::assertEmpty($batches($old)->intersect($batches($new)));
        self::assertCount($batches($old)->unique()->count(), $batches($new)->unique());
    }

    public function test_another_office_takes_it_in_and_knows_its_people_by_their_names(): void
    {
        $archive = self::archived(Letter::query()->latest('id')->firstOrFail()->revision->scheme->project);
        $stranger = User::factory()->create(['role' => Role::Reviewer, 'office_id' => Office::factory()]);
        $this->actingAs($stranger);
        $users = User::query()->count();
        $this->post('/archives', ['archive' => self::upload($archive)])->assertRedirect();
        $project = Project::query()->latest('id')->firstOrFail();
        self::assertSame($stranger->office_id, $project->office_id);
        $persons = count((array) self::decoded(self::files($archive)[ProjectArchive::RECORD])['people']);
        self::assertSame($users + $persons, User::query()->count());
        $revision = Revision::query()->latest('id')->firstOrFail();
        self::assertFalse($revision->submitter->isReachable());
        self::assertNotNull($revision->submitter->disabled_at);
        $this->get("/revisions/{$revision->id}")->assertOk()->assertSee($revision->submitter->name);
        $this->get('/people')->assertOk()->assertDontSee($revision->submitter->name);
        // once more: the same people
        $this->post('/archives', ['archive' => self::upload($archive)])->assertRedirect();
        self::assertSame($users + $persons, User::query()->count());
        // and out of it again: nobody's address
        $people = self::decoded(self::files(self::archived($project))[ProjectArchive::RECORD])['people'];
        self::assertSame(array_fill(0, $persons, null), array_column(array_slice((array) $people, 0, $persons), 'email'));
    }

    public function test_pictures_to_trace_come_along(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        $picture = (string) UploadedFile::fake()->image('plan.png', 300, 200)->get();
        Storage::disk(PictureBeneath::DISK)->put('pictures/one.png', $picture);
        Storage::disk(PictureBeneath::DISK)->put('pictures/gone.png', $picture);
        foreach (['one' => 'G', 'gone' => '1'] as $file => $storey) {
            $scheme->pictures()->create([
                'storey' => $storey, 'file' => "pictures/{$file}.png", 'width' => 300, 'height' => 200, 'x' => 12.5, 'y' => -7,
                'mm_per_px' => 21.25,
                'angle' => 1.5,
            ]);
        }
        Storage::disk(PictureBeneath::DISK)->delete('pictures/gone.png');
        $taken = $this->take(self::archived($scheme->project));
        $beneath = $taken->schemes()->firstOrFail()->pictures()->sole();
        self::assertSame($picture, Storage::disk(PictureBeneath::DISK)->get($beneath->file));
        self::assertSame([300, 200, 12.5, -7.0, 21.25, 1.5], [
            $beneath->width, $beneath->height, $beneath->x, $beneath->y, $beneath->mm_per_px, $beneath->angle,
        ]);
        self::assertNotSame('pictures/one.png', $beneath->file);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>, string}> values by their place, contents by file */
    private static function spoilt(): iterable
    {
        $revision = 'schemes.0.revisions.0';
        $statement = [
            'by' => 0, 'element' => 'x', 'key' => 'x', 'typed' => 'x', 'patch' => '{"changes":[1]}', 'created_at' => '2026-11-28T00:00:00Z',
        ];
        yield 'no name' => [['name' => ''], [], 'project.json, project: The name field is required.'];
        yield 'a kind that there is not' => [['kind' => 'castle'], [], 'project.json, project'];
        yield 'a date that is none' => [['schemes.0.created_at' => 'yesterday'], [], 'project.json, schemes/0'];
        yield 'no schemes' => [['schemes' => []], [], 'no scheme'];
        yield 'schemes that are no list' => [['schemes' => ['a' => []]], [], '"schemes" is a list'];
        yield 'a person who is not there' => [["{$revision}.by" => 99], [], 'project.json, schemes/0/revisions/0'];
        yield 'a person by a word' => [['log.0.by' => 'me'], [], 'project.json, log/0'];
        yield 'a state that there is not' => [["{$revision}.state" => 'lost'], [], 'project.json, schemes/0/revisions/0'];
        yield 'a number twice' => [['schemes.0.revisions.1.number' => 1], [], 'two revisions of the same number'];
        yield 'a log of no revision' => [['log.0.revision' => [4, 7]], [], 'a revision that it does not hold'];
        yield 'a picked scheme that is not there' => [['picked' => 70], [], 'a picked scheme that it does not hold'];
        yield 'a file that is not there' => [['schemes.0.layout' => 'schemes/9.json'], [], 'no file schemes/9.json'];
        yield 'a file outside of it' => [['schemes.0.layout' => '../../.env'], [], 'no file ../../.env'];
        yield 'a layout that is none' => [[], ['schemes/0.json' => '{"a":1}'], 'schemes/0.json: '];
        yield 'a report that is none' => [[], ['reports/0-0.json' => '{"books":{},"report":"{}"}'], 'cannot be shown'];
        yield 'a letter with a script' => [[], ['letters/0-0-0.html' => '<p>Hello<script>alert(1)</script></p>'], 'what no letter holds'];
        yield 'a letter that runs' => [[], ['letters/0-0-0.html' => '<p onclick="x()">Hello</p>'], 'what no letter holds'];
        yield 'a letter that fetches' => [[], ['letters/0-0-0.html' => '<img src="http://example.test/x.png">'], 'what no letter holds'];
        yield 'a book that is not here' => [[], ['books/our-own.yaml' => 'id: our-own'], 'no rule book our-own'];
        yield 'a patch that is none' => [["{$revision}.statements" => [$statement]], [], 'cannot be shown'];
        yield 'a wish that nobody understands' => [['brief' => ['wishes' => ['3 dragons']]], [], 'dragons'];
        yield 'rules of a brief that are none' => [['brief' => ['wishes' => [], 'free' => 'a: [b']], [], 'The brief is not understood'];
        yield 'facts that are none' => [["{$revision}.rulings.0.found" => '{"verdict":"?"}'], [], 'cannot be shown'];
    }

    public function test_what_makes_no_sense_is_refused_whole(): void
    {
        $project = Revision::query()->where('number', 2)->firstOrFail()->scheme->project;
        $archived = self::files(self::archived($project));
        unset($archived['manifest.json']);
        $this->take(SealedArchive::write(ProjectArchive::FORMAT, $archived, 'now'));
        $counts = static fn(): array => array_map(
            static fn(string $table): int => DB::table($table)->count(),
            ['projects', 'schemes', 'revisions', 'rulings', 'letters', 'users', 'log_entries', 'office_entries'],
        );
        $before = [$counts(), Storage::disk(PictureBeneath::DISK)->allFiles()];
        foreach (self::spoilt() as $what => [$values, $contents, $says]) {
            self::assertSame([], array_diff_key($contents, [...$archived, 'books/our-own.yaml' => '']), $what);
            $record = self::decoded($archived[ProjectArchive::RECORD]);
            foreach ($values as $place => $value) {
                data_set($record, $place, $value);
            }
            $files = [...$archived, ...$contents, ProjectArchive::RECORD => json_encode($record, JSON_THROW_ON_ERROR)];
            $answer = $this->post('/archives', ['archive' => self::upload(SealedArchive::write(ProjectArchive::FORMAT, $files, 'now'))]);
            self::assertSame(422, $answer->getStatusCode(), $what);
            $answer->assertSee($says);
            self::assertSame($before, [$counts(), Storage::disk(PictureBeneath::DISK)->allFiles()], $what);
        }
    }

    public function test_an_archive_that_was_damaged_or_is_another_is_refused(): void
    {
        $archive = self::archived(Project::query()->firstOrFail());
        $changed = self::changed($archive, static fn(\ZipArchive $zip) => $zip->addFromString('schemes/0.json', '{}'));
        $added = self::changed($archive, static fn(\ZipArchive $zip) => $zip->addFromString('more.txt', 'more'));
        $without = self::changed($archive, static fn(\ZipArchive $zip) => $zip->deleteName('schemes/0.json'));
        $refused = [
            'schemes/0.json is not what was put in' => $changed,
            'does not hold the files that its manifest names' => $added,
            'does not hold the files' => $without,
            'This is no archive' => substr($archive, 0, 400),
            'no archive' => 'words',
            'not of the form heurema-project-1' => SealedArchive::write('heurema-backup-1', ['a' => 'b'], 'now'),
        ];
        foreach ($refused as $says => $content) {
            $this->post('/archives', ['archive' => self::upload($content)])->assertStatus(422)->assertSee($says);
        }
        $this->post('/archives')->assertStatus(422)->assertSee('Choose an archive.');
        self::assertSame(
            0,
            Project::query()->where('id', '>', Project::query()->where('office_id', $this->reviewer->office_id)->max('id'))->count(),
        );
    }

    public function test_an_archive_that_unpacks_to_too_much_is_refused(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sealed');
        file_put_contents($path, SealedArchive::write('x', ['a' => str_repeat('a', 1000), 'b' => 'b'], 'now'));
        self::assertSame(str_repeat('a', 1000), SealedArchive::open($path, 'x', 2, 1001)->text('a'));
        foreach ([[1, 1001], [2, 1000]] as [$files, $bytes]) {
            try {
                SealedArchive::open($path, 'x', $files, $bytes);
                self::fail("{$files} files, {$bytes} bytes");
            } catch (BrokenArchive $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        unlink($path);
    }

    public function test_a_review_that_is_over_is_over_and_one_that_is_open_goes_on(): void
    {
        $open = Revision::query()->where('state', RevisionState::Submitted)->latest('id')->firstOrFail();
        $taken = $this->take(self::archived($open->scheme->project));
        $copy = Revision::query()->whereIn(
            'scheme_id',
            $taken->schemes()->select('id'),
        )->where('state', RevisionState::Submitted)->firstOrFail();
        $this->post(
            "/revisions/{$copy->id}/remarks",
            ['storey' => 'G', 'x' => 1, 'y' => 2, 'words' => 'Look here'],
        )->assertSessionHasNoErrors();
        self::assertSame(
            [1, 0],
            [$copy->remarks()->where('words', 'Look here')->count(), $open->remarks()->where('words', 'Look here')->count()],
        );
    }

    public function test_letters_of_ours_are_plain(): void
    {
        foreach (Letter::query()->get() as $letter) {
            self::assertTrue(SentLetter::isPlain($letter->html));
        }
        $svg = static fn(string $svg): string => '<img src="data:image/svg+xml;base64,'.base64_encode($svg).'">';
        self::assertTrue(SentLetter::isPlain($svg('<svg><use href="#a"/></svg>')));
        $bad = [
            $svg(
                '<svg><image href="file:///etc/passwd"/></svg>',
            ), $svg('<!DOCTYPE x [<!ENTITY a SYSTEM "b">]><svg/>'), $svg('<svg onload="x()"/>'),
            $svg(
                '<svg><style>a{fill:url(http://example.test)}</style></svg>',
            ), '<a href="javascript:x()">x</a>', '<iframe src="x"></iframe>',
            '<style>@import "x";</style>', '<style>p{background:url(x)}</style>', '<form action="/x"></form>', '<p style="color:red">x</p>',
            '<meta http-equiv="refresh" content="0;url=x">', '<img src="/x.png">', '<svg><script>x</script></svg>',
        ];
        foreach ($bad as $html) {
            self::assertFalse(SentLetter::isPlain($html), $html);
        }
    }

    private function take(string $archive): Project
    {
        return TemporaryFile::with('test', function (string $path) use ($archive): Project {
            file_put_contents($path, $archive);

            return $this->app->make(TakeProject::class)->take($this->reviewer, ProjectContents::read($path));
        });
    }

    private static function archived(Project $project): string
    {
        return ProjectArchive::of($project, app(RuleBookLibrary::class));
    }

    private static function upload(string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent('project.zip', $content);
    }

    /** @return array<string, string> contents by name */
    private static function files(string $archive): array
    {
        $files = [];
        self::changed($archive, static function (\ZipArchive $zip) use (&$files): void {
            for ($number = 0; $number < $zip->numFiles; ++$number) {
                $files[(string) $zip->getNameIndex($number)] = (string) $zip->getFromIndex($number);
            }
        });

        return $files;
    }

    /** @param callable(\ZipArchive): mixed $change */
    private static function changed(string $archive, callable $change): string
    {
        return TemporaryFile::with('test', static function (string $path) use ($archive, $change): string {
            file_put_contents($path, $archive);
            $zip = new \ZipArchive();
            $zip->open($path);
            $change($zip);
            $zip->close();

            return (string) file_get_contents($path);
        });
    }

    /** @return array<string, mixed> */
    private static function decoded(string $json): array
    {
        /** @var array<string, mixed> $record */
        $record = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return $record;
    }
}
