<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\Language\Setting;
use Heurema\Rulebook\Language\Speech;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use Symfony\Component\Yaml\Exception\ParseException;

/** Reads rule books from YAML and refuses what does not make sense, with the line. */
final readonly class RuleBookReader implements BookReader
{
    private const LARGEST_BYTES = 2 * 1024 * 1024;
    private const MOST_RULES = 2000;

    public function __construct(private Catalogue $measures) {}

    /** @throws UnreadableRuleBook */
    public function readFile(string $file): RuleBook
    {
        $yaml = is_file($file) ? file_get_contents($file) : false;
        if ($yaml === false) {
            throw new UnreadableRuleBook($file, null, Text::of('no such rule book'));
        }

        $book = $this->read($yaml, $file);
        if ($book->id !== basename($file, '.yaml')) {
            throw new UnreadableRuleBook(
                $file,
                null,
                Text::of('it calls itself "{name}"; a book has the name of its file', name: $book->id),
            );
        }

        return $book;
    }

    /**
     * @param string $file what to call the text in messages
     *
     * @throws UnreadableRuleBook
     */
    public function read(string $yaml, string $file): RuleBook
    {
        if (strlen($yaml) > self::LARGEST_BYTES) {
            throw new UnreadableRuleBook($file, null, Text::of('a rule book is at most 2 MB large'));
        }
        return $this->book(self::parse($yaml, $file), static fn(string $id): Mapping => self::beside($file, $id));
    }

    /**
     * One of several books that were kept as texts; those that it amends are among them.
     *
     * @param array<string, string> $texts by id
     *
     * @throws UnreadableRuleBook
     */
    public function readAmong(array $texts, string $id): RuleBook
    {
        $kept = static fn(string $id): Mapping => self::parse(
            $texts[$id] ?? throw new UnreadableRuleBook($id, null, Text::of('no such rule book was kept')),
            $id,
        );

        return $this->book($kept($id), $kept);
    }

    private static function parse(string $yaml, string $file): Mapping
    {
        try {
            return new Mapping(PlainYaml::parse($yaml), $yaml, $file);
        } catch (ParseException $e) {
            throw new UnreadableRuleBook($file, $e->getParsedLine() > 0 ? $e->getParsedLine() : null, $e->getMessage());
        }
    }

    /** A book beside another one, by its id. */
    private static function beside(string $file, string $id): Mapping
    {
        $path = dirname($file)."/{$id}.yaml";
        $yaml = preg_match('/^[a-z0-9-]+$/', $id) === 1 && is_file($path) && filesize($path) <= self::LARGEST_BYTES
            ? file_get_contents($path)
            : false;

        return $yaml === false
            ? throw new UnreadableRuleBook($file, null, Text::of('there is no rule book "{name}" to amend', name: $id))
            : self::parse($yaml, $path);
    }

    /** @param callable(string): Mapping $base finds a book that it amends */
    private function book(Mapping $entry, callable $base): RuleBook
    {
        $entry->allow([
            'book', 'title', 'scope', 'units', 'source', 'building_tolerance', 'advice', 'groups', 'settings', 'quantities', 'existing',
            'rules', 'amends', 'changes', 'off',
        ]);
        $layers = Layers::of($entry, $base);
        $vocabulary = new Vocabulary($this->measures, self::groups($layers), self::settings($layers), $this->quantities($layers));
        $units = UnitSystem::tryFrom($entry->text('units')) ?? throw $entry->refuse(Text::of('units are imperial or metric'));
        $tolerance = $entry->figure('building_tolerance');
        if ($tolerance->quantity !== Quantity::Length) {
            throw $entry->refuse(Text::of('building_tolerance is a length'));
        }

        return new RuleBook(
            id: $entry->text('book'),
            title: $entry->text('title'),
            scope: $entry->text('scope'),
            source: $entry->text('source'),
            units: $units,
            tolerance: $tolerance,
            vocabulary: $vocabulary,
            rules: $this->rules($entry, $layers, $vocabulary),
            isAdvice: $entry->has('advice') && $entry->scalar('advice') === true,
            amends: $entry->has('amends') ? $entry->text('amends') : null,
            existing: $layers->existing === null ? null : (new RuleReader($vocabulary))->exemption($layers->existing),
        );
    }

    /** @return list<Rule> */
    private function rules(Mapping $entry, Layers $layers, Vocabulary $vocabulary): array
    {
        if (count($layers->rules) > self::MOST_RULES) {
            throw $entry->refuse(Text::of('a rule book holds at most {most} rules', most: self::MOST_RULES));
        }

        return array_values(array_map((new RuleReader($vocabulary))->read(...), $layers->rules));
    }

    /** @return array<string, list<string>> */
    private static function groups(Layers $layers): array
    {
        return array_combine(
            array_keys($layers->groups),
            array_map(
                static fn(Mapping $groups, string $name): array => $groups->texts($name),
                $layers->groups,
                array_keys($layers->groups),
            ),
        );
    }

    /** @return array<string, NamedMeasure> */
    private function quantities(Layers $layers): array
    {
        $quantities = [];
        foreach ($layers->quantities as $name => $entry) {
            $quantity = $entry->get($name);
            $quantity->allow(['measure', 'with']);
            $measure = $this->measures->get($quantity->text('measure'))
                ?? throw $quantity->refuse(Text::of('there is no measure "{measure}"', measure: $quantity->text('measure')));
            if ($this->measures->get($name) !== null || preg_match("/^{$measure->subject()->value}\.[a-z][a-z0-9_]*$/", $name) !== 1) {
                throw $quantity->refuse(Text::of(
                    '"{name}" is no new name of something measured on a {subject}',
                    name: $name,
                    subject: $measure->subject()->value,
                ));
            }
            $quantities[$name] = new NamedMeasure($name, $measure, ParameterReader::read($quantity, $measure));
        }

        return $quantities;
    }

    /** @return array<string, Setting> */
    private static function settings(Layers $layers): array
    {
        $settings = [];
        foreach ($layers->settings as $name => $entry) {
            $setting = $entry->get($name);
            $setting->allow(['title', 'default', 'words']);
            $default = $setting->scalar('default');
            $words = $setting->has('words') ? $setting->texts('words') : [];
            $value = is_bool($default) ? $default : (Figure::read((string) $default)->amount ?? (string) $default);
            if (is_string($value) && !in_array($value, $words, true)) {
                throw $setting->refuse(Text::of('"{word}" is not among the setting’s words', word: $value));
            }
            $settings[$name] = new Setting(
                $name,
                $setting->text('title'),
                $value,
                is_bool($default) ? Speech::word($default) : (string) $default,
                $words,
            );
        }

        return $settings;
    }
}
