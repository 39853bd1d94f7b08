<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\TestCase;

/** How often may be asked what could be guessed, or what makes work for somebody else. */
final class ThrottlesTest extends TestCase
{
    use RefreshDatabase;

    public function test_every_write_by_a_guest_is_counted(): void
    {
        $writes = array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn(Route $route): bool => in_array('guest', $route->gatherMiddleware(), true)
                && !in_array('GET', $route->methods(), true),
        );
        self::assertGreaterThanOrEqual(5, count($writes));
        foreach ($writes as $route) {
            $throttles = preg_grep('/^throttle:/', array_filter($route->gatherMiddleware(), is_string(...)));
            self::assertNotSame([], $throttles, implode(' ', $route->methods())." {$route->uri()}");
        }
    }

    public function test_links_for_a_new_password_are_asked_for_twenty_times_a_minute_from_one_place(): void
    {
        for ($try = 0; $try < 20; ++$try) {
            $this->post('/password', ['email' => "person{$try}@example.org"])->assertRedirect();
        }
        $this->post('/password', ['email' => 'another@example.org'])->assertTooManyRequests();
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.9'])->post('/password', ['email' => 'another@example.org'])->assertRedirect();
    }

    public function test_the_present_password_is_guessed_ten_times_a_minute(): void
    {
        [$guessed, $other] = User::factory()->count(2)->create()->all();
        $wanted = ['current' => 'wrong', 'password' => 'winter-lantern-heron', 'password_confirmation' => 'winter-lantern-heron'];
        for ($try = 0; $try < 10; ++$try) {
            $this->actingAs($guessed)->put('/account/password', $wanted)->assertSessionHasErrors('current');
        }
        $this->put('/account/password', $wanted)->assertTooManyRequests();
        $this->actingAs($other)->put('/account/password', $wanted)->assertSessionHasErrors('current');
        $this->travel(61)->seconds();
        $this->actingAs($guessed)->put('/account/password', $wanted)->assertSessionHasErrors('current');
    }
}
