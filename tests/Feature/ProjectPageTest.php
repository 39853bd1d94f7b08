<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ChangeScheme;
use App\Actions\OpenProject;
use App\Actions\SubmitScheme;
use App\Models\Project;
use App\Models\User;
use App\Pages\ProjectPage;
use App\Pages\ProjectStep;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A project's page: each scheme from its first revision to what is drawn now, with what changed from one to the next. */
final class ProjectPageTest extends TestCase
{
    use RefreshDatabase;

    public function test_revisions_and_what_is_drawn_now_each_with_what_changed(): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile('heron-bungalow')));
        $scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme;
        $project = $scheme->project;
        self::assertSame(['Revision 1'], $this->titles($project));

        $room = $layout->storeys[0]->rooms[0];
        $named = new ChangeValues($room->id, ['name' => 'Den']);
        $changed = $this->app->make(ChangeScheme::class)->edit($scheme, $user, $scheme->version, $named, 'a');
        $steps = $this->steps($project);
        self::assertSame(['Revision 1', 'On the board now'], array_column($steps, 'title'));
        self::assertSame([null, 1], [$steps[0]->changes, count($steps[1]->changes ?? [])]);
        self::assertSame([], $steps[1]->counts, 'it was not submitted');

        $this->app->make(SubmitScheme::class)->submit($changed, $user);
        $steps = $this->steps($project);
        self::assertSame(['Revision 1', 'Revision 2'], array_column($steps, 'title'), 'what is drawn now is the last revision');
        self::assertStringContainsString('Den', implode(' ', $steps[1]->changes ?? []));
        self::assertSame($steps[1]->counts, $scheme->revisions()->latest('number')->firstOrFail()->counts);
        $this->get("/projects/{$project->id}")->assertOk()
            ->assertSeeInOrder([$scheme->name, 'Revision 1', 'Revision 2', 'One change', 'Log'])
            ->assertSee('class="thumbnail"', false);
    }

    public function test_a_drawing_that_cannot_be_read_hides_no_other(): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile('heron-bungalow')));
        $scheme = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021'])->scheme;
        DB::table('schemes')->where('id', $scheme->id)->update(['layout' => '{"format":"heurema-layout","version":1}']);
        $steps = $this->steps($scheme->project);
        self::assertSame(['Revision 1', 'On the board now'], array_column($steps, 'title'));
        self::assertSame('', $steps[1]->plan);
        $this->get("/projects/{$scheme->project_id}")->assertOk()->assertSee('Revision 1');
    }

    /** @return list<string> */
    private function titles(Project $project): array
    {
        return array_column($this->steps($project), 'title');
    }

    /** @return list<ProjectStep> */
    private function steps(Project $project): array
    {
        $page = new ProjectPage($project->fresh(['schemes.revisions.submitter']) ?? $project, new LengthAwarePaginator([], 0, 10));

        return $page->steps($page->project->schemes[0] ?? self::fail('The project has no scheme.'));
    }
}
