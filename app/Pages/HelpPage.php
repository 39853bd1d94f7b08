<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Language\Language;
use Heurema\Language\Text;
use Heurema\Language\Texts;
use Illuminate\Support\Str;

/**
 * A document of docs/, or of docs/es/ for those who read Spanish, as a page: its headings can be pointed at, links to other documents lead
 * to their pages.
 */
final readonly class HelpPage
{
    /** In the order in which they are listed; those for operators and developers stay in docs/. */
    #[Texts]
    public const PAGES = [
        'start' => 'The first quarter of an hour', 'reviewing' => 'Reviewing', 'briefs' => 'Briefs', 'board' => 'The board',
        'stairs' => 'Stairs', 'kitchens' => 'Kitchens', 'sheets' => 'Sheets',
        'model' => 'In the round', 'files' => 'Files', 'rule-books' => 'Rule books', 'words' => 'Glossary',
    ];

    /** Which page helps where, by the beginning of a route's name. */
    private const BESIDE = [
        'board.round' => 'model', 'review.round' => 'model',
        'board.sheet' => 'sheets', 'board.kitchen' => 'kitchens', 'board.stair' => 'stairs', 'board.file' => 'files', 'board' => 'board',
        'review' => 'reviewing', 'letters' => 'reviewing', 'rule-book' => 'rule-books', 'measures' => 'rule-books', 'brief' => 'briefs',
        'project' => 'reviewing', 'compare' => 'reviewing',
    ];

    private function __construct(public string $key, public string $title, private string $text) {}

    /** @return self|null null: there is no such page */
    public static function of(string $key): ?self
    {
        $folder = Text::language() === Language::English ? 'docs' : 'docs/'.Text::language()->value;
        $text = isset(self::PAGES[$key]) ? @file_get_contents(base_path("{$folder}/{$key}.md")) : false;

        return $text === false ? null : new self($key, __(self::PAGES[$key]), $text);
    }

    /** The page that helps on the page of a route. */
    public static function beside(?string $route): string
    {
        foreach (self::BESIDE as $begins => $key) {
            if (str_starts_with((string) $route, $begins)) {
                return $key;
            }
        }

        return 'start';
    }

    /** Without its title, which the page has as its own. */
    public function html(): string
    {
        $body = (string) preg_replace('/^# .*\n/', '', $this->text);
        $html = Str::markdown($body, ['html_input' => 'escape', 'allow_unsafe_links' => false]);
        $html = (string) preg_replace_callback(
            '~<h([23])>(.*?)</h\1>~',
            static fn(array $found): string => "<h{$found[1]} id=\"".Str::slug(strip_tags($found[2]))."\">{$found[2]}</h{$found[1]}>",
            $html,
        );

        return (string) preg_replace_callback(
            '~<a href="(?:\.\./)?(?:docs/)?([\w-]+)\.md(#[\w-]*)?">(.*?)</a>~',
            static fn(array $found): string => isset(self::PAGES[$found[1]])
                ? '<a href="'.e(route('help.page', $found[1])).$found[2]."\">{$found[3]}</a>"
                : $found[3],
            $html,
        );
    }

    /** @return list<FoundEntry> its headings, for the search */
    public function headings(): array
    {
        preg_match_all('/^##+ (.*)$/m', $this->text, $found);

        return [new FoundEntry($this->title, __('help'), route('help.page', $this->key)), ...array_map(
            fn(string $heading): FoundEntry => new FoundEntry(
                strip_tags($heading),
                __('help, :title', ['title' => $this->title]),
                route('help.page', $this->key).'#'.Str::slug($heading),
            ),
            $found[1],
        )];
    }
}
