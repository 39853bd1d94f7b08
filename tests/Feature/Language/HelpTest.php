<?php

declare(strict_types=1);

namespace Tests\Feature\Language;

use App\Models\User;
use App\Pages\HelpPage;
use Heurema\Language\Language;
use Heurema\Language\Text;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\Translation\English;

/** The help says the same in every language: paragraph by paragraph, with the same code, links and the names that pages have for things. */
final class HelpTest extends TestCase
{
    use RefreshDatabase;

    #[DataProvider('pages')]
    public function test_a_page_is_built_alike(string $page): void
    {
        [$english, $spanish] = [$this->html($page, Language::English), $this->html($page, Language::Spanish)];
        self::assertNotSame($english, $spanish);
        foreach (['~<(h2|h3|p|li|tr|t[hd]|pre)\b~', '~href="([^"#]*)~'] as $parts) {
            self::assertSame($this->all($parts, $english), $this->all($parts, $spanish));
        }
    }

    #[DataProvider('pages')]
    public function test_code_and_standards_stay_as_they_are(string $page): void
    {
        $fixed = '~<code>([\w./{}$:-]*(?:[_/$-]|::|\w\.\w)[\w./{}$:-]*)</code>|\b(?:ISO(?:/IEC)? \d+|Ifc\w+|R\d+\.[\d.]*\d)~';
        $english = $this->all($fixed, $this->html($page, Language::English));
        $spanish = $this->all($fixed, $this->html($page, Language::Spanish));
        sort($english);
        sort($spanish);
        self::assertSame($english, $spanish);
    }

    #[DataProvider('pages')]
    public function test_things_are_called_as_on_the_pages(string $page): void
    {
        $names = $this->all('~<em>(.*?)</em>~', $this->html($page, Language::English));
        $said = $this->all('~<em>(.*?)</em>~', $this->html($page, Language::Spanish));
        self::assertCount(count($names), $said);
        /** @var array<string, string> $translations */
        $translations = json_decode((string) file_get_contents(lang_path('es.json')), true, flags: JSON_THROW_ON_ERROR);
        foreach ($names as $name) {
            $label = ltrim($name, '+ ');
            if (isset($translations[$label])) {
                self::assertContains(str_replace($label, $translations[$label], $name), $said, $name);
            }
        }
    }

    #[DataProvider('pages')]
    public function test_no_english_is_left(string $page): void
    {
        $html = (string) preg_replace('~<(pre|code)\b.*?</\1>~s', '', $this->html($page, Language::Spanish));
        preg_match_all('~>([^<]*)<~', $html, $texts);
        $left = array_filter($texts[1], static fn(string $text): bool => preg_match(English::SENTENCE, $text) === 1);
        self::assertSame([], array_values($left));
    }

    public function test_it_is_read_and_searched_in_the_language_of_its_reader(): void
    {
        $this->actingAs(User::factory()->create(['language' => Language::Spanish]));
        $this->get('/help/stairs')->assertOk()->assertSee('Bordes abiertos')->assertDontSee('Open edges');
        $this->get('/search?q=bordes+abiertos')->assertOk()
            ->assertSee('ayuda, Escaleras')->assertSee('/help/stairs#bordes-abiertos', false);
        $this->actingAs(User::factory()->create(['language' => Language::English]));
        $this->get('/help/stairs')->assertOk()->assertSee('Open edges');
        $this->get('/search?q=open+edges')->assertOk()
            ->assertSee('help, Stairs')->assertSee('/help/stairs#open-edges', false);
    }

    /** @return array<string, array{string}> */
    public static function pages(): array
    {
        $pages = array_keys(HelpPage::PAGES);

        return array_combine($pages, array_map(static fn(string $page): array => [$page], $pages));
    }

    private function html(string $page, Language $language): string
    {
        app()->setLocale($language->value);
        self::assertSame($language, Text::language());

        return HelpPage::of($page)?->html() ?? self::fail("{$page} is not there in {$language->name()}.");
    }

    /** @return list<string> what a pattern finds, its first group where it has one */
    private function all(string $pattern, string $html): array
    {
        preg_match_all($pattern, $html, $found, PREG_SET_ORDER);

        return array_map(static fn(array $one): string => html_entity_decode($one[1] ?? $one[0]), $found);
    }
}
