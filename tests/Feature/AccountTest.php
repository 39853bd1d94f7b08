<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Density;
use App\Models\Invitation;
use App\Models\Light;
use App\Models\OfficeEntry;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use App\Security\Base32;
use App\Security\Sessions;
use App\Security\TimeCode;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** People's seats and their own accounts: closed and opened, sessions, passwords, the second step. */
final class AccountTest extends TestCase
{
    use RefreshDatabase;

    private const NEW = 'quiet lamp over slate';

    private User $principal;

    private User $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $this->reviewer = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->principal->office_id]);
    }

    public function test_light_and_density_are_chosen_and_stand_on_every_page(): void
    {
        $this->actingAs($this->reviewer)->get('/')->assertOk()->assertSee('data-light="system" data-density="usual"', false);
        $this->put('/account/look', ['light' => 'evening', 'density' => 'close'])->assertRedirect('/account');
        $this->get('/')->assertOk()->assertSee('data-light="evening" data-density="close"', false);
        $this->put('/account/look', ['light' => 'dusk', 'density' => 'tiny'])->assertSessionHasErrors(['light', 'density']);
        self::assertSame([Light::Evening, Density::Close], [$this->reviewer->fresh()?->light, $this->reviewer->fresh()?->density]);
    }

    public function test_a_closed_seat_signs_nobody_in_and_whoever_sits_in_it_out(): void
    {
        $this->signedIn($this->reviewer, 'elsewhere');
        $this->actingAs($this->principal)->put("/people/{$this->reviewer->id}/seat", ['open' => '0'])->assertRedirect('/people');
        self::assertSame(0, DB::table('sign_ins')->where('user_id', $this->reviewer->id)->count());
        $this->get('/people')->assertSee('closed since')->assertSee("{$this->reviewer->name}: seat closed");
        $this->actingAs($this->reviewer->refresh())->get('/')->assertRedirect('/sign-in');
        $this->assertGuest();
        // the same is said of a wrong password and of a closed seat
        foreach ([[$this->principal->email, 'wrong'], [$this->reviewer->email, 'daylight']] as [$email, $password]) {
            $this->signIn($email, $password)->assertSessionHasErrors(['email' => 'No account has this address and password.']);
        }
        $this->actingAs($this->principal)->put("/people/{$this->reviewer->id}/seat", ['open' => '1'])->assertRedirect('/people');
        $this->post('/sign-out');
        $this->signIn($this->reviewer->email)->assertRedirect('/');
        $this->assertAuthenticatedAs($this->reviewer);
    }

    public function test_principals_close_no_seat_of_their_own_and_none_of_others(): void
    {
        $this->actingAs($this->principal)->put("/people/{$this->principal->id}/seat", ['open' => '0'])->assertSessionHasErrors('role');
        $this->put('/people/'.User::factory()->create()->id.'/seat', ['open' => '0'])->assertForbidden();
        $this->put("/people/{$this->reviewer->id}/seat", ['open' => 'perhaps'])->assertSessionHasErrors('open');
        self::assertNull($this->principal->fresh()?->disabled_at);
    }

    public function test_an_invitation_is_withdrawn(): void
    {
        $this->actingAs($this->principal)->post('/people', ['email' => 'mara@example.test', 'role' => 'reviewer']);
        preg_match('#/invitations/(\w+)#', self::lastMail(), $found);
        $invitation = Invitation::query()->firstOrFail();
        $other = User::factory()->create(['role' => Role::Principal]);
        $this->actingAs($other)->delete("/people/invitations/{$invitation->id}")->assertNotFound();
        $this->actingAs($this->principal)->delete("/people/invitations/{$invitation->id}")->assertRedirect('/people');
        $this->post('/sign-out');
        $this->get('/invitations/'.($found[1] ?? ''))->assertNotFound();
        self::assertSame(
            ['invitation of mara@example.test withdrawn', 'mara@example.test invited as reviewer'],
            OfficeEntry::query()->latest('id')->pluck('words')->all(),
        );
    }

    public function test_roles_are_logged_from_what_to_what(): void
    {
        $this->actingAs($this->principal)->put("/people/{$this->reviewer->id}", ['role' => 'designer'])->assertRedirect('/people');
        $this->put("/people/{$this->reviewer->id}", ['role' => 'designer'])->assertRedirect('/people');
        self::assertSame(["{$this->reviewer->name}: reviewer → designer"], OfficeEntry::query()->pluck('words')->all());
        $this->actingAs($this->reviewer)->get('/people')->assertDontSee('Who changed what');
    }

    public function test_a_new_password_ends_every_other_session(): void
    {
        $this->signedIn($this->reviewer, 'elsewhere');
        $this->signedIn($this->principal, 'of somebody else');
        $this
            ->actingAs($this->reviewer)
            ->put('/account/password', ['current' => 'wrong', 'password' => self::NEW, 'password_confirmation' => self::NEW])
            ->assertSessionHasErrors('current');
        $this->put(
            '/account/password',
            ['current' => 'daylight', 'password' => 'short', 'password_confirmation' => 'short'],
        )->assertSessionHasErrors('password');
        self::assertSame(['elsewhere', 'of somebody else', 'this'], $this->signIns());
        $remember = $this->reviewer->fresh()?->getRememberToken();
        $this->put(
            '/account/password',
            ['current' => 'daylight', 'password' => self::NEW, 'password_confirmation' => self::NEW],
        )->assertSessionHasNoErrors();
        self::assertSame(['of somebody else', 'this'], $this->signIns());
        self::assertTrue(Hash::check(self::NEW, (string) $this->reviewer->fresh()?->password));
        self::assertNotSame($remember, $this->reviewer->fresh()?->getRememberToken());
        $this->get('/account')->assertOk()->assertSee('everywhere else you are signed out');
    }

    public function test_a_password_set_by_a_link_ends_all_sessions(): void
    {
        $this->signedIn($this->reviewer, 'elsewhere');
        $this->post('/password', ['email' => $this->reviewer->email]);
        preg_match('#/password/(\w+)\?#', self::lastMail(), $found);
        $this->put(
            '/password',
            ['token' => $found[1] ?? '', 'email' => $this->reviewer->email, 'password' => self::NEW, 'password_confirmation' => self::NEW],
        )->assertRedirect('/sign-in');
        self::assertSame(0, DB::table('sign_ins')->count());
    }

    public function test_whoever_asks_for_a_link_is_answered_before_anybody_looks_whether_there_is_an_account(): void
    {
        Queue::fake();
        foreach ([$this->reviewer->email, 'nobody@example.test'] as $address) {
            $queries = 0;
            DB::listen(static function () use (&$queries): void {
                ++$queries;
            });
            $this->post('/password', ['email' => $address])->assertRedirect('/sign-in');
            self::assertSame(0, $queries, $address);
        }
        Queue::assertCount(2);
    }

    public function test_ones_own_sessions_are_listed_and_ended(): void
    {
        $this->signedIn($this->reviewer, 'one');
        $this->signedIn($this->reviewer, 'two');
        $this->signedIn($this->principal, 'of somebody else');
        $page = $this
            ->actingAs($this->reviewer)
            ->get('/account')
            ->assertOk()
            ->assertSee('Firefox on Linux')
            ->assertSee('10.1.2.3')
            ->assertSee('(this one)');
        preg_match_all('#/account/sessions/(\w+)#', (string) $page->getContent(), $keys);
        self::assertEqualsCanonicalizing(['one', 'two'], $keys[1], 'not this one');
        $this->delete('/account/sessions/of%20somebody%20else')->assertRedirect('/account');
        self::assertSame(['of somebody else', 'one', 'this', 'two'], $this->signIns(), 'nobody ends another’s');
        $this->delete('/account/sessions/one')->assertRedirect('/account');
        self::assertSame(['of somebody else', 'this', 'two'], $this->signIns());
        $this->delete('/account/sessions')->assertRedirect('/account');
        self::assertSame(['of somebody else', 'this'], $this->signIns());
    }

    public function test_signing_in_takes_a_code_once_it_is_set_up(): void
    {
        $this->travelTo('2026-11-27 10:00:10');
        $this->actingAs($this->reviewer)->post('/account/codes')->assertRedirect('/account');
        $secret = (string) $this->reviewer->refresh()->code_secret;
        self::assertStringNotContainsString($secret, (string) json_encode(DB::table('users')->get()), 'it is stored encrypted');
        $this->get('/account')->assertSee(implode(' ', str_split($secret, 4)));
        $this->put('/account/codes', ['code' => '000000'])->assertSessionHasErrors('code');
        self::assertFalse($this->reviewer->refresh()->hasCodes());
        $this->put('/account/codes', ['code' => self::code($secret)])->assertSessionHasNoErrors();
        preg_match_all('~<code>([a-z0-9]{5}-[a-z0-9]{5})</code>~', (string) $this->get('/account')->getContent(), $codes);
        $spare = $codes[1];
        self::assertCount(8, $spare);
        $this->get('/account')->assertDontSee($spare[0]);
        $this->post('/account/codes')->assertStatus(409);
        $this->post('/sign-out');

        $this->get('/sign-in/code')->assertRedirect('/sign-in');
        $this->signIn($this->reviewer->email)->assertRedirect('/sign-in/code');
        $this->assertGuest();
        $this->get('/')->assertRedirect('/sign-in');
        $this->get('/sign-in/code')->assertOk();
        $this->post('/sign-in/code', ['code' => self::code($secret)])->assertSessionHasErrors('code');
        $this->travel(30)->seconds();
        $this->post('/sign-in/code', ['code' => self::code($secret)])->assertRedirect();
        $this->assertAuthenticatedAs($this->reviewer);
        $this->post('/sign-out');

        // a spare code, once
        $this->signIn($this->reviewer->email);
        $this->post('/sign-in/code', ['code' => strtoupper($spare[3])])->assertRedirect();
        $this->assertAuthenticatedAs($this->reviewer);
        $this->post('/sign-out');
        $this->signIn($this->reviewer->email);
        $this->post('/sign-in/code', ['code' => $spare[3]])->assertSessionHasErrors('code');
        $this->travel(11)->minutes();
        $this->post('/sign-in/code', ['code' => self::code($secret)])->assertRedirect('/sign-in');
        $this->assertGuest();

        $this->actingAs($this->reviewer->refresh())->delete('/account/codes', ['current' => 'wrong'])->assertSessionHasErrors('current');
        $this->delete('/account/codes', ['current' => 'daylight'])->assertSessionHasNoErrors();
        self::assertFalse($this->reviewer->refresh()->hasCodes());
    }

    public function test_codes_are_not_guessed(): void
    {
        $this->actingAs($this->reviewer)->post('/account/codes');
        $this->put('/account/codes', ['code' => self::code((string) $this->reviewer->refresh()->code_secret)]);
        $this->post('/sign-out');
        $this->signIn($this->reviewer->email);
        $statuses = [];
        for ($try = 0; $try < 12; ++$try) {
            $statuses[] = $this->post('/sign-in/code', ['code' => sprintf('%06d', $try)])->getStatusCode();
        }
        self::assertContains(429, $statuses);
        $this->assertGuest();
    }

    public function test_an_office_wants_a_second_step_of_principals_and_reviewers(): void
    {
        $designer = User::factory()->create(['role' => Role::Designer, 'office_id' => $this->principal->office_id]);
        $this->actingAs($this->reviewer)->put('/people/codes', ['wanted' => '1'])->assertForbidden();
        $this->actingAs($this->principal)->put('/people/codes', ['wanted' => '1'])->assertRedirect('/people');
        $this->actingAs($designer->fresh() ?? $designer)->get('/')->assertOk();
        $reviewer = $this->reviewer->fresh() ?? $this->reviewer;
        $this->actingAs($reviewer)->get('/')->assertRedirect('/account');
        $this->get('/people')->assertRedirect('/account');
        $this->get('/account')->assertOk()->assertSee('set it up first');
        $this->post('/account/codes');
        $this->put('/account/codes', ['code' => self::code((string) $reviewer->refresh()->code_secret)])->assertSessionHasNoErrors();
        $this->actingAs($reviewer->fresh() ?? $reviewer)->get('/')->assertOk();
        self::assertSame('a second step is wanted at signing in', OfficeEntry::query()->firstOrFail()->words);
    }

    public function test_a_session_that_was_ended_elsewhere_is_signed_out_with_its_next_request(): void
    {
        $this->signIn($this->reviewer->email)->assertRedirect('/');
        $this->get('/')->assertOk();
        $this->travel(2)->minutes();
        $this->get('/')->assertOk();
        self::assertSame(now()->timestamp, SignIn::query()->sole()->seen_at->timestamp, 'it has been seen again');
        $remember = $this->reviewer->fresh()?->getRememberToken();
        app(Sessions::class)->end($this->reviewer, SignIn::query()->sole()->id);
        self::assertNotSame($remember, $this->reviewer->fresh()?->getRememberToken(), 'no browser comes back by itself');
        $this->get('/')->assertRedirect('/sign-in')->assertSessionHas('status', 'This session has been ended: sign in again.');
        $this->assertGuest();
    }

    public function test_signing_out_leaves_no_sign_in_and_old_ones_are_pruned(): void
    {
        $this->signIn($this->reviewer->email);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        self::assertSame([], $this->signIns());
        $this->signedIn($this->reviewer, 'old');
        $this->travel(config()->integer('session.lifetime') + 2)->minutes();
        $this->actingAs($this->reviewer)->get('/account')->assertOk()->assertDontSee('Firefox on Linux');
        self::assertSame(0, Artisan::call('heurema:prune'));
        self::assertSame(['this'], $this->signIns());
    }

    /** @return list<string> ids, the one of this session as `this`, in their order */
    private function signIns(): array
    {
        $ids = array_map(
            static fn(mixed $id): string => $id === session()->get('sign-in') ? 'this' : (is_string($id) ? $id : ''),
            DB::table('sign_ins')->pluck('id')->all(),
        );
        sort($ids);

        return $ids;
    }

    private static function code(string $secret): string
    {
        return TimeCode::at(Base32::decode($secret), intdiv(now()->getTimestamp(), TimeCode::STEP_SECONDS));
    }

    private function signedIn(User $user, string $id): void
    {
        DB::table('sign_ins')->insert([
            'id' => $id,
            'user_id' => $user->id,
            'address' => '10.1.2.3',
            'agent' => 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0',
            'seen_at' => now(),
        ]);
    }

    /** @return TestResponse<Response> */
    private function signIn(string $email, string $password = 'daylight'): TestResponse
    {
        return $this->post('/sign-in', ['email' => $email, 'password' => $password]);
    }
}
