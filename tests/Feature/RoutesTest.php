<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\Letter;
use App\Models\Office;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\Remark;
use App\Models\Revision;
use App\Models\Role;
use App\Models\Scheme;
use App\Models\Statement;
use App\Models\User;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Layout\Edit\Patch;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\TestCase;

/** Every address there is, asked by everybody who should not get through. */
final class RoutesTest extends TestCase
{
    use RefreshDatabase;

    /** What anybody may see who has not signed in. */
    private const FOR_GUESTS = [
        'sign-in', 'password.ask', 'password.send', 'password.reset', 'password.store', 'invitations.show', 'invitations.accept',
        'sign-in.code', 'sign-in.take-code', 'up',
    ];

    /** What shows everybody his own office's things, or nobody's. */
    private const FOR_EVERYBODY = [
        'sign-out', 'desk', 'projects.store', 'archives.store', 'drawings.store', 'lengths', 'people', 'people.invite', 'people.codes',
        'people.office.remove', 'people.office.return', 'people.paper', 'outbox', 'account', 'account.password', 'account.sessions.end',
        'account.sessions.end-others', 'account.look', 'guide.begin', 'account.tokens.make', 'account.tokens.withdraw',
        'account.codes.begin', 'account.codes.confirm',
        'account.codes.drop',
        'examination',
        'examination.start', 'measures', 'rule-books', 'rule-book', 'search', 'help', 'help.page',
        'example', 'sun',
    ];

    /** What designers may not do in their own office either. */
    private const FOR_REVIEWERS = [
        'review.rulings', 'review.rulings.undo', 'review.books', 'review.statements', 'review.statements.take-back', 'review.remarks',
        'review.remarks.write', 'review.remarks.drop', 'review.sign-off', 'review.letter.send', 'archives.store',
    ];

    private const FOR_PRINCIPALS = [
        'people.invite', 'people.change', 'people.seat', 'people.withdraw', 'people.codes', 'people.remove', 'people.paper',
        'people.office.remove', 'people.office.return', 'project.remove', 'project.return', 'outbox', 'examination.start',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->app->make(DemoOfficeSeeder::class)->run();
    }

    public function test_guests_are_sent_to_the_sign_in(): void
    {
        foreach ($this->routes() as $name => $route) {
            if (!in_array($name, self::FOR_GUESTS, true)) {
                $this->call($route->methods()[0], $this->address($route))->assertRedirect('/sign-in');
            }
        }
    }

    public function test_another_offices_people_get_through_nowhere(): void
    {
        foreach (Role::cases() as $role) {
            $this->actingAs(User::factory()->create(['role' => $role, 'office_id' => Office::factory()]));
            foreach ($this->routes() as $name => $route) {
                if (!in_array($name, [...self::FOR_GUESTS, ...self::FOR_EVERYBODY], true)) {
                    $status = $this->call($route->methods()[0], $this->address($route))->getStatusCode();
                    self::assertContains($status, [403, 404], "{$role->value}: {$name}");
                }
            }
        }
    }

    public function test_what_only_reviewers_and_principals_do(): void
    {
        $designer = User::query()->where('role', Role::Designer)->firstOrFail();
        $reviewer = User::query()->where('role', Role::Reviewer)->firstOrFail();
        foreach ($this->routes() as $name => $route) {
            $isForbidden = fn(User $user): bool => $this
                ->actingAs($user)
                ->call($route->methods()[0], $this->address($route))
                ->getStatusCode() === 403;
            if (in_array($name, self::FOR_REVIEWERS, true)) {
                self::assertTrue($isForbidden($designer), "a designer: {$name}");
            }
            if (in_array($name, self::FOR_PRINCIPALS, true)) {
                self::assertSame([true, true], [$isForbidden($designer), $isForbidden($reviewer)], $name);
            }
        }
    }

    /** @return array<string, Route> those of the application, by name */
    private function routes(): array
    {
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            // ApiTest asks those of the API
            if (str_starts_with($route->getActionName(), 'App\\') && !str_starts_with($route->uri(), 'api/')) {
                $routes[$route->getName() ?? $route->uri().' '.$route->methods()[0]] = $route;
            }
        }
        unset($routes['sign-in POST']);
        self::assertGreaterThan(50, count($routes));

        return array_filter($routes, static fn(Route $route): bool => $route->uri() !== 'sign-in');
    }

    private function address(Route $route): string
    {
        $revision = Revision::query()->latest('id')->firstOrFail();
        $remark = Remark::query()->first()
            ?? $revision->remarks()->create(['user_id' => $revision->submitted_by, 'storey' => 'G', 'x' => 0, 'y' => 0, 'words' => 'x']);
        $beneath = PictureBeneath::query()->first()
            ?? PictureBeneath::query()->forceCreate([
                'scheme_id' => $revision->scheme_id, 'storey' => 'G', 'file' => 'x.png', 'width' => 1, 'height' => 1, 'x' => 0, 'y' => 0,
                'mm_per_px' => 1, 'angle' => 0,
            ]);
        $parts = [
            '{scheme}' => Scheme::query()
                ->findOrFail($revision->scheme_id)->id, '{revision}' => $revision->id, '{project}' => Project::query()
                ->whereKey($revision->scheme->project_id)
                ->firstOrFail()->id, '{letter}' => Letter::query()
                ->firstOrFail()->id,
            '{person}' => User::query()->where('role', Role::Designer)->firstOrFail()->id,
            '{remark}' => $remark->id,
            '{picture}' => $beneath->id,
            '{page}' => (
                PendingPage::query()->first()
                    ?? PendingPage::query()->forceCreate([
                        'scheme_id' => $revision->scheme_id,
                        'storey' => 'G',
                        'file' => 'x.pdf',
                        'number' => 1,
                    ])
            )->id,
            '{session}' => 'x', '{invitation}' => Invitation::query()->firstOrCreate(
                ['email' => 'x@example.test'],
                [
                    'office_id' => $revision->submitter->office_id,
                    'user_id' => $revision->submitted_by,
                    'role' => 'designer',
                    'token_hash' => Invitation::hash('x'),
                    'expires_at' => now(),
                ],
            )->id,
            '{statement}' => (
                Statement::query()->first()
                    ?? $revision->statements()->create([
                        'user_id' => $revision->submitted_by, 'element' => 'x', 'key' => 'x', 'typed' => 'x', 'patch' => new Patch([], ''),
                    ])
            )->id,
            '{stair}' => 'st1', '{kind}' => 'rooms', '{format}' => 'csv', '{act}' => 'edit', '{book}' => 'uk-space', '{token}' => 'x',
            '{number}' => 1,
        ];
        $address = strtr('/'.ltrim($route->uri(), '/'), array_map(strval(...), $parts))
            .($route->getName() === 'compare' ? "?with[]={$revision->id}" : '');
        self::assertStringNotContainsString('{', $address);

        return $address;
    }
}
