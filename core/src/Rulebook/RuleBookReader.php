<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Catalogue;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

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
            throw new UnreadableRuleBook($file, null, 'no such rule book');
        }

        return $this->read($yaml, $file);
    }

    /**
     * @param string $file what to call the text in messages
     *
     * @throws UnreadableRuleBook
     */
    public function read(string $yaml, string $file): RuleBook
    {
        if (strlen($yaml) > self::LARGEST_BYTES) {
            throw new UnreadableRuleBook($file, null, 'a rule book is at most 2 MB large');
        }
        try {
            return $this->book(new Entry(Yaml::parse($yaml), $yaml, $file));
        } catch (ParseException $e) {
            throw new UnreadableRuleBook($file, $e->getParsedLine() > 0 ? $e->getParsedLine() : null, $e->getMessage());
        }
    }

    private function book(Entry $entry): RuleBook
    {
        $entry->allow(['book', 'title', 'scope', 'units', 'source', 'building_tolerance', 'groups', 'settings', 'rules']);
        $vocabulary = new Vocabulary($this->measures, self::groups($entry), self::settings($entry));
        $units = UnitSystem::tryFrom($entry->text('units')) ?? throw $entry->refuse('units are imperial or metric');
        $tolerance = $entry->figure('building_tolerance');
        if ($tolerance->quantity !== Quantity::Length) {
            throw $entry->refuse('building_tolerance is a length');
        }

        return new RuleBook(
            $entry->text('book'),
            $entry->text('title'),
            $entry->text('scope'),
            $entry->text('source'),
            $units,
            $tolerance,
            $vocabulary,
            $this->rules($entry, $vocabulary),
        );
    }

    /** @return list<Rule> */
    private function rules(Entry $entry, Vocabulary $vocabulary): array
    {
        $entries = $entry->entries('rules');
        if (count($entries) > self::MOST_RULES) {
            throw $entry->refuse('a rule book holds at most '.self::MOST_RULES.' rules');
        }
        $reader = new RuleReader($vocabulary);
        $rules = [];
        foreach ($entries as $ruleEntry) {
            $rule = $reader->read($ruleEntry);
            if (isset($rules[$rule->id])) {
                throw $ruleEntry->refuse("there is another rule \"{$rule->id}\"");
            }
            $rules[$rule->id] = $rule;
        }

        return array_values($rules);
    }

    /** @return array<string, list<string>> */
    private static function groups(Entry $entry): array
    {
        $groups = [];
        foreach ($entry->optional('groups')?->keys() ?? [] as $name) {
            $groups[$name] = $entry->get('groups')->texts($name);
        }

        return $groups;
    }

    /** @return array<string, Setting> */
    private static function settings(Entry $entry): array
    {
        $settings = [];
        foreach ($entry->optional('settings')?->keys() ?? [] as $name) {
            $setting = $entry->get('settings')->get($name);
            $setting->allow(['title', 'default']);
            $default = $setting->scalar('default');
            $settings[$name] = new Setting($name, $setting->text('title'), is_bool($default) ? $default : (Figure::read((string) $default)->amount ?? (string) $default));
        }

        return $settings;
    }
}
