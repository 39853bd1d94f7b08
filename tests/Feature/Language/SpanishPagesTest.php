<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\BriefPage;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Language\Language;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Yaml\Yaml;
use Tests\Feature\ReadsDemoPages;
use Tests\TestCase;
use Tests\Translation\English;

/** Whoever chose Spanish reads no English on any page, but for what people typed, wishes and rule books among it. */
final class SpanishPagesTest extends TestCase
{
    use ReadsDemoPages;
    use RefreshDatabase;

    public function test_pages_are_in_spanish(): void
    {
        app()->setLocale(Language::Spanish->value);
        $this->app->make(DemoOfficeSeeder::class)->run();
        $user = User::query()->where('email', 'principal@heurema.test')->firstOrFail();
        $user->forceFill(['language' => Language::Spanish])->save();
        $this->actingAs($user);
        $typed = $this->typed();
        $all = implode("\n", $typed);
        $found = [];
        foreach ([...$this->addresses(), ...$this->searches(), ...$this->parts(), '/measures'] as $address) {
            foreach ($this->texts($address) as $text) {
                $isParameter = preg_match('/^[a-z]+: [a-z]+$/', $text) === 1;
                if (preg_match(English::SENTENCE, $text) === 1 && !$isParameter && !str_contains($all, rtrim($text, '…'))) {
                    $rest = str_ireplace($typed, '', $text);
                    preg_match(English::SENTENCE, $rest) === 1 ? $found[$text] ??= $address : null;
                }
            }
        }
        self::assertSame([], $found);
    }

    /** @return list<string> what is read beside pages: lists of elements and fixtures, drawings, books, stairs of what was handed in */
    private function parts(): array
    {
        $parts = ['/rule-books/us-irc-2021', '/rule-books/practice-kitchen-bath'];
        foreach (Scheme::query()->get() as $scheme) {
            $board = "/schemes/{$scheme->id}";
            array_push($parts, "{$board}/fixtures", "{$board}/round", "{$board}/sheets/0.svg");
            foreach ($scheme->layout->storeys as $storey) {
                $parts[] = "{$board}/elements?storey={$storey->id}";
            }
        }
        foreach (Revision::query()->get() as $revision) {
            $parts[] = "/revisions/{$revision->id}/round";
            foreach ($revision->layout->stairs as $stair) {
                $parts[] = "/revisions/{$revision->id}/stairs/{$stair->id}";
            }
        }

        return $parts;
    }

    /** @return list<string> for what pages, elements and findings have in their names */
    private function searches(): array
    {
        $searches = [];
        foreach (['revision' => Revision::query()->firstOrFail()->id, 'scheme' => Scheme::query()->firstOrFail()->id] as $of => $id) {
            foreach (['cuadro', 'alzados', 'de', 'el', 'en', 'a', 'o', 'd1', 'ayuda'] as $typed) {
                $searches[] = "/search?{$of}={$id}&q={$typed}";
            }
        }

        return $searches;
    }

    /** @return list<string> what people typed, and what rule books say, the longest first */
    private function typed(): array
    {
        $typed = array_fill_keys(array_merge(...array_values(BriefPage::EXAMPLES)), true);
        $take = static function (mixed $value) use (&$typed): void {
            foreach (is_string($value) ? [$value, ...explode("\n", $value)] : [] as $text) {
                if (preg_match(English::SENTENCE, $text) === 1) {
                    $typed[trim((string) preg_replace('/\s+/', ' ', $text))] = true;
                }
            }
        };
        foreach (['projects', 'schemes', 'revisions', 'remarks', 'rulings', 'log_entries', 'office_log_entries', 'offices'] as $table) {
            foreach (DB::getSchemaBuilder()->hasTable($table) ? DB::table($table)->get() : [] as $row) {
                foreach ((array) $row as $value) {
                    $kept = is_string($value) ? json_decode($value, true) : null;
                    is_array($kept) ? array_walk_recursive($kept, $take) : $take($value);
                }
            }
        }
        foreach ((array) glob(base_path('core/rulebooks/*.yaml')) as $book) {
            $read = (array) Yaml::parseFile((string) $book);
            array_walk_recursive($read, $take);
        }
        $texts = array_map(strval(...), array_keys($typed));
        usort($texts, static fn(string $one, string $other): int => strlen($other) <=> strlen($one));

        return $texts;
    }
}
