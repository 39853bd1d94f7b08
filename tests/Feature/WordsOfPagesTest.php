<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Scheme;
use App\Models\User;
use Database\Seeders\DemoOfficeSeeder;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

/** No page of the demonstration's office shows ids and keys of documents, or what is left of markup; lists of measures and books do. */
final class WordsOfPagesTest extends TestCase
{
    use ReadsDemoPages;
    use RefreshDatabase;

    public function test_texts_are_words(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $this->actingAs(User::query()->where('email', 'principal@heurema.test')->firstOrFail());
        $ids = '/(?<![\w-])(?:'.implode('|', array_map(preg_quote(...), $this->ids())).')(?![\w-])/';
        $found = [];
        foreach ($this->addresses() as $address) {
            foreach ($this->texts($address) as $text) {
                foreach ([
                    'id' => $ids, 'key' => '/\b[a-z]+_[a-z_]+\b/', 'doubled unit' => '/\b(mm|m²|cm|sq ft)\s+\1(?!\w)/u',
                    'entity' => '/&(?:[a-z]+|#\d+);/i', 'placeholder' => '/[{}]|\bnull\b|\bNAN\b|\bINF\b/',
                ] as $what => $pattern) {
                    if (preg_match($pattern, $text) === 1) {
                        $found["{$what}: {$text}"] = $address;
                    }
                }
            }
        }
        self::assertSame([], $found);
    }

    /** @return list<string> of everything drawn that cannot be taken for a word */
    private function ids(): array
    {
        $ids = [];
        foreach (Scheme::query()->get() as $scheme) {
            array_push($ids, ...self::idsOf($scheme->layout));
        }

        return array_values(array_unique(array_filter($ids, static fn(string $id): bool => preg_match('/[a-z]\d/', $id) === 1)));
    }

    /** @return list<string> */
    private static function idsOf(Layout $layout): array
    {
        $ids = [];
        foreach ([$layout, ...$layout->storeys] as $holder) {
            foreach (ElementList::cases() as $list) {
                $elements = $list->isOfStorey() === ($holder !== $layout) ? $holder->elements($list) : [];
                array_push($ids, ...array_map(static fn($element): string => $element->id(), $elements));
            }
        }

        return $ids;
    }
}
