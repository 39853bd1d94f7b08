<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Letter;
use App\Models\Revision;
use App\Models\User;
use Database\Seeders\DemoOfficeSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** How often each page asks the database on the demo office: once a kind of thing, not once a thing. */
final class QueriesTest extends TestCase
{
    use RefreshDatabase;

    public function test_no_page_asks_more_often_than_it_has_kinds_of_things(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->actingAs(User::query()->where('email', 'principal@heurema.test')->firstOrFail());
        $revision = Revision::query()->latest('id')->firstOrFail();
        $letter = Letter::query()->firstOrFail();
        $most = [
            '/' => 12,
            '/?q=terrace&state=submitted' => 12,
            '/people' => 9,
            '/outbox' => 2,
            '/rule-books' => 1,
            '/rule-books/us-irc-2021' => 0,
            "/revisions/{$revision->id}" => 9,
            "/revisions/{$revision->id}/stairs/st1" => 5,
            "/revisions/{$revision->id}/schedules/rooms" => 5,
            "/revisions/{$revision->id}/letter" => 11,
            "/revisions/{$revision->id}/letter/paper" => 9,
            "/letters/{$letter->id}" => 4,
            "/schemes/{$revision->scheme_id}/board" => 8,
            "/schemes/{$revision->scheme_id}/stairs/st1" => 3,
            "/compare?with[]={$revision->id}&with[]=s{$revision->scheme_id}" => 10,
            "/projects/{$revision->scheme->project_id}/brief" => 4,
            "/projects/{$revision->scheme->project_id}" => 7,
        ];
        $asked = [];
        foreach (array_keys($most) as $path) {
            $this->get($path)->assertOk();
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->get($path)->assertOk();
            $asked[$path] = count(DB::getQueryLog());
            DB::disableQueryLog();
        }
        foreach ($asked as $path => $count) {
            self::assertLessThanOrEqual($most[$path], $count, "{$path}: ".json_encode($asked));
        }
    }
}
