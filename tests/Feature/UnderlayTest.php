<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\Underlay;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class UnderlayTest extends TestCase
{
    use RefreshDatabase;

    private Scheme $scheme;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake(Underlay::DISK);
        $designer = User::factory()->create();
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $this->scheme = $this->app->make(OpenProject::class)->open($designer, $layout, null, ['us-irc-2021'])->scheme;
        $this->actingAs($designer);
    }

    public function test_a_picture_is_laid_under_a_storey_and_shown_there_only(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400))->assertRedirect("/schemes/{$this->scheme->id}/board?storey=G&picture=yes");
        $underlay = $this->underlay();
        self::assertSame([600, 400], [$underlay->width, $underlay->height]);
        Storage::disk(Underlay::DISK)->assertExists($underlay->file);
        $this->get("/schemes/{$this->scheme->id}/board?storey=G")->assertOk()->assertSee("/underlays/{$underlay->id}", false);
        $this->get("/schemes/{$this->scheme->id}/board?storey=U")->assertOk()->assertDontSee("/underlays/{$underlay->id}", false);
        $this->get("/schemes/{$this->scheme->id}/underlays/{$underlay->id}")->assertOk()->assertHeader('Content-Type', 'image/png')->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function test_another_one_takes_its_place(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $first = $this->underlay();
        $this->lay(UploadedFile::fake()->image('scan.jpg', 300, 200));
        self::assertSame([300, 200], [$this->underlay()->width, $this->underlay()->height]);
        Storage::disk(Underlay::DISK)->assertMissing($first->file);
        self::assertSame(1, Underlay::query()->count());
    }

    public function test_it_is_put_to_scale_straightened_and_moved(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $this->place(['how' => 'scale', 'from' => '0,0', 'to' => '6000,0', 'distance' => "10'"])->assertOk()->assertSee('<image', false);
        self::assertEqualsWithDelta(20 * 3048 / 6000, $this->underlay()->mm_per_px, 1e-9);
        $this->place(['how' => 'straighten', 'from' => '0,0', 'to' => '3000,300'])->assertOk();
        self::assertEqualsWithDelta(-rad2deg(atan(0.1)), $this->underlay()->angle, 1e-9);
        $before = $this->underlay()->x;
        $this->place(['how' => 'move', 'from' => '0,0', 'to' => '250,0'])->assertOk();
        self::assertEqualsWithDelta($before + 250, $this->underlay()->x, 1e-6);
    }

    public function test_what_cannot_be_is_refused_and_changes_nothing(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $before = $this->underlay()->toArray();
        foreach ([
            [['how' => 'scale', 'from' => '0,0', 'to' => '6000,0', 'distance' => '1,500'], 'two ways'],
            [['how' => 'scale', 'from' => '0,0', 'to' => '1,0', 'distance' => '10'], 'farther apart'],
            [['how' => 'scale', 'from' => 'x', 'to' => '1,0', 'distance' => '10'], 'Point at a place'],
        ] as [$values, $message]) {
            $this->place($values)->assertUnprocessable()->assertSee($message);
        }
        self::assertSame($before, $this->underlay()->toArray());
    }

    public function test_a_page_of_a_pdf_is_drawn(): void
    {
        $this->lay(new UploadedFile(self::pdf(), 'plan.pdf', 'application/pdf', null, true))->assertRedirect();
        self::assertSame([3000, 1500], [$this->underlay()->width, $this->underlay()->height]);
        $this->lay(new UploadedFile(self::pdf(), 'plan.pdf', 'application/pdf', null, true), 2)->assertSessionHasErrors(['picture' => 'The PDF has no page 2 that can be drawn.']);
    }

    public function test_a_page_whose_forms_draw_each_other_without_end_is_refused(): void
    {
        $before = Underlay::query()->count();
        $this->lay(new UploadedFile(self::pdf(self::nestedForms(12)), 'plan.pdf', 'application/pdf', null, true))->assertSessionHasErrors(['picture' => 'The page takes too long to draw. Hand it in as a picture.']);
        self::assertSame($before, Underlay::query()->count());
        $this->lay(new UploadedFile(self::pdf(self::nestedForms(3)), 'plan.pdf', 'application/pdf', null, true))->assertSessionHasNoErrors();
        self::assertSame([], glob(sys_get_temp_dir().'/heurema-page-*'));
    }

    public function test_files_that_are_no_pictures_are_refused(): void
    {
        foreach (['<svg xmlns="http://www.w3.org/2000/svg"/>', 'GIF89a', '%PDF-1.4 nothing', ''] as $content) {
            $this->lay(UploadedFile::fake()->createWithContent('scan.png', $content))->assertSessionHasErrors('picture');
        }
        $this->lay(UploadedFile::fake()->image('scan.png', 9, 400))->assertSessionHasErrors('picture');
        $this->lay(UploadedFile::fake()->image('scan.png', 10, 400))->assertSessionHasNoErrors();
        $this->post("/schemes/{$this->scheme->id}/underlays", ['storey' => 'G'])->assertSessionHasErrors(['picture' => 'Choose a picture.']);
        $this->post("/schemes/{$this->scheme->id}/underlays", ['storey' => 'nowhere', 'picture' => UploadedFile::fake()->image('scan.png', 600, 400)])->assertNotFound();
    }

    public function test_it_is_taken_away_with_its_file(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $underlay = $this->underlay();
        $this->delete("/schemes/{$this->scheme->id}/underlays/{$underlay->id}")->assertRedirect();
        Storage::disk(Underlay::DISK)->assertMissing($underlay->file);
        self::assertSame(0, Underlay::query()->count());
    }

    public function test_others_are_kept_out(): void
    {
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400));
        $underlay = $this->underlay();
        $this->actingAs(User::factory()->create());
        $this->get("/schemes/{$this->scheme->id}/underlays/{$underlay->id}")->assertForbidden();
        $this->lay(UploadedFile::fake()->image('scan.png', 600, 400))->assertForbidden();
        $this->place(['how' => 'move', 'from' => '0,0', 'to' => '250,0'])->assertForbidden();
        $this->delete("/schemes/{$this->scheme->id}/underlays/{$underlay->id}")->assertForbidden();
    }

    public function test_a_home_begins_from_a_picture_or_as_a_copy(): void
    {
        $this->post('/drawings', ['name' => 'Traced', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'picture' => UploadedFile::fake()->image('scan.jpg', 800, 600)])->assertRedirect();
        self::assertSame('G', $this->underlay()->storey);
        $this->post('/drawings', ['name' => 'Again', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'copy_of' => $this->scheme->id])->assertRedirect();
        $copy = Scheme::query()->latest('id')->firstOrFail();
        self::assertSame('Again', $copy->layout->name);
        self::assertEquals($this->scheme->layout->storeys, $copy->layout->storeys);
        $count = Scheme::query()->count();
        $this->post('/drawings', ['name' => 'No', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'copy_of' => 99999])->assertUnprocessable()->assertSee('no such home');
        $this->post('/drawings', ['name' => 'No', 'country' => 'us', 'units' => 'metric', 'between' => 'faces', 'picture' => UploadedFile::fake()->createWithContent('scan.png', 'x')])->assertUnprocessable()->assertSee('PNG or JPEG');
        self::assertSame($count, Scheme::query()->count());
    }

    /** @return TestResponse<Response> */
    private function lay(UploadedFile $file, int $page = 1): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/underlays", ['picture' => $file, 'page' => $page, 'storey' => 'G']);
    }

    /**
     * @param array<string, string> $values
     *
     * @return TestResponse<Response>
     */
    private function place(array $values): TestResponse
    {
        return $this->post("/schemes/{$this->scheme->id}/underlays/{$this->underlay()->id}", ['version' => 1, ...$values]);
    }

    private function underlay(): Underlay
    {
        return Underlay::query()->latest('id')->firstOrFail();
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
        file_put_contents($path, "%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj\n2 0 obj<</Type/Pages/Kids[3 0 R]/Count 1>>endobj\n3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 300]{$contents}>>endobj\n{$drawing}trailer<</Root 1 0 R>>\n%%EOF\n");

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
            $objects .= "{$number} 0 obj<</Type/XObject/Subtype/Form/BBox[0 0 600 300]{$resources}/Length ".strlen($stream).">>stream\n{$stream}\nendstream endobj\n";
        }

        return $objects;
    }
}
