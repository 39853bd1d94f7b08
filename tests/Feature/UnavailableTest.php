<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\SendPasswordLink;
use App\Models\OutgoingMail;
use App\Models\User;
use App\Queue\Once;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

/** What the server rests on goes away in the middle of something: pages say so, and what was under way is done once. */
final class UnavailableTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_page_says_that_the_database_is_away(): void
    {
        Route::get('/away', static function (): never {
            config()->set(
                'database.connections.away',
                ['driver' => 'mariadb', 'host' => '127.0.0.1', 'port' => 1, 'database' => 'x', 'username' => 'x', 'password' => 'x'],
            );
            DB::connection('away')->select('SELECT 1');
            exit;
        });
        $this
            ->get('/away')
            ->assertStatus(503)
            ->assertHeader('Retry-After', '5')
            ->assertHeader('X-Board-Refused', 'The%20database%20does%20not%20answer.')
            ->assertSee('The database does not answer.');
    }

    public function test_a_fault_of_a_statement_is_a_fault_of_ours(): void
    {
        Route::get('/wrong', static fn(): array => DB::select('SELECT wrong FROM nowhere'));
        $this->get('/wrong')->assertStatus(500)->assertHeaderMissing('Retry-After');
    }

    public function test_a_job_that_is_handed_out_again_is_not_done_again(): void
    {
        Storage::fake('local');
        config()->set([
            'queue.default' => 'database',
            'queue.connections.mails.driver' => 'database',
            'queue.connections.mails.after_commit' => false,
        ]);
        $user = User::factory()->create();
        SendPasswordLink::dispatch($user->email);
        $job = (array) DB::table('jobs')->sole();
        Artisan::call('queue:work', ['--once' => true]);
        // its worker was killed before it could say that it had finished
        DB::table('jobs')->insert([...$job, 'attempts' => 1]);
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame(1, OutgoingMail::query()->count());
        self::assertSame(0, DB::table('jobs')->count());
        $this->travel(Once::DAYS + 1)->days();
        Artisan::call('heurema:prune');
        self::assertSame(0, DB::table('done_jobs')->count());
    }

    public function test_a_job_that_fails_is_not_marked_as_done(): void
    {
        config()->set(['queue.default' => 'database', 'mail.default' => 'nowhere']);
        SendPasswordLink::dispatch(User::factory()->create()->email);
        Artisan::call('queue:work', ['--once' => true, '--tries' => 2]);
        self::assertSame([0, 1], [DB::table('done_jobs')->count(), DB::table('jobs')->count()]);
        self::assertSame(0, DB::table('password_reset_tokens')->count(), 'what it wrote is taken back');
    }

    public function test_a_mail_waits_where_what_it_tells_of_is_written(): void
    {
        Storage::fake('local');
        config()->set(['queue.connections.mails.driver' => 'database', 'queue.connections.mails.after_commit' => false]);
        $principal = User::factory()->create(['role' => 'principal']);
        $this->actingAs($principal)->post('/people', ['email' => 'mara@example.test', 'role' => 'reviewer'])->assertSessionHasNoErrors();
        self::assertSame([1, 0], [DB::table('jobs')->count(), OutgoingMail::query()->count()]);
        Artisan::call('queue:work', ['connection' => 'mails', '--stop-when-empty' => true, '--memory' => 4096]);
        self::assertSame([0, 1], [DB::table('jobs')->count(), OutgoingMail::query()->count()]);
    }
}
