<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\User;
use App\Pages\Guide;
use App\Pages\ReviewPages;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** A first home that says what to do next, and notices what was done. */
final class GuideTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_reviewer_is_led_from_the_first_ruling_to_the_comparison(): void
    {
        $user = User::factory()->create(['role' => Role::Reviewer]);
        $this->actingAs($user)->get('/')->assertOk()->assertSee('Begin with a guided first home');
        $this->post('/guide')->assertRedirect();
        $revision = Revision::query()->sole();
        $project = Project::query()->sole();
        $this->get("/revisions/{$revision->id}")->assertOk()->assertSee('1 of 5')->assertSee('Rule on a finding');
        $finding = $this->app->make(ReviewPages::class)->report($revision)->worstFirst()[0];
        $this
            ->post(
                "/revisions/{$revision->id}/rulings",
                ['finding' => $finding->fingerprint(), 'kind' => 'uphold'],
                ['HX-Request' => 'true'],
            )
            ->assertOk()
            ->assertSee('2 of 5')
            ->assertSee('hx-swap-oob="true"', false);
        $this->post("/revisions/{$revision->id}/letter");
        $scheme = $revision->scheme;
        $this->get("/schemes/{$scheme->id}/board")->assertOk()->assertSee('3 of 5')->assertSee('Change the home');
        $fixture = $scheme->layout->storeys[0]->fixtures[0]->id;
        $this->post("/schemes/{$scheme->id}/acts/move", ['version' => 1, 'ids' => [$fixture], 'by' => '50,0', 'select' => $fixture])
            ->assertOk()
            ->assertSee('4 of 5');
        $this->post("/schemes/{$scheme->id}/revisions")->assertRedirect();
        $this->get("/projects/{$project->id}")->assertOk()->assertSee('5 of 5')->assertSee('See what changed');
        $steps = Guide::of($project->refresh(), $user)->steps ?? [];
        $this->get($steps[4]->address)->assertOk();
        $this->from("/projects/{$project->id}")->delete("/projects/{$project->id}/guide")->assertRedirect("/projects/{$project->id}");
        $this->get("/projects/{$project->id}")->assertOk()->assertDontSee('5 of 5');
    }

    public function test_a_designer_is_led_to_the_board(): void
    {
        $this->actingAs(User::factory()->create(['role' => Role::Designer]))->post('/guide')->assertRedirectContains('/board');
        $this->get('/projects/'.Project::query()->sole()->id)->assertOk()->assertSee('1 of 3')->assertSee('Change the home');
    }

    public function test_nobody_ends_the_guide_of_another_office(): void
    {
        $this->actingAs(User::factory()->create())->post('/guide');
        $project = Project::query()->sole();
        $this->actingAs(User::factory()->create())->delete("/projects/{$project->id}/guide")->assertForbidden();
        self::assertTrue($project->refresh()->guided);
    }
}
