<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\DrawPage;
use App\Actions\OpenProject;
use App\Actions\RemoveHome;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class PictureBeneathTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake(PictureBeneath::DISK);
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021'])->scheme;
        $this->actingAs($designer);
    }

    public function test_a_picture_is_laid_under_a_storey_and_shown_there_only(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400))->assertRedirect(
            "/schemes/{$this->scheme->id}/board?storey=G&picture=yes",
        );
        $beneath = $this->pictureBeneath();
        self::assertSame([600, 400], [$beneath->width, $beneath->height]);
        Storage::disk(PictureBeneath::DISK)->assertExists($beneath->file);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G")->assertOk()->assertSee("/pictures/{$beneath->id}", false);
        $this->get("/schemes/{$this->scheme->id}/board?storey=U")->assertOk()->assertDontSee("/pictures/{$beneath->id}", false);
        $this
            ->get("/schemes/{$this->scheme->id}/pictures/{$beneath->id}")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/png')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function test_another_one_takes_its_place(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $first = $this->pictureBeneath();
        $this->lay(UploadedFile::fake()->image('scan.jpg', 300, 200));
        self::assertSame([300, 200], [$this->pictureBeneath()->width, $this->pictureBeneath()->height]);
        Storage::disk(PictureBeneath::DISK)->assertMissing($first->file);
        self::assertSame(1, PictureBeneath::query()->count());
    }

    public function test_it_is_put_to_scale_straightened_and_moved(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $this->place(['how' => 'scale', 'from' => '0,0', 'to' => '6000,0', 'distance' => "10'"])->assertOk()->assertSee('<image', false);
        self::assertEqualsWithDelta(20 * 3048 / 6000, $this->pictureBeneath()->mm_per_px, 1e-9);
        $this->place(['how' => 'straighten', 'from' => '0,0', 'to' => '3000,300'])->assertOk();
        self::assertEqualsWithDelta(-rad2deg(atan(0.1)), $this->pictureBeneath()->angle, 1e-9);
        $before = $this->pictureBeneath()->x;
        $this->place(['how' => 'move', 'from' => '0,0', 'to' => '250,0'])->assertOk();
        self::assertEqualsWithDelta($before + 250, $this->pictureBeneath()->x, 1e-6);
    }

    public function test_what_cannot_be_is_refused_and_changes_nothing(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $before = $this->pictureBeneath()->toArray();
        foreach ([
            [['how' => 'scale', 'from' => '0,0', 'to' => '6000,0', 'distance' => '1,500'], 'two ways'],
            [['how' => 'scale', 'from' => '0,0', 'to' => '1,0', 'distance' => '10'], 'farther apart'],
            [['how' => 'scale', 'from' => 'x', 'to' => '1,0', 'distance' => '10'], 'Point at a place'],
        ] as [$values, $message]) {
            $this->place($values)->assertUnprocessable()->assertSee($message);
        }
        self::assertSame($before, $this->pictureBeneath()->toArray());
    }

    public function test_a_page_of_a_pdf_is_drawn_off_the_queue(): void
    {
        config()->set('queue.default', 'database');
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $first = $this->pictureBeneath();
        $this->layPdf(self::pdf())->assertRedirect("/schemes/{$this->scheme->id}/board?storey=G&picture=yes");
        $page = PendingPage::query()->sole();
        self::assertSame([600, 1], [$this->pictureBeneath()->width, DB::table('jobs')->count()], 'the one before lies there until then');
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey=G")
            ->assertOk()
            ->assertSee('Page 1 of the PDF is being drawn')
            ->assertSee("/pages/{$page->id}", false);
        $this->get("/schemes/{$this->scheme->id}/board?storey=U")->assertOk()->assertDontSee('is being drawn');
        $this
            ->get("/schemes/{$this->scheme->id}/pages/{$page->id}")
            ->assertOk()
            ->assertSee('hx-trigger="every 1s"', false)
            ->assertHeaderMissing('HX-Refresh');
        self::assertSame(1, DB::table('jobs')->count(), 'it is not asked for twice');

        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        $this->get("/schemes/{$this->scheme->id}/pages/{$page->id}")->assertNoContent()->assertHeader('HX-Refresh', 'true');
        self::assertSame([3000, 1500], [$this->pictureBeneath()->width, $this->pictureBeneath()->height]);
        Storage::disk(PictureBeneath::DISK)->assertMissing([$first->file, $page->file]);
        self::assertCount(1, Storage::disk(PictureBeneath::DISK)->files('pictures'));
    }

    public function test_a_page_that_nobody_drew_is_asked_for_again(): void
    {
        Queue::fake();
        $this->layPdf(self::pdf());
        $page = PendingPage::query()->sole();
        Queue::assertPushed(DrawPage::class, 1);
        $this->travel(3)->minutes();
        $this->get("/schemes/{$this->scheme->id}/pages/{$page->id}")->assertOk();
        Queue::assertPushed(DrawPage::class, 2);
    }

    public function test_a_page_that_cannot_be_drawn_says_why_until_it_is_closed(): void
    {
        $this->layPdf(self::pdf(), 2)->assertSessionHasNoErrors();
        $page = PendingPage::query()->sole();
        $this
            ->get("/schemes/{$this->scheme->id}/board?storey=G")
            ->assertOk()
            ->assertSee('The PDF has no page 2 that can be drawn.')
            ->assertDontSee('hx-trigger="every 1s"', false);
        $this->delete("/schemes/{$this->scheme->id}/pages/{$page->id}")->assertRedirect();
        Storage::disk(PictureBeneath::DISK)->assertMissing($page->file);
        self::assertSame([0, 0], [PendingPage::query()->count(), PictureBeneath::query()->count()]);
    }

    public function test_a_page_that_nobody_closes_is_thrown_away_after_a_week(): void
    {
        $this->layPdf(self::pdf(), 2);
        $page = PendingPage::query()->sole();
        foreach ([6 => 1, 8 => 0] as $days => $left) {
            $this->travelTo($page->updated_at->addDays($days));
            Artisan::call('heurema:prune');
            $files = Storage::disk(PictureBeneath::DISK)->files('pictures');
            self::assertSame([$left, $left], [PendingPage::query()->count(), count($files)]);
        }
    }

    public function test_a_page_whose_pdf_is_gone_or_whose_place_was_taken_is_not_drawn(): void
    {
        config()->set('queue.default', 'database');
        $this->layPdf(self::pdf());
        Storage::disk(PictureBeneath::DISK)->delete(PendingPage::query()->sole()->file);
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame('The PDF is gone. Hand it in again.', PendingPage::query()->sole()->refused);
        $this->layPdf(self::pdf());
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame([600, 0], [$this->pictureBeneath()->width, PendingPage::query()->count()]);
    }

    public function test_a_page_whose_forms_draw_each_other_without_end_answers_at_once_and_is_refused(): void
    {
        config()->set('queue.default', 'database');
        $start = hrtime(true);
        $this->layPdf(self::pdf(self::nestedForms(12)))->assertSessionHasNoErrors();
        self::assertLessThan(2.0, (hrtime(true) - $start) / 1e9);
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame('The page takes too long to draw. Hand it in as a picture.', PendingPage::query()->sole()->refused);
        $this->layPdf(self::pdf(self::nestedForms(3)));
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame([0, 1], [PendingPage::query()->count(), PictureBeneath::query()->count()]);
        self::assertSame([], glob(sys_get_temp_dir().'/heurema-page-*'));
    }

    public function test_a_home_begins_from_a_page_and_takes_it_along_when_it_goes(): void
    {
        Queue::fake();
        $this->post(
            '/drawings',
            [
                'name' => 'Drawn over',
                'country' => 'us',
                'units' => 'metric',
                'between' => 'faces',
                'picture' => new UploadedFile(self::pdf(), 'plan.pdf', 'application/pdf', null, true),
            ],
        )->assertRedirect();
        $page = PendingPage::query()->sole();
        Queue::assertPushed(DrawPage::class, static fn(DrawPage $job): bool => $job->afterCommit === true);
        Storage::disk(PictureBeneath::DISK)->assertExists($page->file);
        $this->app->make(RemoveHome::class)->forGood($page->scheme->project);
        Storage::disk(PictureBeneath::DISK)->assertMissing($page->file);
    }

    public function test_files_that_are_no_pictures_are_refused(): void
    {
        foreach (['<svg xmlns="http://www.w3.org/2000/svg"/>', 'GIF89a', ''] as $content) {
            $this->lay(UploadedFile::fake()->createWithContent('scan.png', $content))->assertSessionHasErrors('picture');
        }
        $this->lay(UploadedFile::fake()->image('scan.png', 9, 400))->assertSessionHasErrors('picture');
        $this->lay(UploadedFile::fake()->image('scan.png', 10, 400))->assertSessionHasNoErrors();
        $this->post(
            "/schemes/{$this->scheme->id}/pictures",
            ['storey' => 'G'],
        )->assertSessionHasErrors(['picture' => 'Choose a picture.']);
        $this->post(
            "/schemes/{$this->scheme->id}/pictures",
            ['storey' => 'nowhere', 'picture' => UploadedFile::fake()->image('scan.png', 600, 400)],
        )->assertNotFound();
    }

    public function test_it_is_taken_away_with_its_file(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $beneath = $this->pictureBeneath();
        $this->delete("/schemes/{$this->scheme->id}/pictures/{$beneath->id}")->assertRedirect();
        Storage::disk(PictureBeneath::DISK)->assertMissing($beneath->file);
        self::assertSame(0, PictureBeneath::query()->count());
    }

    public function test_others_are_kept_out(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $beneath = $this->pictureBeneath();
        $this->actingAs(User::factory()->create());
        $this->get("/schemes/{$this->scheme->id}/pictures/{$beneath->id}")->assertForbidden();
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400))->assertForbidden();
        $this->place(['how' => 'move', 'from' => '0,0', 'to' => '250,0'])->assertForbidden();
        $this->delete("/schemes/{$this->scheme->id}/pictures/{$beneath->id}")->assertForbidden();
        $page = $this->scheme->pages()->create(['storey' => 'G', 'file' => 'x.pdf', 'number' => 1]);
        $this->get("/schemes/{$this->scheme->id}/pages/{$page->id}")->assertForbidden();
        $this->delete("/schemes/{$this->scheme->id}/pages/{$page->id}")->assertForbidden();
    }

    public function test_a_home_begins_from_a_picture_or_as_a_copy(): void
    {
        $this->post(
            '/drawings',
            [
                'name' => 'Drawn over',
                'country' => 'us',
                'units' => 'metric',
                'between' => 'faces',
                'picture' => UploadedFile::fake()->image('scan.jpg', 800, 600),
            ],
        )->assertRedirect();
        self::assertSame('G', $this->pictureBeneath()->storey);
        $this->post(
            '/drawings',
            ['name' => 'Again', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'copy_of' => $this->scheme->id],
        )->assertRedirect();
        $copy = Scheme::query()->latest('id')->firstOrFail();
        self::assertSame('Again', $copy->layout->name);
        self::assertEquals($this->scheme->layout->storeys, $copy->layout->storeys);
        $count = Scheme::query()->count();
        $this
            ->post('/drawings', ['name' => 'No', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'copy_of' => 99999])
            ->assertUnprocessable()
            ->assertSee('no such home');
        $this
            ->post(
                '/drawings',
                [
                    'name' => 'No',
                    'country' => 'us',
                    'units' => 'metric',
                    'between' => 'faces',
                    'picture' => UploadedFile::fake()->createWithContent('scan.png', 'x'),
                ],
            )
            ->assertUnprocessable()
            ->assertSee('PNG or JPEG');
        self::assertSame($count, Scheme::query()->count());
    }

    /** @return TestResponse<Response> */
    private function lay(UploadedFile $file, int $page = 1): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/pictures", ['picture' => $file, 'page' => $page, 'storey' => 'G']);
    }

    /** @return TestResponse<Response> */
    private function layPdf(string $path, int $page = 1): TestResponse
    {
        return $this->lay(new UploadedFile($path, 'plan.pdf', 'application/pdf', null, true), $page);
    }

    /**
     * @param array<string, string> $values
     *
     * @return TestResponse<Response>
     */
    private function place(array $values): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/pictures/{$this->pictureBeneath()->id}", ['version' => 1, ...$values]);
    }

    private function pictureBeneath(): PictureBeneath
    {
        return PictureBeneath::query()->latest('id')->firstOrFail();
    }

    /**
     * The least there can be of a PDF: one page, twice as wide as high.
     *
     * @param string $drawing objects from the fourth on; the fifth, if there is one, is drawn by the fourth, what is on the page
     */
    private static function pdf(string $drawing = ''): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'heurema-pdf-');
        $contents = $drawing === '' ? '' : '/Contents 4 0 R/Resources<</XObject<</F 5 0 R>>>>';
        file_put_contents(
            $path,
            "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count "
            ."1>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 "
            ."300]{$contents}>>endobj\n{$drawing}trailer<</Root 1 0 R>>\n%%EOF\n",
        );

        return $path;
    }

    /** Forms that each draw the next one ten times, the last one a line. */
    private static function nestedForms(int $depth): string
    {
        $times = str_repeat('/F Do ', 10);
        $objects = '4 0 obj<</Length '.strlen($times).">>stream\n{$times}\nendstream endobj\n";
        for ($number = 5; $number < 5 + $depth; ++$number) {
            $isLast = $number === 4 + $depth;
            $stream = $isLast ? '0 0 m 600 300 l S' : $times;
            $resources = $isLast ? '' : '/Resources<</XObject<</F '.($number + 1).' 0 R>>>>';
            $objects .= "{$number} 0 obj<</Type/XObject/Subtype/Form/BBox[0 0 600 300]{$resources}/Length ".strlen($stream)
                .">>stream\n{$stream}\nendstream endobj\n";
        }

        return $objects;
    }
}
