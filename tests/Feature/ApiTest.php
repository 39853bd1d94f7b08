<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\ApiDescription;
use App\Models\Office;
use App\Models\Project;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\User;
use App\Security\TokenAbility;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Ifc\Writing\ModelWriter;
use Heurema\Layout\LayoutReader;
use Heurema\Review\ScheduleKind;
use Heurema\Tests\Sketch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** An office's own programs: tokens, checks, handing in, and reading what came of it. */
final class ApiTest extends TestCase
{
    use RefreshDatabase;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer]);
    }

    public function test_a_home_is_checked_as_the_command_checks_it_and_nothing_is_kept(): void
    {
        foreach (['orchard-terrace' => 'uk-part-k', 'weir-cabin' => 'us-irc-2021'] as $home => $book) {
            $found = $this->send('POST', "/checks?books[]={$book}", File::get(self::demoFile($home)))->assertOk();
            $this->assertDescribed($found, '/checks', 'post');
            Artisan::call('heurema:check', ['file' => self::demoFile($home), '--book' => [$book], '--format' => 'json']);
            self::assertSame(json_decode(Artisan::output(), true), $found->json());
        }
        self::assertSame([0, 0], [Project::query()->count(), Revision::query()->count()]);
    }

    public function test_a_home_comes_as_the_body_or_as_a_file_in_each_form_that_is_read(): void
    {
        $document = File::get(self::demoFile('weir-cabin'));
        $model = ModelWriter::write((new LayoutReader())->read($document), '2026-11-28T00:00:00');
        $counts = $this->send('POST', '/checks', $document)->json('counts');
        self::assertIsArray($counts);
        foreach (['application/json', 'application/octet-stream', 'text/plain', 'application/x-www-form-urlencoded'] as $type) {
            self::assertSame($counts, $this->send('POST', '/checks', $document, $type)->assertOk()->json('counts'), $type);
        }
        self::assertSame($counts, $this->send('POST', '/checks', $model, 'application/x-step')->assertOk()->json('counts'));
        $upload = UploadedFile::fake()->createWithContent('home.ifc', $model);
        self::assertSame(
            $counts,
            $this->withToken($this->token())->post('/api/v1/checks', ['file' => $upload])->assertOk()->json('counts'),
        );
    }

    public function test_only_some_verdicts_and_what_is_chosen(): void
    {
        $document = File::get(self::demoFile('weir-cabin'));
        $all = $this->send('POST', '/checks', $document);
        $some = $this->send('POST', '/checks?only[]=violated&only[]=undetermined', $document)->assertOk();
        self::assertSame($all->json('counts'), $some->json('counts'));
        self::assertEqualsCanonicalizing(
            ['violated', 'undetermined'],
            array_values(array_unique(array_filter(array_column((array) $some->json('findings'), 'verdict'), is_string(...)))),
        );
        $this->send('POST', '/checks?settings[no_such]=1', $document)->assertStatus(422)->assertJsonValidationErrors('settings');
        $this->send('POST', '/checks?books[]=no-book', $document)->assertStatus(422)->assertJsonValidationErrors('books.0');
        $this->send('POST', '/checks?only[]=awful', $document)->assertStatus(422)->assertJsonValidationErrors('only.0');
        $this->send('POST', '/checks?books=us-irc-2021', $document)->assertStatus(422)->assertJsonValidationErrors('books');
    }

    /** @return iterable<string, array{string, string}> */
    public static function brokenFiles(): iterable
    {
        yield 'nothing' => ['', 'Send a file'];
        yield 'no home' => ['{"a": 1}', 'format'];
        yield 'no JSON' => ['{', 'JSON'];
        yield 'a model that ends' => ["ISO-10303-21;\nHEADER;\n", 'schema'];
        yield 'a broken archive' => ["PK\x03\x04 nothing", 'archive'];
    }

    #[DataProvider('brokenFiles')]
    public function test_a_file_that_cannot_be_read_is_refused_and_nothing_is_kept(string $content, string $says): void
    {
        $scheme = Scheme::query()->whereKey($this->handIn()->json('data.scheme.id'))->firstOrFail();
        foreach (['/checks', '/projects', "/schemes/{$scheme->id}/revisions"] as $address) {
            $refused = $this->send('POST', $address, $content)->assertStatus(422)->assertJsonValidationErrors('file');
            self::assertStringContainsString($says, (string) json_encode($refused->json('message')));
            $this->assertDescribed($refused, str_replace((string) $scheme->id, '{scheme}', $address), 'post');
        }
        self::assertSame([1, 1, 1], [Project::query()->count(), Revision::query()->count(), $scheme->refresh()->version]);
    }

    public function test_a_home_is_handed_in_and_its_next_revision_and_the_review_is_read(): void
    {
        $opened = $this->handIn('?address=3%20Mill%20Lane&books[]=us-irc-2021');
        $revision = Revision::query()->firstOrFail();
        $opened->assertHeader('Location', route('api.revision', $revision));
        $this->assertDescribed($opened, '/projects', 'post');
        self::assertSame(['3 Mill Lane', ['us-irc-2021']], [$revision->scheme->project->address, $revision->books]);
        $changed = Sketch::room(4000, 5000, 'bedroom')->json();
        $next = $this->send('POST', "/schemes/{$revision->scheme_id}/revisions?after=1&answer=Wider%20now", $changed)->assertCreated();
        $this->assertDescribed($next, '/schemes/{scheme}/revisions', 'post');
        self::assertSame(
            [2, 'submitted', 'Wider now'],
            [$next->json('data.number'), $next->json('data.state'), $next->json('data.answer')],
        );
        self::assertSame(RevisionState::Superseded, $revision->refresh()->state);
        $stale = $this->send('POST', "/schemes/{$revision->scheme_id}/revisions?after=1", $changed)->assertStatus(409);
        $this->assertDescribed($stale, '/schemes/{scheme}/revisions', 'post');
        self::assertSame(2, Revision::query()->count());
        // the same file again is a revision as well: nothing of the drawing changes
        $this->send('POST', "/schemes/{$revision->scheme_id}/revisions", $changed)->assertCreated();
        self::assertSame(2, $revision->scheme->refresh()->version);
    }

    public function test_everything_that_is_read_is_as_the_description_says(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->reviewer = Project::query()->firstOrFail()->office->users()->where('role', Role::Reviewer)->firstOrFail();
        $this->assertDescribed($this->send('GET', '/books'), '/books', 'get');
        $projects = $this->send('GET', '/projects');
        $this->assertDescribed($projects, '/projects', 'get');
        self::assertSame($this->reviewer->office->projects()->count(), $projects->json('meta.total'));
        foreach (Project::query()->get() as $project) {
            $this->assertDescribed($this->send('GET', "/projects/{$project->id}"), '/projects/{project}', 'get');
        }
        foreach (Revision::query()->get() as $revision) {
            $state = $this->send('GET', "/revisions/{$revision->id}");
            $this->assertDescribed($state, '/revisions/{revision}', 'get');
            self::assertCount($revision->letters()->count(), (array) $state->json('data.letters'));
            $report = $this->send('GET', "/revisions/{$revision->id}/report");
            $this->assertDescribed($report, '/revisions/{revision}/report', 'get');
            self::assertSame($state->json('data.counts'), $report->json('counts'));
        }
        $revision = Revision::query()->latest('id')->firstOrFail();
        foreach (ScheduleKind::cases() as $kind) {
            $schedule = $this->send('GET', "/revisions/{$revision->id}/schedules/{$kind->value}");
            $this->assertDescribed($schedule, '/revisions/{revision}/schedules/{kind}', 'get');
        }
        $this->assertDescribed($this->send('GET', '/revisions/0'), '/revisions/{revision}', 'get');
        self::assertJson((string) $this->send('GET', "/revisions/{$revision->id}/home.json")->assertOk()->getContent());
        self::assertStringStartsWith('ISO-10303-21', (string) $this->send('GET', "/revisions/{$revision->id}/home.ifc")->getContent());
        $this->send('GET', "/revisions/{$revision->id}/home.doc")->assertNotFound()->assertJsonStructure(['message']);
        $this->send('GET', "/revisions/{$revision->id}/schedules/hats")->assertNotFound()->assertJsonStructure(['message']);
    }

    public function test_a_token_opens_nothing_without_being_made_for_it(): void
    {
        $revision = Revision::query()->whereKey($this->handIn()->json('data.id'))->firstOrFail();
        foreach ($this->routes() as $route) {
            if ($route->getName() === 'api.description') {
                continue;
            }
            $address = '/'.strtr($route->uri(), [
                '{project}' => $revision->scheme->project_id, '{revision}' => $revision->id, '{scheme}' => $revision->scheme_id,
                '{kind}' => 'rooms', '{format}' => 'json',
            ]);
            $this->flushed();
            $this->json($route->methods()[0], $address)->assertUnauthorized()->assertHeader('WWW-Authenticate', 'Bearer');
            $this->flushed();
            $this->withToken('1|heurema_nothing')->json($route->methods()[0], $address)->assertUnauthorized();
            // a browser that is signed in opens nothing here
            $this->flushed();
            $this->actingAs($this->reviewer)->call($route->methods()[0], $address)->assertUnauthorized();
            $stranger = User::factory()->create(['office_id' => Office::factory()]);
            if (preg_match('~\{(project|revision|scheme)\}~', $route->uri()) === 1) {
                $this->as($stranger)->json($route->methods()[0], $address)->assertForbidden();
            }
            if ($route->methods()[0] === 'POST' && $route->getName() !== 'api.checks') {
                $this->as($this->reviewer, TokenAbility::Read)->json('POST', $address)->assertForbidden();
            }
        }
    }

    public function test_a_token_ends_with_its_day_its_seat_its_office_and_its_person(): void
    {
        $this->as($this->reviewer)->get('/api/v1/books')->assertOk();
        $this->travel(91)->days();
        $this->flushed();
        $this->withToken($this->token($this->reviewer))->get('/api/v1/books')->assertOk();
        foreach (['disabled_at' => 'seat'] as $column => $says) {
            $this->reviewer->forceFill([$column => now()])->save();
            $this->as($this->reviewer)->get('/api/v1/books')->assertForbidden()->assertSee($says);
            $this->reviewer->forceFill([$column => null])->save();
        }
        $this->reviewer->office->forceFill(['wants_codes' => true])->save();
        $this->as($this->reviewer->refresh())->get('/api/v1/books')->assertForbidden()->assertSee('second step');
        $this->reviewer->office->forceFill(['wants_codes' => false, 'removed_at' => now()])->save();
        $this->as($this->reviewer->refresh())->get('/api/v1/books')->assertForbidden()->assertSee('office');
        $this->reviewer->office->forceFill(['removed_at' => null])->save();
        $token = $this->reviewer->createToken('short', ['read'], now()->addDay())->plainTextToken;
        $this->flushed();
        $this->withToken($token)->get('/api/v1/books')->assertOk();
        $this->travel(25)->hours();
        $this->flushed();
        $this->withToken($token)->get('/api/v1/books')->assertUnauthorized();
        $principal = User::factory()->create(['role' => Role::Principal, 'office_id' => $this->reviewer->office_id]);
        $this->flushed();
        $this->actingAs($principal)->delete("/people/{$this->reviewer->id}")->assertRedirect();
        self::assertSame(0, DB::table('personal_access_tokens')->where('tokenable_id', $this->reviewer->id)->count());
    }

    public function test_tokens_are_made_shown_once_and_withdrawn_by_their_owner(): void
    {
        $this->actingAs($this->reviewer);
        $wanted = ['name' => 'Nightly check', 'ability' => 'read', 'days' => 30];
        $this->post('/account/tokens', [...$wanted, 'current' => 'wrong'])->assertSessionHasErrorsIn('token', 'current');
        foreach ([['name' => ''], ['ability' => 'all'], ['days' => 5000]] as $wrong) {
            $this->post('/account/tokens', [...$wanted, 'current' => 'daylight', ...$wrong])
                ->assertSessionHasErrorsIn('token', array_key_first($wrong));
        }
        self::assertSame(0, $this->reviewer->tokens()->count());
        $this->post('/account/tokens', [...$wanted, 'current' => 'daylight'])->assertRedirect('/account');
        $shown = session('token');
        self::assertIsString($shown);
        $this->get('/account')->assertSee($shown)->assertSee('Nightly check');
        $this->get('/account')->assertDontSee($shown)->assertSee('never');
        self::assertStringContainsString('|heurema_', $shown);
        self::assertStringNotContainsString(explode('|', $shown)[1], (string) json_encode(DB::table('personal_access_tokens')->get()));
        $token = $this->reviewer->tokens()->firstOrFail();
        self::assertSame(['read'], $token->abilities);
        self::assertSame(30.0, round(now()->diffInDays($token->expires_at), 1));
        $this->actingAs(User::factory()->create(['office_id' => $this->reviewer->office_id]))
            ->delete("/account/tokens/{$token->id}")
            ->assertNotFound();
        $this->actingAs($this->reviewer)->delete("/account/tokens/{$token->id}")->assertRedirect('/account');
        $this->flushed();
        $this->withToken($shown)->get('/api/v1/books')->assertUnauthorized();
    }

    public function test_programs_are_told_when_they_ask_too_often(): void
    {
        $token = $this->token();
        for ($number = 0; $number < 30; ++$number) {
            $this->withToken($token)->post('/api/v1/checks')->assertStatus(422);
        }
        $this->assertDescribed($this->withToken($token)->post('/api/v1/checks')->assertStatus(429), '/checks', 'post');
        // another token of the same person counts with it, and what only reads goes on
        $this->flushed();
        $this->withToken($this->token())->post('/api/v1/checks')->assertStatus(429)->assertHeader('Retry-After');
        $this->withToken($token)->get('/api/v1/books')->assertOk()->assertHeader('X-RateLimit-Limit', '120');
    }

    public function test_the_description_is_openapi_and_names_every_address(): void
    {
        $description = $this->get('/api/v1/openapi.json')->assertOk()->getContent();
        $process = new Process(
            ['node', '--input-type=module', '-e', <<<'JS'
                import { Validator } from '@seriousme/openapi-schema-validator';
                const text = await new Response(process.stdin).text();
                const found = await new Validator().validate(JSON.parse(text));
                console.log(found.valid ? 'valid' : JSON.stringify(found.errors));
                JS],
            base_path(),
            input: (string) $description,
        );
        self::assertSame('valid', trim($process->mustRun()->getOutput()));
        $described = [];
        foreach ((array) data_get(ApiDescription::read(), 'paths') as $path => $operations) {
            foreach (array_diff(array_keys((array) $operations), ['parameters']) as $method) {
                $described[] = strtoupper((string) $method)." api/v1{$path}";
            }
        }
        self::assertEqualsCanonicalizing(
            array_map(static fn(Route $route): string => "{$route->methods()[0]} {$route->uri()}", $this->routes()),
            $described,
        );
    }

    public function test_what_the_documentation_shows_is_there(): void
    {
        preg_match_all('~api/v1(/[^\s"?`]*)~', File::get(base_path('docs/api.md')), $shown);
        self::assertGreaterThan(8, count($shown[1]));
        $patterns = array_map(
            static fn(Route $route): string => '~^'.preg_replace('~\\\\\{\w+\\\\\}~', '[^/]+', preg_quote($route->uri(), '~')).'$~',
            $this->routes(),
        );
        foreach ($shown[1] as $address) {
            self::assertNotSame(
                [],
                array_filter($patterns, static fn(string $one): bool => preg_match($one, "api/v1{$address}") === 1),
                $address,
            );
        }
    }

    /** @return TestResponse<Response> */
    private function handIn(string $with = ''): TestResponse
    {
        return $this->send('POST', "/projects{$with}", File::get(self::demoFile('weir-cabin')))->assertCreated();
    }

    /** @return TestResponse<Response> */
    private function send(string $method, string $address, string $body = '', string $type = 'application/json'): TestResponse
    {
        $this->flushed();

        return $this->call($method, "/api/v1{$address}", server: [
            'HTTP_AUTHORIZATION' => 'Bearer '.$this->token(), 'CONTENT_TYPE' => $type,
        ], content: $body);
    }

    private function as(User $user, TokenAbility $ability = TokenAbility::HandIn): self
    {
        $this->flushed();

        return $this->withToken($this->token($user, $ability));
    }

    private function token(?User $user = null, TokenAbility $ability = TokenAbility::HandIn): string
    {
        return ($user ?? $this->reviewer)->createToken('x', $ability->held(), now()->addDays(90))->plainTextToken;
    }

    /** Nobody is known from the request before. */
    private function flushed(): void
    {
        Auth::forgetGuards();
        Auth::shouldUse('web');
        session()->flush();
        $this->withoutToken();
    }

    /** @return list<Route> those of the API */
    private function routes(): array
    {
        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn(Route $route): bool => str_starts_with($route->uri(), 'api/'),
        ));
    }

    /**
     * An answer is one that the description has, and as it has it.
     *
     * @param TestResponse<Response> $answer
     */
    private function assertDescribed(TestResponse $answer, string $path, string $method): void
    {
        $status = (string) $answer->getStatusCode();
        $description = ApiDescription::read();
        $described = data_get($description, ['paths', $path, $method, 'responses', $status]);
        self::assertIsArray($described, "{$method} {$path}: {$status} ".mb_substr((string) $answer->getContent(), 0, 300));
        $reference = $described['$ref'] ?? null;
        $described = is_string($reference) ? data_get($description, explode('/', ltrim($reference, '#/'))) : $described;
        $schema = data_get($description, 'components');
        $document = json_decode((string) json_encode([
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'heurema:api',
            'components' => $schema,
            ...(array) data_get($described, ['content', 'application/json', 'schema']),
        ]), false);
        self::assertIsObject($document);
        $result = (new Validator(max_errors: 3))->validate(json_decode((string) $answer->getContent()), $document);
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            "{$method} {$path} {$status}: ".($error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error))),
        );
    }
}
