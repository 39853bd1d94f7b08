<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\TemporaryFile;
use App\Intake\HomeFile;
use App\Intake\UnreadableHomeFile;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Kitchen\GiveMarks;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Tests\Ifc\ModelText;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Building models and layout documents come in, take the place of what is drawn, and go out again. */
final class HomeFilesTest extends TestCase
{
    use ActsOnBoard;
    use RefreshDatabase;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reviewer = User::factory()->create();
        $this->actingAs($this->reviewer);
    }

    public function test_a_building_model_is_handed_in_and_tells_what_became_of_it(): void
    {
        $this->post('/projects', ['layout' => self::upload('home.ifc', self::model('Space 7')->write()), 'address' => '3 Mill Lane'])
            ->assertRedirect(route('board.file', Scheme::query()->firstOrFail()));
        $revision = Revision::query()->firstOrFail();
        self::assertCount(4, $revision->layout->storeys[0]->walls);
        $this->get("/schemes/{$revision->scheme_id}/file")
            ->assertOk()
            ->assertSee('What became of the building model')
            ->assertSee('Neither its type nor its name tells what kind of fixture it is.')
            ->assertSee('What are these rooms used for?')
            ->assertSee('Space 7, Ground');
        $this->get("/revisions/{$revision->id}")->assertOk();
    }

    public function test_uses_that_the_file_does_not_tell_are_set_at_once(): void
    {
        $scheme = $this->handIn('Space 7');
        $room = $scheme->layout->storeys[0]->rooms[0]->id;
        $this->put("/schemes/{$scheme->id}/uses", ['version' => 1, 'uses' => [$room => 'kitchen']])
            ->assertRedirect("/schemes/{$scheme->id}/file");
        self::assertSame('kitchen', $scheme->refresh()->layout->storeys[0]->rooms[0]->use?->value);
        $this->get("/schemes/{$scheme->id}/file")->assertDontSee('What are these rooms used for?');
        $this->put("/schemes/{$scheme->id}/uses", ['version' => 1, 'uses' => [$room => 'study']])->assertSessionHasErrors('uses');
        $this->put("/schemes/{$scheme->id}/uses", ['version' => 2, 'uses' => [$room => 'dungeon']])->assertSessionHasErrors("uses.{$room}");
        $this->put("/schemes/{$scheme->id}/uses", ['version' => 2, 'uses' => ['no-such-room' => 'study']])->assertSessionHasErrors('uses');
        self::assertSame('kitchen', $scheme->refresh()->layout->storeys[0]->rooms[0]->use->value);
    }

    public function test_a_drawing_begins_from_a_file(): void
    {
        $asked = ['name' => 'Hut', 'country' => 'us', 'units' => 'metric', 'between' => 'faces'];
        $model = self::upload('home.ifc', self::model('Kitchen')->write());
        $this->post('/drawings', [...$asked, 'file' => $model])->assertRedirect();
        $scheme = Scheme::query()->firstOrFail();
        self::assertSame(['Hut', 4], [$scheme->layout->name, count($scheme->layout->storeys[0]->walls)]);
        self::assertNotNull($scheme->imported);
        $layout = self::upload('home.json', Sketch::room(4000, 3000)->json());
        $this->post('/drawings', [...$asked, 'file' => $layout])->assertRedirect();
        self::assertNull(Scheme::query()->latest('id')->firstOrFail()->imported);
        $this->post('/drawings', [...$asked, 'file' => self::upload('home.ifc', 'ISO-10303-21; and nothing else')])->assertUnprocessable();
        self::assertSame(2, Scheme::query()->count());
    }

    /** What both files have keeps its identity; what only one has comes or goes; undo brings back what was there. */
    public function test_the_next_file_takes_the_place_of_what_is_drawn(): void
    {
        $scheme = $this->handIn('Kitchen');
        $before = (new LayoutWriter())->write($scheme->layout);
        $next = self::model('Kitchen', true)->write();
        $this->post("/schemes/{$scheme->id}/file", ['version' => 1, 'file' => self::upload('next.ifc', $next)])
            ->assertRedirect("/schemes/{$scheme->id}/file")
            ->assertSessionHasNoErrors();
        $after = $scheme->refresh()->layout;
        self::assertSame(2, $scheme->version);
        self::assertSame(
            array_column((new LayoutReader())->read($before)->storeys[0]->walls, 'id'),
            array_column($after->storeys[0]->walls, 'id'),
        );
        self::assertCount(1, $after->storeys[0]->fixtures);
        $this->post("/schemes/{$scheme->id}/undo", ['version' => 2])->assertOk();
        self::assertSame($before, (new LayoutWriter())->write($scheme->refresh()->layout));
        $this->post("/schemes/{$scheme->id}/redo", ['version' => 3])->assertOk();
        self::assertSame((new LayoutWriter())->write($after), (new LayoutWriter())->write($scheme->refresh()->layout));
    }

    public function test_every_demo_home_takes_the_place_of_every_other_and_is_undone(): void
    {
        $homes = array_map(
            static fn(string $home) => (new LayoutReader())->read((string) file_get_contents(base_path("database/demo/{$home}.json"))),
            ['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'],
        );
        foreach ($homes as $number => $home) {
            $other = $homes[($number + 1) % count($homes)];
            $this->open($home);
            $this->post("/schemes/{$this->scheme->id}/file", [
                'version' => 1, 'file' => self::upload('next.json', (new LayoutWriter())->write($other)),
            ])->assertSessionHasNoErrors();
            self::assertSame(
                (new LayoutWriter())->write($other->named($home->name)),
                self::unmarked($this->layout()),
            );
            $this->post("/schemes/{$this->scheme->id}/undo", ['version' => 2])->assertOk();
            self::assertSame((new LayoutWriter())->write(GiveMarks::to($home)), (new LayoutWriter())->write($this->layout()));
        }
    }

    /** Without the marks that it was given. */
    private static function unmarked(Layout $layout): string
    {
        return (string) preg_replace('/,"mark":"[^"]+"/', '', (new LayoutWriter())->write($layout));
    }

    public function test_what_cannot_be_taken_changes_nothing(): void
    {
        $scheme = $this->handIn('Kitchen');
        $file = fn(string $content): UploadedFile => self::upload('next.ifc', $content);
        foreach ([
            [1, $file('nothing')], [1, $file("ISO-10303-21;\nHEADER;\n")], [7, $file(self::model('Kitchen')->write())], [1, null],
        ] as [$version, $upload]) {
            $this->post("/schemes/{$scheme->id}/file", ['version' => $version, 'file' => $upload])->assertSessionHasErrors('file');
            self::assertSame(1, $scheme->refresh()->version);
        }
    }

    public function test_nobody_else_sees_or_takes_the_files_of_an_office(): void
    {
        $scheme = $this->handIn('Kitchen');
        $revision = Revision::query()->firstOrFail();
        $this->actingAs(User::factory()->create());
        foreach ([
            "/schemes/{$scheme->id}/file", "/schemes/{$scheme->id}/home.json", "/schemes/{$scheme->id}/home.ifc",
            "/revisions/{$revision->id}/home.json", "/revisions/{$revision->id}/home.glb", "/schemes/{$scheme->id}/home.glb",
        ] as $address) {
            self::assertContains($this->get($address)->getStatusCode(), [403, 404], $address);
        }
        $upload = self::upload('next.ifc', self::model('Kitchen')->write());
        self::assertContains($this->post("/schemes/{$scheme->id}/file", ['version' => 1, 'file' => $upload])->getStatusCode(), [403, 404]);
    }

    public function test_a_home_is_handed_back_as_it_is(): void
    {
        $scheme = $this->handIn('Kitchen');
        foreach ([['json', 'application/json'], ['ifc', 'application/x-step']] as [$format, $type]) {
            foreach ([
                route('board.home', [$scheme, $format]),
                route('review.home', [Revision::query()->firstOrFail(), $format]),
            ] as $address) {
                $content = (string) $this->get($address)->assertOk()->assertHeader('Content-Type', $type)->getContent();
                self::assertSame(
                    (new LayoutWriter())->write($scheme->layout),
                    (new LayoutWriter())->write(HomeFile::read($content)->layout),
                );
            }
        }
        $this->get("/schemes/{$scheme->id}/home.exe")->assertNotFound();
    }

    /** @return iterable<string, array{string, string}> */
    public static function archives(): iterable
    {
        $model = self::model('Kitchen')->write();
        yield 'no model' => [self::archive(['readme.txt' => 'hello']), 'no .ifc file'];
        $many = array_fill_keys(array_map(static fn(int $number): string => "{$number}.ifc", range(1, 21)), $model);
        yield 'many files' => [self::archive($many), 'more than 20'];
        yield 'broken' => [substr(self::archive(['home.ifc' => $model]), 0, 200), 'cannot be opened'];
        yield 'a model that is none' => [self::archive(['home.ifc' => 'nothing']), 'does not begin with'];
        yield 'more than it may hold' => [self::archive(['home.ifc' => str_repeat(' ', 101 * 1024 * 1024)]), 'larger than 100 MB'];
    }

    #[DataProvider('archives')]
    public function test_archives_are_refused_with_the_reason(string $content, string $why): void
    {
        self::assertLessThan(1_000_000, strlen($content));
        $this->expectException(UnreadableHomeFile::class);
        $this->expectExceptionMessage($why);
        HomeFile::read($content);
    }

    public function test_an_archive_holds_a_model(): void
    {
        $file = HomeFile::read(self::archive(['readme.txt' => 'hello', 'House/Home.IFC' => self::model('Kitchen')->write()]));
        self::assertCount(4, $file->layout->storeys[0]->walls);
        self::assertNotNull($file->imported());
    }

    public function test_the_command_line_checks_and_writes_a_model(): void
    {
        $model = self::model('Kitchen')->write();
        $run = static function (array $arguments) use ($model): Process {
            $process = new Process([PHP_BINARY, 'artisan', ...$arguments], base_path(), input: $model);
            $process->run();

            return $process;
        };
        $check = $run(['heurema:check', '-']);
        self::assertStringContainsString('VIOLATED', $check->getOutput());
        self::assertStringContainsString('elements', $check->getErrorOutput());
        self::assertStringContainsString('IfcWall Wall: simplified.', $run(['heurema:check', '-', '--import'])->getErrorOutput());
        $json = $run(['heurema:export', '-'])->getOutput();
        self::assertCount(4, (new LayoutReader())->read($json)->storeys[0]->walls);
        $again = HomeFile::read($run(['heurema:export', '-', '--format=ifc'])->getOutput())->layout;
        self::assertSame($json, (new LayoutWriter())->write($again));
        self::assertStringStartsWith('<svg', $run(['heurema:export', '-', '--format=svg', '--storey=Ground', '--paper=A4'])->getOutput());
        self::assertStringStartsWith('%PDF', $run(['heurema:export', '-', '--format=pdf'])->getOutput());
        self::assertStringStartsWith('glTF', $run(['heurema:export', '-', '--format=glb'])->getOutput());
        self::assertSame(2, $run(['heurema:export', '-', '--format=pdf', '--storey=Attic'])->getExitCode());
        foreach (['--format=gif', '--paper=B17', '--storey=Attic'] as $wrong) {
            $refused = $run(['heurema:export', '-', ...str_starts_with($wrong, '--format') ? [] : ['--format=svg'], $wrong]);
            self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()], $wrong);
            self::assertNotSame('', $refused->getErrorOutput());
        }
    }

    private function handIn(string $space): Scheme
    {
        $this->post('/projects', ['layout' => self::upload('home.ifc', self::model($space)->write())])->assertRedirect();
        self::assertSame(1, Project::query()->count());

        return Scheme::query()->firstOrFail();
    }

    private static function upload(string $name, string $content): UploadedFile
    {
        return UploadedFile::fake()->createWithContent($name, $content);
    }

    private static function model(string $space, bool $withBed = false): ModelText
    {
        $model = new ModelText();
        $wall = $model->wall(-200, -200, 0, 5400, 200);
        $model->wall(-200, 4000, 0, 5400, 200);
        $model->wall(0, 0, 90, 4000, 200);
        $model->wall(5200, 0, 90, 4000, 200);
        $model->opening($wall, 1000, -200, 0, 900, 2100, 0, 'door SINGLE_SWING_LEFT');
        $model->space(0, 0, 5000, 4000, $space);
        $model->fixture('IFCFURNISHINGELEMENT', 'Object 7', 2000, 0, 0, 500, 500, 500);
        if ($withBed) {
            $model->fixture('IFCFURNISHINGELEMENT', 'Bed', 0, 1500, 0, 2000, 900, 500);
        }

        return $model;
    }

    /** @param array<string, string> $files */
    private static function archive(array $files): string
    {
        return TemporaryFile::archive('test', static function (\ZipArchive $zip) use ($files): void {
            foreach ($files as $name => $content) {
                $zip->addFromString($name, $content);
            }
        });
    }
}
