<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OutgoingMail;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

final class PasswordTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_a_forgotten_password_is_set_anew_by_a_link(): void
    {
        $user = User::factory()->create(['email' => 'ada@example.test']);
        $this->get('/password')->assertOk();
        $this->post('/password', ['email' => 'ada@example.test'])->assertRedirect('/sign-in');
        self::assertSame(1, preg_match('#(/password/\w+)\?email=#', self::lastMail(), $found));
        $link = $found[1];
        $this->get("{$link}?email=ada@example.test")->assertOk();
        $token = basename($link);
        $this->put(
            '/password',
            ['token' => $token, 'email' => 'ada@example.test', 'password' => 'short', 'password_confirmation' => 'short'],
        )->assertSessionHasErrors('password');
        $this->put(
            '/password',
            [
                'token' => 'guessed',
                'email' => 'ada@example.test',
                'password' => 'quiet lamp over slate',
                'password_confirmation' => 'quiet lamp over slate',
            ],
        )->assertSessionHasErrors('email');
        $this->put(
            '/password',
            [
                'token' => $token,
                'email' => 'ada@example.test',
                'password' => 'quiet lamp over slate',
                'password_confirmation' => 'quiet lamp over slate',
            ],
        )->assertRedirect('/sign-in');
        self::assertTrue(Hash::check('quiet lamp over slate', (string) $user->fresh()?->password));
        // a link is good once
        $this->put(
            '/password',
            [
                'token' => $token,
                'email' => 'ada@example.test',
                'password' => 'seven green shutters',
                'password_confirmation' => 'seven green shutters',
            ],
        )->assertSessionHasErrors('email');
    }

    public function test_nobody_learns_who_has_an_account(): void
    {
        $this->post('/password', ['email' => 'nobody@example.test'])->assertRedirect('/sign-in')->assertSessionHas('status');
        self::assertSame(0, OutgoingMail::query()->count());
        $this->post('/password', ['email' => 'no address'])->assertSessionHasErrors('email');
    }
}
