<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Invitation;
use App\Models\OutgoingMail;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

final class PeopleTest extends TestCase
{
    use RefreshDatabase;

    private User $principal;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->principal = User::factory()->create(['role' => Role::Principal]);
        $this->actingAs($this->principal);
    }

    public function test_somebody_is_invited_by_a_link_and_takes_the_seat(): void
    {
        $this->post('/people', ['email' => 'Mara@Example.test', 'role' => 'reviewer'])->assertRedirect('/people');
        $this->get('/people')->assertSee('mara@example.test')->assertSee('reviewer, until');
        $mail = OutgoingMail::query()->firstOrFail();
        self::assertSame('mara@example.test', $mail->to);
        self::assertSame(1, preg_match('#/invitations/([A-Za-z0-9]{48})#', self::lastMail(), $found));
        $token = $found[1];
        // the secret itself is kept nowhere but in the mail
        self::assertStringNotContainsString($token, Invitation::query()->firstOrFail()->toJson());
        // nor does a principal read it
        $this->get('/outbox')->assertOk()->assertDontSee($token)->assertSee('a link for whoever gets this mail alone');
        self::assertStringNotContainsString($token, OutgoingMail::query()->firstOrFail()->toJson());

        $this->post('/sign-out');
        $this->get("/invitations/{$token}")->assertOk()->assertSee("A seat at {$this->principal->office->name}");
        foreach ([
            ['name' => '', 'password' => 'quiet lamp over slate', 'password_confirmation' => 'quiet lamp over slate'],
            ['name' => 'Mara', 'password' => 'short', 'password_confirmation' => 'short'],
            ['name' => 'Mara', 'password' => 'quiet lamp over slate', 'password_confirmation' => 'another'],
        ] as $wrong) {
            $this->post("/invitations/{$token}", $wrong)->assertSessionHasErrors();
        }
        $this->post(
            "/invitations/{$token}",
            ['name' => 'Mara <b>', 'password' => 'quiet lamp over slate', 'password_confirmation' => 'quiet lamp over slate'],
        )->assertRedirect('/');
        $mara = User::query()->where('email', 'mara@example.test')->firstOrFail();
        self::assertSame([$this->principal->office_id, Role::Reviewer], [$mara->office_id, $mara->role]);
        $this->assertAuthenticatedAs($mara);
        $this->post('/sign-out');
        $this->get("/invitations/{$token}")->assertNotFound();
    }

    public function test_links_end(): void
    {
        $this->post('/people', ['email' => 'late@example.test', 'role' => 'designer']);
        self::assertSame(1, preg_match('#/invitations/(\w+)#', self::lastMail(), $found));
        $this->post('/sign-out');
        $this->travel(15)->days();
        $this->get("/invitations/{$found[1]}")->assertNotFound();
        $this->get('/invitations/guessed')->assertNotFound();
    }

    public function test_only_principals_invite_change_roles_and_read_the_outbox(): void
    {
        $other = User::factory()->create(['role' => Role::Reviewer, 'office_id' => $this->principal->office_id]);
        $this->put("/people/{$other->id}", ['role' => 'designer'])->assertRedirect('/people');
        self::assertSame(Role::Designer, $other->fresh()?->role);
        $this->put("/people/{$this->principal->id}", ['role' => 'designer'])->assertSessionHasErrors('role');
        $this->put("/people/{$other->id}", ['role' => 'emperor'])->assertSessionHasErrors('role');
        $stranger = User::factory()->create();
        $this->put("/people/{$stranger->id}", ['role' => 'designer'])->assertForbidden();
        foreach ([Role::Designer, Role::Reviewer] as $role) {
            $this->actingAs(User::factory()->create(['role' => $role, 'office_id' => $this->principal->office_id]));
            $this->get('/people')->assertOk()->assertDontSee('Invite somebody');
            $this->post('/people', ['email' => 'x@example.test', 'role' => 'principal'])->assertForbidden();
            $this->put("/people/{$other->id}", ['role' => 'principal'])->assertForbidden();
            $this->get('/outbox')->assertForbidden();
        }
        // whether an address has an account elsewhere is not told
        $this->actingAs($this->principal)->post('/people', ['email' => $stranger->email, 'role' => 'designer'])->assertSessionHasNoErrors();
    }

    public function test_nobody_reads_another_offices_people_and_mail(): void
    {
        $this->post('/people', ['email' => 'ours@example.test', 'role' => 'designer']);
        $this->actingAs(User::factory()->create(['role' => Role::Principal]));
        $this->get('/people')->assertDontSee('ours@example.test');
        $this->get('/outbox')->assertDontSee('ours@example.test');
    }
}
