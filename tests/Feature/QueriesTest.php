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
            '/' => 13,
            '/?q=terrace&state=submitted' => 13,
            '/people' => 10,
            '/outbox' => 3,
            '/rule-books' => 2,
            '/rule-books/us-irc-2021' => 1,
            "/revisions/{$revision->id}" => 12,
            "/revisions/{$revision->id}/stairs/st1" => 6,
            "/revisions/{$revision->id}/schedules/rooms" => 6,
            "/revisions/{$revision->id}/letter" => 12,
            "/revisions/{$revision->id}/letter/paper" => 10,
            "/letters/{$letter->id}" => 5,
            "/schemes/{$revision->scheme_id}/board" => 10,
            "/schemes/{$revision->scheme_id}/stairs/st1" => 4,
            "/schemes/{$revision->scheme_id}/elevations" => 4,
            "/schemes/{$revision->scheme_id}/elevations?face=south" => 4,
            "/revisions/{$revision->id}/elevations" => 6,
            "/schemes/{$revision->scheme_id}/round" => 4,
            "/schemes/{$revision->scheme_id}/round/facts" => 4,
            "/revisions/{$revision->id}/round" => 6,
            "/schemes/{$revision->scheme_id}/kitchen" => 4,
            "/schemes/{$revision->scheme_id}/kitchen/schedule" => 4,
            "/revisions/{$revision->id}/kitchen" => 6,
            "/schemes/{$revision->scheme_id}/sheets" => 7,
            "/schemes/{$revision->scheme_id}/sheets/0.svg" => 7,
            "/schemes/{$revision->scheme_id}/survey" => 4,
            "/schemes/{$revision->scheme_id}/file" => 5,
            '/account' => 4,
            "/compare?with[]={$revision->id}&with[]=s{$revision->scheme_id}" => 11,
            "/projects/{$revision->scheme->project_id}/brief" => 6, // what was stated of the home is part of it
            "/projects/{$revision->scheme->project_id}" => 9,
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
