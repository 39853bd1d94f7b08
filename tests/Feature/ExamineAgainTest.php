<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class ExamineAgainTest extends TestCase
{
    use RefreshDatabase;

    public function test_all_open_reviews_of_the_office_are_examined_again(): void
    {
        config()->set('queue.default', 'database');
        $principal = User::factory()->create(['role' => Role::Principal]);
        $layout = (new LayoutReader())->read((string) file_get_contents(self::demoFile()));
        $open = $this->app->make(OpenProject::class);
        $revisions = array_map(static fn(): Revision => $open->open($principal, $layout, null, ['us-irc-2021']), range(1, 3));
        $strange = $open->open(User::factory()->create(), $layout, null, ['us-irc-2021']);
        $revisions[2]->update(['state' => RevisionState::SignedOff]);
        Revision::query()->update(['counts' => '{"violated": 99}']);

        $this->actingAs($principal)->post('/examination')->assertRedirect('/rule-books');
        $this->get('/examination')->assertOk()->assertSee('0 of 2')->assertSee('hx-trigger="every 1s"', false);
        // half way, a reload finds it again
        Artisan::call('queue:work', ['--once' => true]);
        $this->get('/examination')->assertSee('1 of 2');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        $this->get('/examination')->assertSee('2 of 2')->assertSee('have been examined again')->assertDontSee('hx-trigger', false);
        $violated = static fn(Revision $revision): int => Revision::query()->findOrFail($revision->id)->counts['violated'];
        self::assertSame([17, 17, 99, 99], [...array_map($violated, $revisions), $violated($strange)]);
    }

    public function test_pressed_twice_it_starts_once_though_it_is_over_by_then(): void
    {
        $principal = User::factory()->create(['role' => Role::Principal]);
        $this->app->make(OpenProject::class)->open(
            $principal,
            (new LayoutReader())->read((string) file_get_contents(self::demoFile())),
            null,
            ['us-irc-2021'],
        );
        foreach ([['one', 1], ['one', 1], ['two', 2], ['', 3]] as [$press, $batches]) {
            $this->actingAs($principal)->post('/examination', ['_once' => $press])->assertRedirect('/rule-books');
            self::assertSame($batches, DB::table('job_batches')->count(), $press);
        }
        $this->post('/examination', ['_once' => ['x']])->assertUnprocessable();
    }

    public function test_only_principals_start_it(): void
    {
        foreach ([Role::Designer, Role::Reviewer] as $role) {
            $this->actingAs(User::factory()->create(['role' => $role]))->post('/examination')->assertForbidden();
            $this->get('/rule-books')->assertDontSee('Examine all open reviews again');
        }
        $this->actingAs(User::factory()->create(['role' => Role::Principal]))->post('/examination')->assertRedirect();
        $this->get('/examination')->assertOk()->assertDontSee('progress');
    }
}
