<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

final class SignInTest extends TestCase
{
    use RefreshDatabase;

    public function test_pages_are_for_people_who_signed_in(): void
    {
        $this->get('/')->assertRedirect('/sign-in');
        $this->get('/revisions/1')->assertRedirect('/sign-in');
        $this->post('/projects')->assertRedirect('/sign-in');
        $this->post('/sign-out')->assertRedirect('/sign-in');
    }

    public function test_the_right_password_opens_the_page_that_was_asked_for(): void
    {
        $user = User::factory()->create();
        $this->get('/revisions/7?show=met')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'daylight'])->assertRedirect('/revisions/7?show=met');
        $this->assertAuthenticatedAs($user);
        $this->get('/sign-in')->assertRedirect('/');
    }

    public function test_a_wrong_password_is_told_beside_the_field(): void
    {
        $user = User::factory()->create();
        $this->from('/sign-in')->followingRedirects()->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])
            ->assertOk()->assertSee('No account has this address and password.')->assertSee($user->email);
        $this->assertGuest();
    }

    public function test_guessing_is_slowed_down(): void
    {
        $guess = ['email' => 'someone@example.test', 'password' => 'wrong'];
        for ($try = 0; $try < 10; ++$try) {
            $this->post('/sign-in', $guess)->assertRedirect();
        }
        $this->post('/sign-in', $guess)->assertTooManyRequests();
    }

    public function test_how_long_a_refusal_takes_does_not_tell_whether_there_is_an_account(): void
    {
        config(['auth.timebox_duration' => 150_000]);
        $user = User::factory()->create();
        foreach ([$user->email, 'nobody@example.test'] as $email) {
            $start = hrtime(true);
            $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors('email');
            self::assertGreaterThan(0.15, (hrtime(true) - $start) / 1e9, $email);
        }
    }

    public function test_signing_out(): void
    {
        $this->actingAs(User::factory()->create())->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }
}
