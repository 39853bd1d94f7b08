<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\User;
use App\Pages\MissingValue;
use Heurema\Layout\Layout;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\WithoutKey;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever a rule does not know of a home of the demonstration, whichever key nobody said: the board has the field that says it. */
final class MissingValueTest extends TestCase
{
    use RefreshDatabase;

    /** What is drawn, not typed. */
    private const DRAWN = '/^(an opening in .+ over|a room around|a room under|rooms with walls closed around|a row of the table)/';

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (new \DirectoryIterator(__DIR__.'/../../database/demo') as $file) {
            if ($file->getExtension() === 'json') {
                yield $file->getBasename('.json') => [$file->getPathname()];
            }
        }
    }

    /** Of which one key after the other is not said. */
    private const KEYS_TAKEN_OF = ['orchard-terrace'];

    #[DataProvider('homes')]
    public function test_each_has_its_field_on_the_board(string $file): void
    {
        $json = (string) file_get_contents($file);
        preg_match_all('/"([a-z_]+)":/', $json, $keys);
        $shown = [];
        $taken = in_array(basename($file, '.json'), self::KEYS_TAKEN_OF, true) ? array_unique($keys[1]) : [];
        foreach (['', ...$taken] as $key) {
            $layout = WithoutKey::read($json, $key);
            if ($layout === null) {
                continue;
            }
            foreach (self::missing($layout) as $value) {
                $this->seeField($layout, $value, $key, $shown);
            }
        }
        self::assertGreaterThanOrEqual($taken === [] ? 3 : 20, count($shown));
    }

    /** @param array<string, true> $shown fields that were seen by now, each of one element of a list */
    private function seeField(Layout $layout, MissingValue $value, string $key, array &$shown): void
    {
        if ($value->element === null) {
            self::assertMatchesRegularExpression(self::DRAWN, $value->words, "without {$key}");

            return;
        }
        if ($value->space !== '') {
            return;
        }
        self::assertNotSame('', $value->control, "{$value->words}, without {$key}");
        if (isset($shown[$value->control])) {
            return;
        }
        $shown[$value->control] = true;
        $user = User::factory()->create();
        $revision = $this->app->make(OpenProject::class)->open($user, $layout, null, ['us-irc-2021']);
        $board = $this->actingAs($user)->get(
            "/schemes/{$revision->scheme_id}/board?".http_build_query(['storey' => $value->storey, 'select' => $value->element]),
        );
        self::assertStringContainsString("id=\"{$value->control}\"", (string) $board->getContent(), "{$value->words}, without {$key}");
    }

    /** @return list<MissingValue> */
    private static function missing(Layout $layout): array
    {
        $home = new Home($layout);
        $found = [];
        foreach ((new Examiner(Catalogue::standard()))->examine($home, self::books())->findings as $finding) {
            array_push($found, ...array_merge(...MissingValue::among($finding, $home)));
        }

        return $found;
    }

    /** @return list<RuleBook> */
    private static function books(): array
    {
        return array_map(
            static fn(string $book): RuleBook => (new RuleBookReader(Catalogue::standard()))->readFile(
                __DIR__."/../../core/rulebooks/{$book}.yaml",
            ),
            ['us-irc-2021', 'us-access', 'uk-part-m', 'drawing'],
        );
    }
}
