<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\User;
use Heurema\Tests\WithoutKey;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever nobody said of a home, its review and its board are shown. */
final class UnsaidTest extends TestCase
{
    use RefreshDatabase;

    private const HOME = __DIR__.'/../../database/demo/orchard-terrace.json';

    /** @return iterable<string, array{string}> */
    public static function keys(): iterable
    {
        preg_match_all('/"([a-z_]+)":/', (string) file_get_contents(self::HOME), $found);
        foreach (array_unique($found[1]) as $key) {
            if (WithoutKey::read((string) file_get_contents(self::HOME), $key) !== null) {
                yield $key => [$key];
            }
        }
    }

    #[DataProvider('keys')]
    public function test_pages_of_a_home_without_a_key(string $key): void
    {
        $user = User::factory()->create();
        $this->actingAs($user);
        $layout = WithoutKey::read((string) file_get_contents(self::HOME), $key) ?? self::fail("{$key} has to be said.");
        $revision = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021', 'drawing']);
        $this->get("/revisions/{$revision->id}")->assertOk();
        [$lower, $upper] = $layout->storeys;
        foreach ([$lower->openings[0]->id ?? '', $lower->fixtures[0]->id ?? ''] as $chosen) {
            $this->get("/schemes/{$revision->scheme_id}/board?storey={$lower->id}&select={$chosen}")->assertOk();
        }
        $this->get("/schemes/{$revision->scheme_id}/board?storey={$upper->id}")->assertOk();
    }
}
