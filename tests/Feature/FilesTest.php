<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ExamineAgain;
use App\Actions\OpenProject;
use App\Exchange\Spreadsheet;
use App\Files\TemporaryFile;
use App\Files\UnwrittenFile;
use App\Letters\LetterPdf;
use App\Letters\PrintLetter;
use App\Models\Letter;
use App\Models\OutgoingMail;
use App\Models\PictureBeneath;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\Filesystem as LocalFiles;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** Files are written whole or not at all and leave nothing behind; what is pressed twice is done once. */
final class FilesTest extends TestCase
{
    use RefreshDatabase;

    private User $reviewer;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer]);
        $this->revision = $this->app->make(OpenProject::class)->open(
            $this->reviewer,
            (new LayoutReader())->read(File::get(self::demoFile('ferry-cottage'))),
            null,
            ['us-irc-2021', 'drawing'],
        );
        $this->actingAs($this->reviewer);
    }

    public function test_a_temporary_file_is_gone_whatever_happens(): void
    {
        $work = static fn(string $path): string => file_put_contents("{$path}.png", 'x') === 1 ? $path : '';
        $path = TemporaryFile::with('test', $work);
        self::assertStringContainsString('heurema-test-', $path);
        self::assertFileDoesNotExist($path);
        self::assertFileDoesNotExist("{$path}.png");
        try {
            TemporaryFile::with('test', static fn(string $path) => throw new \RuntimeException($work($path)));
        } catch (\RuntimeException $e) {
            self::assertFileDoesNotExist($e->getMessage());
            self::assertFileDoesNotExist("{$e->getMessage()}.png");
        }
        self::assertStringStartsWith('PK', Spreadsheet::of('Rooms', [['Name'], ['Hall']]));
    }

    public function test_an_export_that_fails_leaves_nothing_behind(): void
    {
        $this->uphold();
        $before = $this->temporary();
        $path = (string) getenv('PATH');
        putenv('PATH=/nowhere');
        try {
            foreach (['bcf', 'pdf'] as $format) {
                $this->get("/revisions/{$this->revision->id}/letter/{$format}")->assertServerError();
            }
        } finally {
            putenv("PATH={$path}");
        }
        self::assertCount(count($before), $this->temporary());
        $this->get("/revisions/{$this->revision->id}/letter/bcf")->assertOk();
        $this->get("/revisions/{$this->revision->id}/schedules/rooms?format=xlsx")->assertOk();
        self::assertCount(count($before), $this->temporary());
    }

    public function test_a_picture_that_cannot_be_written_leaves_the_one_before(): void
    {
        Storage::fake(PictureBeneath::DISK);
        $lay = fn() => $this->post(
            "/schemes/{$this->revision->scheme_id}/pictures",
            ['storey' => $this->revision->layout->storeys[0]->id, 'picture' => UploadedFile::fake()->image('plan.png', 200, 100)],
        );
        $lay()->assertRedirect();
        $before = PictureBeneath::query()->firstOrFail();
        $address = "/schemes/{$this->revision->scheme_id}/pictures/{$before->id}";
        $this->get($address)->assertOk();

        $disk = Storage::disk(PictureBeneath::DISK);
        Storage::set(PictureBeneath::DISK, self::fullDisk());
        $lay()->assertStatus(507)->assertSee('no room to write a file');
        self::assertSame([$before->file], PictureBeneath::query()->pluck('file')->all());
        $this->get($address)->assertNotFound();
        Storage::set(PictureBeneath::DISK, $disk);
        $this->get($address)->assertOk();

        // nor is a file left of a picture that could not be noted
        PictureBeneath::saving(static fn() => throw new \RuntimeException('The database is gone.'));
        try {
            $lay()->assertServerError();
        } finally {
            PictureBeneath::flushEventListeners();
        }
        self::assertSame([$before->file], Storage::disk(PictureBeneath::DISK)->files('pictures'));
    }

    public function test_a_mail_whose_link_cannot_be_kept_is_not_sent(): void
    {
        Storage::set('local', self::fullDisk());
        $this->post('/sign-out');
        $this->withoutExceptionHandling();
        try {
            $this->post('/password', ['email' => $this->reviewer->email]);
            self::fail('It was sent.');
        } catch (UnwrittenFile) {
            self::assertSame(0, OutgoingMail::query()->count());
        }
    }

    public function test_a_hand_in_pressed_twice_is_one(): void
    {
        $scheme = $this->revision->scheme_id;
        $page = (string) $this->get("/schemes/{$scheme}/board")->assertOk()->getContent();
        self::assertStringContainsString("name=\"after\" value=\"{$this->revision->id}\"", $page);
        $first = $this->post("/schemes/{$scheme}/revisions", ['after' => $this->revision->id])->assertRedirect()->headers->get('Location');
        $again = $this->post("/schemes/{$scheme}/revisions", ['after' => $this->revision->id])->assertRedirect()->headers->get('Location');
        self::assertSame($first, $again);
        self::assertSame(2, Revision::query()->count());
        $this->post("/schemes/{$scheme}/revisions", ['after' => Revision::query()->max('id')])->assertRedirect();
        self::assertSame(3, Revision::query()->count());
    }

    public function test_a_letter_pressed_twice_is_one(): void
    {
        $this->uphold();
        $letter = fn(): ?string => $this->post("/revisions/{$this->revision->id}/letter")->assertRedirect()->headers->get('Location');
        self::assertSame($letter(), $letter());
        self::assertSame([1, 1], [Letter::query()->count(), OutgoingMail::query()->count()]);
        $this->travel(3)->minutes();
        $this->post("/revisions/{$this->revision->id}/letter")->assertSessionHasErrors('letter');
    }

    public function test_a_letter_is_set_into_pages_once_off_the_queue(): void
    {
        Storage::fake('local');
        $this->uphold();
        $this->post("/revisions/{$this->revision->id}/letter");
        $address = '/letters/'.Letter::query()->firstOrFail()->id.'/pdf';
        Queue::fake();
        $this->get($address)->assertStatus(202)->assertSee('being set into pages')->assertSee('http-equiv="refresh"', false);
        $this->get($address)->assertStatus(202);
        Queue::assertPushed(PrintLetter::class, 1);
        $this->travel(61)->seconds();
        $this->get($address)->assertStatus(202);
        Queue::assertPushed(PrintLetter::class, 2);
        (new PrintLetter(Letter::query()->firstOrFail()->html))->handle($this->app->make(LetterPdf::class));
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent(),
        );
        Queue::assertPushed(PrintLetter::class, 2);
    }

    public function test_an_examination_under_way_is_not_begun_again(): void
    {
        config(['queue.default' => 'database']);
        $examine = $this->app->make(ExamineAgain::class);
        $first = $examine->start($this->reviewer->office);
        self::assertNotNull($first);
        self::assertSame($first->id, $examine->start($this->reviewer->office->refresh())?->id);
        Bus::findBatch($first->id)?->cancel();
        DB::table('job_batches')->where('id', $first->id)->update(['finished_at' => now()->getTimestamp()]);
        self::assertNotSame($first->id, $examine->start($this->reviewer->office->refresh())->id);
    }

    /** Nothing can be written where a file is in the place of its folder. */
    private static function fullDisk(): Filesystem
    {
        $root = sys_get_temp_dir().'/heurema-full-'.bin2hex(random_bytes(6));
        File::makeDirectory($root);
        foreach (['pictures', 'mail'] as $folder) {
            File::put("{$root}/{$folder}", '');
        }
        register_shutdown_function(static fn() => (new LocalFiles())->deleteDirectory($root));

        return Storage::build(['driver' => 'local', 'root' => $root, 'throw' => false]);
    }

    private function uphold(): void
    {
        $open = array_values(array_filter(
            $this->app->make(ReviewPages::class)->report($this->revision)->findings,
            static fn(Finding $finding): bool => $finding->verdict()->isOpen() && $finding->outcome->witness !== [],
        ));
        $this->post(
            "/revisions/{$this->revision->id}/rulings",
            ['finding' => $open[0]->fingerprint(), 'kind' => 'uphold'],
        )->assertSessionHasNoErrors();
    }

    /** @return list<string> */
    private function temporary(): array
    {
        $files = glob(sys_get_temp_dir().'/heurema-{bcf,xlsx,page}-*', GLOB_BRACE);

        return $files === false ? [] : $files;
    }
}
