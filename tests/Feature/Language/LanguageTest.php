<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use App\Actions\OpenProject;
use App\Board\Library;
use App\Examination\DecidedReports;
use App\Models\Letter;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\FixtureKind;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Everybody reads what he chose, or what his browser asks for: pages, mails, refusals. What was decided or sent stays as it was. */
final class LanguageTest extends TestCase
{
    use RefreshDatabase;

    private const AREA = 'us-irc-2021/room-area/gr7';
    private const STAIR = 'us-irc-2021/stair-headroom/st1';

    private User $designer;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->designer = User::factory()->create(['role' => Role::Designer]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->designer->office_id]);
    }

    /** @return iterable<string, array{string, string, string}> what a browser asks for, language of the page, text on it */
    public static function browsers(): iterable
    {
        yield 'Spanish' => ['es-MX,es;q=0.9,en;q=0.5', 'es', 'Iniciar sesión'];
        yield 'English first' => ['en-GB,es;q=0.5', 'en', 'Sign in'];
        yield 'one that there is not' => ['fi', 'en', 'Sign in'];
        yield 'one that there is not, then Spanish' => ['ca,es;q=0.8', 'es', 'Iniciar sesión'];
        yield 'nothing' => ['', 'en', 'Sign in'];
        yield 'nonsense' => ['../../etc', 'en', 'Sign in'];
    }

    #[DataProvider('browsers')]
    public function test_a_browser_says_what_is_read(string $asked, string $language, string $text): void
    {
        $this->get('/sign-in', ['Accept-Language' => $asked])->assertOk()->assertSee("<html lang=\"{$language}\"", false)->assertSee($text);
    }

    public function test_a_language_is_chosen_for_every_page_whatever_the_browser_asks_for(): void
    {
        $look = ['light' => 'system', 'density' => 'usual'];
        $this->actingAs($this->reviewer)->put('/account/look', [...$look, 'language' => 'es'])
            ->assertRedirect('/account')
            ->assertSessionHas('status', 'Las páginas se ven así a partir de ahora.');
        $this->get('/', ['Accept-Language' => 'en'])->assertSee('<html lang="es"', false)->assertSee('Revisiones en curso');
        $this->put('/account/look', [...$look, 'language' => 'en']);
        $this->get('/', ['Accept-Language' => 'es'])->assertSee('Reviews in hand');
        $this->put('/account/look', [...$look, 'language' => '']);
        $this->get('/', ['Accept-Language' => 'es'])->assertSee('Revisiones en curso');
        $this->put('/account/look', [...$look, 'language' => 'fi'])->assertSessionHasErrors('language');
        self::assertNull($this->reviewer->refresh()->language);
    }

    public function test_days_are_written_as_the_language_does(): void
    {
        Carbon::setTestNow('2026-03-01 12:00');
        $this->open();
        $this->reading(Language::Spanish)->get('/')->assertSee('1 de marzo de 2026');
        $this->reading(Language::English)->get('/')->assertSee('1 March 2026');
    }

    public function test_a_page_that_is_kept_is_kept_for_each_language(): void
    {
        $revision = $this->open();
        foreach ([Language::English, Language::Spanish, Language::English] as $language) {
            $this->reading($language)->get("/revisions/{$revision->id}?show=all")
                ->assertSee($language === Language::Spanish ? 'Sin decidir' : 'Unruled')
                ->assertDontSee($language === Language::Spanish ? 'Unruled' : 'Sin decidir');
        }
    }

    public function test_refusals_are_said_in_the_language_of_whoever_is_refused(): void
    {
        $scheme = $this->open()->scheme;
        $this->actingAs($this->designer->forceFill(['language' => Language::Spanish]));
        $this->post("/schemes/{$scheme->id}/undo", ['version' => $scheme->version])->assertSee('No hay nada que deshacer');
        $this->actingAs($this->designer->forceFill(['language' => Language::English]));
        $this->post("/schemes/{$scheme->id}/undo", ['version' => $scheme->version])->assertSee('There is nothing to undo');
    }

    /** @return iterable<string, array{Language, string, string}> language, typed, how it is read back */
    public static function lengths(): iterable
    {
        yield 'a point in English' => [Language::English, '2.475 m', '2.475 metres'];
        yield 'a comma in English could be either' => [Language::English, '2,475 m', 'write 2475 or 2.475'];
        yield 'a comma in Spanish' => [Language::Spanish, '2,475 m', '2,475 metros'];
        yield 'a point in Spanish could be either' => [Language::Spanish, '2.475 m', 'escriba 2475 o 2,475'];
        yield 'Spanish words' => [Language::Spanish, '3 pies 4 1/2 pulgadas', '3 pies 4 1/2 pulgadas'];
        yield 'English words in Spanish' => [Language::Spanish, '3 feet 4 inches', '3 pies 4 pulgadas'];
    }

    #[DataProvider('lengths')]
    public function test_lengths_are_typed_and_read_back_as_the_language_writes_them(Language $language, string $typed, string $said): void
    {
        $this->reading($language)->get('/lengths?'.http_build_query(['text' => $typed]))->assertSee($said);
    }

    public function test_fixtures_are_looked_for_by_words_of_the_language(): void
    {
        self::assertStringContainsString('toilet', Library::alsoCalled(FixtureKind::WaterCloset));
        app()->setLocale(Language::Spanish->value);
        self::assertStringContainsString('retrete', Library::alsoCalled(FixtureKind::WaterCloset));
        self::assertSame('', Library::alsoCalled(FixtureKind::Urinal));
    }

    public function test_a_mail_is_in_the_language_of_whoever_gets_it(): void
    {
        $revision = $this->open();
        $this->designer->forceFill(['language' => Language::Spanish])->save();
        $this->send($revision);
        self::assertStringContainsString('ha enviado correcciones', DB::table('outgoing_mails')->pluck('body')->toJson());
        self::assertSame(Language::English, Text::language(), 'whoever sends it goes on in his own');
    }

    public function test_what_was_decided_and_sent_stays_in_the_language_of_whoever_did_it(): void
    {
        $revision = $this->open();
        $this->reviewer->forceFill(['language' => Language::Spanish]);
        $this->send($revision);
        $letter = Letter::query()->firstOrFail();
        $this->reading(Language::English)->get("/letters/{$letter->id}")->assertOk()->assertSee('Lo que no se revisó');
        $page = $this->get("/revisions/{$revision->id}?show=all&finding=".urlencode(self::STAIR))->assertOk();
        $page->assertSee('El punto más bajo')->assertSee('Measured');
        self::assertSame(Language::Spanish, $this->app->make(DecidedReports::class)->of($revision->refresh())?->language);
    }

    private function reading(Language $language): self
    {
        return $this->actingAs($this->reviewer->forceFill(['language' => $language]));
    }

    private function open(): Revision
    {
        $this->actingAs($this->designer);
        $layout = (new LayoutReader())->read((string) file_get_contents(database_path('demo/orchard-terrace.json')));

        return $this->app->make(OpenProject::class)->open($this->designer, $layout, null, ['us-irc-2021', 'drawing']);
    }

    private function send(Revision $revision): void
    {
        $this->actingAs($this->reviewer);
        $this->post("/revisions/{$revision->id}/rulings", ['finding' => self::AREA, 'kind' => 'uphold', 'words' => 'Make it wider.']);
        $this->post("/revisions/{$revision->id}/letter", ['by' => 'room'])->assertSessionHasNoErrors();
    }
}
