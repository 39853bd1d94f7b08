<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;

/** What a rule book and the books under it that it amends come to together: its groups, its settings and its rules. */
final class Layers
{
    private const DEEPEST = 5;
    private const PARTS = ['all', 'any', 'exists', 'every'];

    /** @var array<string, Mapping> by name, the entry that holds it */
    public array $groups = [];

    /** @var array<string, Mapping> */
    public array $settings = [];

    /** @var array<string, Mapping> */
    public array $quantities = [];

    /** @var array<string, LayeredRule> by id */
    public array $rules = [];

    /** When what stands already is not asked. */
    public ?Mapping $existing = null;

    /** @param list<Mapping> $books the lowest first */
    private function __construct(array $books)
    {
        foreach ($books as $book) {
            $this->lay($book);
        }
    }

    /**
     * @param callable(string): Mapping $base finds the book with an id
     *
     * @throws UnreadableRuleBook when books amend one another in a ring, or too many do
     */
    public static function of(Mapping $book, callable $base): self
    {
        $books = [$book];
        $ids = [$book->text('book')];
        while ($book->has('amends')) {
            $id = $book->text('amends');
            if (in_array($id, $ids, true)) {
                throw $book->refuse(Text::of('it amends "{name}", which amends it in turn', name: $id));
            }
            if (count($ids) > self::DEEPEST) {
                throw $book->refuse(Text::of('more than {most} books amend one another', most: self::DEEPEST));
            }
            $book = $base($id);
            array_unshift($books, $book);
            $ids[] = $id;
        }

        return new self($books);
    }

    private function lay(Mapping $book): void
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
        $this->existing = $book->optional('existing') ?? $this->existing;
        $layer = $book->text('book');
        foreach ($book->has('amends') ? [] : array_filter(['changes', 'off'], $book->has(...)) as $key) {
            if ($book->entries($key) !== []) {
                throw $book->refuse(Text::of('"{key}" needs "amends": the book whose rules it is about', key: $key));
            }
        }
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
                throw $rule->refuse(Text::of('there is another rule "{rule}"', rule: $id));
            }
            $this->rules[$id] = new LayeredRule($rule, $layer);
        }
    }

    /** Another limit, another condition or one more exception; what else the rule says stays, its examples are new. */
    private function change(Mapping $change, string $layer): void
    {
        $change->allow(['rule', 'part', ...RuleReader::LIMITS, 'when', 'unless', 'because', 'source', 'examples']);
        $limits = array_values(array_filter(RuleReader::LIMITS, $change->has(...)));
        if (count($limits) > 1 || ($limits === [] && !$change->has('when') && !$change->has('unless'))) {
            throw $change->refuse(Text::of('expected one of {list}, or when, or unless', list: implode(', ', RuleReader::LIMITS)));
        }
        $entry = $this->rule($change)->entry->without(['examples']);
        if ($limits !== []) {
            $entry = self::limited($entry, $change, $limits[0]);
        }
        $entry = $entry->with($change, ['when' => 'when', 'because' => 'note', 'source' => 'source', 'examples' => 'examples']);
        if ($change->has('unless')) {
            $entry = $entry->adding($change, 'unless');
        }
        $this->rules[$change->text('rule')] = new LayeredRule($entry, $layer);
    }

    /** The rule with another limit, of its one measure or of the part that is named by its measure. */
    private static function limited(Mapping $rule, Mapping $change, string $limit): Mapping
    {
        $parts = array_values(array_unique(array_merge(...array_map($rule->measuresIn(...), self::PARTS))));
        if (!$change->has('part') && $parts === []) {
            return $rule->without(RuleReader::LIMITS)->with($change, [$limit => $limit]);
        }
        if (!$change->has('part') || !in_array($change->text('part'), $parts, true)) {
            throw $change->refuse(
                $parts === []
                    ? Text::of('the rule has one measure and no parts')
                    : Text::of('the rule has several limits; "part" is one of {list}', list: implode(', ', $parts)),
            );
        }

        return $rule->withPart($change->text('part'), $change, $limit, RuleReader::LIMITS);
    }

    private function rule(Mapping $change): LayeredRule
    {
        return $this->rules[$change->text('rule')] ?? throw $change->refuse(
            Text::of('there is no rule "{rule}" to change', rule: $change->text('rule')),
        );
    }
}
