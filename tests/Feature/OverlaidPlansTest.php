<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ChangeScheme;
use App\Actions\OpenProject;
use App\Models\User;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** Two plans of a home, one laid over the other: what moved, and how far. */
final class OverlaidPlansTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_moved_is_drawn_with_how_far_it_went(): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile('heron-bungalow')));
        $revision = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021']);
        $scheme = $revision->scheme;
        $fixture = $layout->storeys[0]->fixtures[0];
        $there = new ChangeValues($fixture->id, ['at' => [$fixture->at->x + 300, $fixture->at->y + 400]]);
        $this->app->make(ChangeScheme::class)->edit($scheme, $user, $scheme->version, $there, 'a');

        $both = "with[]={$revision->id}&with[]=s{$scheme->id}";
        $this->get("/compare?{$both}")->assertOk()->assertSee('One over the other')->assertDontSee('layer-shifts', false);
        $over = $this->get("/compare?{$both}&over=1")->assertOk()->assertSee('layer-shifts', false)->assertSee('before-mark', false);
        $over->assertSee('>500 mm<', false)->assertDontSee('compare-sides', false);
        self::assertSame(1, substr_count((string) $over->getContent(), 'class="shift"'));
        // of one home, or of three, there is nothing to lay over another
        $this->get("/compare?with[]={$revision->id}&over=1")->assertOk()->assertDontSee('layer-shifts', false);
        $this->get("/compare?{$both}&over=1&level=7")->assertOk()->assertDontSee('layer-shifts', false);
    }
}
