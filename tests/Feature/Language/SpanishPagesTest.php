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

/** Whoever chose Spanish reads no English on any page, but for what people typed, wishes and rule books among it. */
final class SpanishPagesTest extends TestCase
{
    use ReadsDemoPages;
    use RefreshDatabase;

    /** Words that no sentence of English is without, and that are none in Spanish. */
    private const ENGLISH = '/\b(the|of|and|to|is|are|it|its|with|not|from|by|at|on|for|what|this|that|each|which|was|be|have|has)\b/i';

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
        foreach ([...$this->addresses(), ...$this->searches(), '/measures'] as $address) {
            foreach ($this->texts($address) as $text) {
                $isParameter = preg_match('/^[a-z]+: [a-z]+$/', $text) === 1;
                if (preg_match(self::ENGLISH, $text) === 1 && !$isParameter && !str_contains($all, $text)) {
                    $rest = str_ireplace($typed, '', $text);
                    preg_match(self::ENGLISH, $rest) === 1 ? $found[$text] ??= $address : null;
                }
            }
        }
        self::assertSame([], $found);
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
            if (is_string($value) && preg_match(self::ENGLISH, $value) === 1) {
                $typed[trim((string) preg_replace('/\s+/', ' ', $value))] = true;
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
