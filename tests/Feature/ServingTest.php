<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Mail\OutboxTransport;
use App\Models\OutgoingMail;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Contracts\Cache\Repository as CacheRepository;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What answers carry, which hosts are served, and what happens when something stored makes no sense. */
final class ServingTest extends TestCase
{
    use RefreshDatabase;

    private User $principal;

    private Revision $revision;

    protected function setUp(): void
    {
        parent::setUp();
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $this->revision = $this->app->make(OpenProject::class)->open(
            $this->principal,
            (new LayoutReader())->read(File::get(self::demoFile('ferry-cottage'))),
            null,
            ['us-irc-2021'],
        );
    }

    public function test_a_browser_is_told_what_it_may_do(): void
    {
        $answer = $this->actingAs($this->principal)->get("/revisions/{$this->revision->id}")->assertOk();
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        $answer
            ->assertHeader('X-Content-Type-Options', 'nosniff')
            ->assertHeader('Referrer-Policy', 'same-origin')
            ->assertHeaderMissing('X-Powered-By')
            ->assertHeaderMissing('Strict-Transport-Security');
        self::assertStringContainsString('camera=()', (string) $answer->headers->get('Permissions-Policy'));
        $this->get('/sign-in')->assertHeader('Content-Security-Policy');
        $this->get('/nowhere')->assertNotFound()->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function test_a_letter_may_stand_in_a_frame_of_its_own_page_with_its_style_sheet_by_hash(): void
    {
        $answer = $this
            ->actingAs($this->principal)
            ->get("/revisions/{$this->revision->id}/letter/paper")
            ->assertOk()
            ->assertHeaderMissing('X-Framed-Here');
        preg_match('~<style>(.*?)</style>~s', (string) $answer->getContent(), $style);
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringContainsString("frame-ancestors 'self'", $policy);
        self::assertStringContainsString("'sha256-".base64_encode(hash('sha256', $style[1] ?? '', true))."'", $policy);
        $sheet = $this->get(
            "/schemes/{$this->revision->scheme_id}/sheet?storey={$this->revision->layout->storeys[0]->id}&paper=A3&format=svg",
        )->assertOk();
        self::assertStringContainsString("'sha256-", (string) $sheet->headers->get('Content-Security-Policy'));
    }

    public function test_behind_tls_cookies_and_later_visits_keep_to_it(): void
    {
        $answer = $this->get('https://localhost/sign-in')->assertOk()->assertHeader('Strict-Transport-Security');
        foreach ($answer->headers->getCookies() as $cookie) {
            self::assertTrue($cookie->isSecure(), $cookie->getName());
        }
        self::assertNotSame([], $answer->headers->getCookies());
    }

    public function test_links_in_mails_start_from_the_configured_address(): void
    {
        Storage::fake('local');
        config(['app.url' => 'https://reviews.example.org']);
        $this->post('http://attacker.example.net/password', ['email' => $this->principal->email])->assertRedirect();
        $this
            ->actingAs($this->principal)
            ->post('http://attacker.example.net/people', ['email' => 'new@example.org', 'role' => 'reviewer'])
            ->assertRedirect();
        foreach (OutgoingMail::query()->get() as $mail) {
            $words = (string) Storage::disk('local')->get(OutboxTransport::FOLDER."/{$mail->id}.txt");
            self::assertStringContainsString('https://reviews.example.org/', $words);
            self::assertStringNotContainsString('attacker', $words);
        }
        self::assertSame(2, OutgoingMail::query()->count());
    }

    /** @return iterable<string, array{list<string>}> addresses that are one account */
    public static function addresses(): iterable
    {
        yield 'cases' => [['Nadia@Example.org', 'nadia@example.ORG', 'NADIA@EXAMPLE.ORG']];
        yield 'accents' => [['nádia@example.org', 'nadia@example.org', 'nadía@example.org']];
    }

    /** @param non-empty-list<string> $addresses */
    #[DataProvider('addresses')]
    public function test_signing_in_is_limited_by_account_from_wherever(array $addresses): void
    {
        for ($try = 0; $try < 10; ++$try) {
            $this
                ->withServerVariables(['REMOTE_ADDR' => "10.0.0.{$try}"])
                ->post('/sign-in', ['email' => $addresses[$try % count($addresses)], 'password' => 'wrong'])
                ->assertSessionHasErrors('email');
        }
        $this
            ->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])
            ->post('/sign-in', ['email' => $addresses[0], 'password' => 'wrong'])
            ->assertTooManyRequests();
        $this->post('/sign-in', ['email' => 'somebody.else@example.org', 'password' => 'wrong'])->assertSessionHasErrors('email');
    }

    public function test_signing_in_is_limited_by_address(): void
    {
        for ($try = 0; $try < 60; ++$try) {
            $this->post('/sign-in', ['email' => "person{$try}@example.org", 'password' => 'wrong'])->assertSessionHasErrors('email');
        }
        $this->post('/sign-in', ['email' => 'another@example.org', 'password' => 'wrong'])->assertTooManyRequests();
    }

    public function test_whoever_watches_is_told_what_is_gone(): void
    {
        Storage::fake('local');
        $this->get('/up')->assertOk()->assertExactJson(['database' => 'works', 'cache' => 'works', 'queue' => 'works', 'disk' => 'works']);
        self::assertSame([], Storage::disk('local')->allFiles());
        config(['cache.default' => 'nowhere', 'queue.default' => 'nowhere']);
        $this->app->forgetInstance('cache.store');
        $this->app->forgetInstance(CacheRepository::class);
        $this->get('/up')->assertStatus(503)->assertJson(['database' => 'works', 'queue' => 'gone', 'disk' => 'works']);
    }

    public function test_every_answer_is_logged_without_saying_who_somebody_is(): void
    {
        $file = sys_get_temp_dir().'/heurema-log-'.bin2hex(random_bytes(6)).'.log';
        config(['logging.default' => 'daily', 'logging.channels.daily.path' => $file]);
        $answer = $this->actingAs($this->principal)->get("/revisions/{$this->revision->id}?q=secret")->assertOk();
        $written = glob(str_replace('.log', '-*.log', $file));
        self::assertIsArray($written);
        self::assertCount(1, $written);
        $text = File::get($written[0]);
        File::delete($written);
        $line = json_decode(explode("\n", $text)[0], true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($line);
        self::assertIsArray($line['context']);
        self::assertIsArray($line['extra']);
        self::assertSame(['answered', 'INFO'], [$line['message'], $line['level_name']]);
        self::assertSame(
            ['GET', 'review', 200, $this->principal->id],
            [$line['context']['method'], $line['context']['route'], $line['context']['status'], $line['context']['person']],
        );
        self::assertGreaterThan(0, $line['context']['ms']);
        self::assertSame($answer->headers->get('X-Request-Id'), $line['extra']['request']);
        foreach (['secret', $this->principal->email, $this->principal->name] as $personal) {
            self::assertStringNotContainsString($personal, $text);
        }
    }

    public function test_a_home_that_cannot_be_read_takes_nothing_else_down(): void
    {
        $other = $this->app->make(OpenProject::class)->open(
            $this->principal,
            (new LayoutReader())->read(File::get(self::demoFile('weir-cabin'))),
            null,
            ['us-irc-2021'],
        );
        foreach ([
            '{"format": "heurema-layout"',
            '{"format":"heurema-layout","version":1,"name":"x","units":"cubits","storeys":[]}',
            '',
        ] as $document) {
            DB::table('revisions')->where('id', $this->revision->id)->update(['layout' => $document]);
            DB::table('schemes')->where('id', $this->revision->scheme_id)->update(['layout' => $document]);
            $this
                ->actingAs($this->principal)
                ->get('/')
                ->assertOk()
                ->assertSee('Its drawing cannot be read')
                ->assertSee($other->scheme->project->name);
            $this->get("/projects/{$this->revision->scheme->project_id}")->assertOk();
            foreach ([
                "/revisions/{$this->revision->id}",
                "/schemes/{$this->revision->scheme_id}/board",
                "/revisions/{$this->revision->id}/letter",
                "/compare?with[]={$this->revision->id}",
            ] as $path) {
                $this->get($path)->assertStatus(503)->assertSee('A drawing cannot be read');
            }
            $this->get("/revisions/{$other->id}")->assertOk();
        }
        // a draft too
        Revision::query()->whereKey($this->revision->id)->delete();
        $this->get('/')->assertOk()->assertSee('Its drawing cannot be read');
        self::assertSame(2, Scheme::query()->count());
    }
}
