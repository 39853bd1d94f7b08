<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** What a rule book and the books under it that it amends come to together: its groups, its settings and its rules. */
final class Layers
{
    private const DEEPEST = 5;
    private const CHANGED = ['at_least', 'at_most', 'between', 'is', 'one_of', 'none'];

    /** @var array<string, Entry> by name, the entry that holds it */
    public array $groups = [];

    /** @var array<string, Entry> */
    public array $settings = [];

    /** @var array<string, Entry> */
    public array $quantities = [];

    /** @var array<string, LayeredRule> by id */
    public array $rules = [];

    /** @param list<Entry> $books the lowest first */
    private function __construct(array $books)
    {
        foreach ($books as $book) {
            $this->lay($book);
        }
    }

    /**
     * @param callable(string): Entry $base finds the book with an id
     *
     * @throws UnreadableRuleBook when books amend one another in a ring, or too many do
     */
    public static function of(Entry $book, callable $base): self
    {
        $books = [$book];
        $ids = [$book->text('book')];
        while ($book->has('amends')) {
            $id = $book->text('amends');
            if (in_array($id, $ids, true)) {
                throw $book->refuse("it amends \"{$id}\", which amends it in turn");
            }
            if (count($ids) > self::DEEPEST) {
                throw $book->refuse('more than '.self::DEEPEST.' books amend one another');
            }
            $book = $base($id);
            array_unshift($books, $book);
            $ids[] = $id;
        }

        return new self($books);
    }

    private function lay(Entry $book): void
    {
        foreach ($book->optional('groups')?->keys() ?? [] as $name) {
            $this->groups[$name] = $book->get('groups');
        }
        foreach ($book->optional('settings')?->keys() ?? [] as $name) {
            $this->settings[$name] = $book->get('settings');
        }
        foreach ($book->optional('quantities')?->keys() ?? [] as $name) {
            $this->quantities[$name] = $book->get('quantities');
        }
        $layer = $book->text('book');
        foreach ($book->has('amends') ? $book->entries('changes') : [] as $change) {
            $this->change($change, $layer);
        }
        foreach ($book->has('amends') ? $book->entries('off') : [] as $off) {
            $off->allow(['rule', 'because']);
            $this->rules[$off->text('rule')] = new LayeredRule($this->rule($off)->entry, $layer, $off->text('because'));
        }
        foreach ($book->entries('rules') as $rule) {
            $id = $rule->text('id');
            if (isset($this->rules[$id])) {
                throw $rule->refuse("there is another rule \"{$id}\"");
            }
            $this->rules[$id] = new LayeredRule($rule, $layer);
        }
    }

    /** Another limit; what else the rule says stays, its examples are new. */
    private function change(Entry $change, string $layer): void
    {
        $change->allow(['rule', ...self::CHANGED, 'because', 'source', 'examples']);
        $limits = array_values(array_filter(self::CHANGED, $change->has(...)));
        if (count($limits) !== 1) {
            throw $change->refuse('expected one of '.implode(', ', self::CHANGED));
        }
        $changed = $this->rule($change)->entry->without([...self::CHANGED, 'prefer', 'examples', 'note'])
            ->with($change, [$limits[0] => $limits[0], 'because' => 'note', 'source' => 'source', 'examples' => 'examples']);
        $this->rules[$change->text('rule')] = new LayeredRule($changed, $layer);
    }

    private function rule(Entry $change): LayeredRule
    {
        return $this->rules[$change->text('rule')] ?? throw $change->refuse("there is no rule \"{$change->text('rule')}\" to change");
    }
}
