<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Units\Amount;

/** A mapping in a rule book being read; it knows the rule it belongs to, so that a refusal can name the line. */
final readonly class Mapping
{
    /** @param array{string, string}|null $mark key and value of the line where the rule begins, or the change, that this is part of */
    public function __construct(private mixed $value, private string $yaml, private string $file, private ?array $mark = null) {}

    /**
     * @param list<string> $keys
     *
     * @throws UnreadableRuleBook
     */
    public function allow(array $keys): void
    {
        foreach ($this->keys() as $key) {
            if (!in_array($key, $keys, true)) {
                throw $this->refuse(Text::of('unknown key "{key}"; expected one of {list}', key: $key, list: implode(', ', $keys)));
            }
        }
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->mapping()));
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->mapping());
    }

    /** @param list<string> $keys */
    public function without(array $keys): self
    {
        return new self(array_diff_key($this->mapping(), array_flip($keys)), $this->yaml, $this->file, $this->mark);
    }

    /**
     * The same with values of another entry, and at that entry's place.
     *
     * @param array<string, string> $keys the other's keys, and what they are called here
     */
    public function with(self $other, array $keys): self
    {
        $values = $this->mapping();
        foreach ($keys as $key => $name) {
            if ($other->has($key)) {
                $values[$name] = $other->mapping()[$key];
            }
        }

        return new self($values, $other->yaml, $other->file, $other->mark);
    }

    /** The same with more items of a list. */
    public function adding(self $other, string $key): self
    {
        $list = static fn(mixed $value): array => is_array($value) && array_is_list($value) ? $value : [$value];
        $values = $this->mapping();
        $values[$key] = [...(isset($values[$key]) ? $list($values[$key]) : []), ...$list($other->mapping()[$key] ?? [])];

        return new self($values, $other->yaml, $other->file, $other->mark);
    }

    /** @return list<string> the measures that are named anywhere under a key */
    public function measuresIn(string $key): array
    {
        $measures = [];
        $under = [$this->mapping()[$key] ?? null];
        array_walk_recursive($under, static function (mixed $value, string|int $name) use (&$measures): void {
            if ($name === 'measure' && is_string($value)) {
                $measures[] = $value;
            }
        });

        return $measures;
    }

    /**
     * The same with another limit wherever a measure stands.
     *
     * @param list<string> $limits the keys of limits, which it takes the place of
     */
    public function withPart(string $measure, self $other, string $limit, array $limits): self
    {
        $value = $other->mapping()[$limit];
        $changed = static function (mixed $node) use (&$changed, $measure, $limit, $limits, $value): mixed {
            if (!is_array($node)) {
                return $node;
            }
            $node = array_map($changed, $node);

            return ($node['measure'] ?? null) === $measure ? [...array_diff_key($node, array_flip($limits)), $limit => $value] : $node;
        };
        $rule = $changed($this->mapping());

        return new self($rule, $other->yaml, $other->file, $other->mark);
    }

    /** Does a mapping stand there, not a single value? */
    public function isMapping(string $key): bool
    {
        return is_array($this->mapping()[$key] ?? null);
    }

    public function get(string $key): self
    {
        if (!$this->has($key)) {
            throw $this->refuse(Text::of('"{key}" is missing', key: $key));
        }

        return new self($this->mapping()[$key], $this->yaml, $this->file, $this->mark);
    }

    public function optional(string $key): ?self
    {
        return $this->has($key) ? $this->get($key) : null;
    }

    /** @return list<self> a list of mappings, or one mapping alone */
    public function entries(string $key): array
    {
        $value = $this->has($key) ? $this->mapping()[$key] : [];
        if (!is_array($value)) {
            throw $this->refuse(Text::of('"{key}" is a list', key: $key));
        }
        $items = array_is_list($value) ? $value : [$value];

        return array_map(fn(mixed $item): self => new self($item, $this->yaml, $this->file, $this->mark ?? self::markOf($item)), $items);
    }

    public function text(string $key): string
    {
        $value = $this->scalar($key);

        return is_bool($value) ? throw $this->refuse(Text::of('"{key}" is a text', key: $key)) : (string) $value;
    }

    public function optionalText(string $key): ?string
    {
        return $this->has($key) ? $this->text($key) : null;
    }

    public function scalar(string $key): string|bool|float|int
    {
        $value = $this->get($key)->value;

        return is_scalar($value) ? $value : throw $this->refuse(Text::of('"{key}" is a single value', key: $key));
    }

    /** @return array<string, string|bool|float|int> */
    public function scalars(): array
    {
        $scalars = [];
        foreach ($this->keys() as $key) {
            $scalars[$key] = $this->scalar($key);
        }

        return $scalars;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        $value = $this->get($key)->value;
        if (!is_array($value) || $value !== array_filter($value, is_string(...))) {
            throw $this->refuse(Text::of('"{key}" is a list of words', key: $key));
        }

        return array_values(array_filter($value, is_string(...)));
    }

    /** @return list<array{string, string}> */
    public function pairs(string $key): array
    {
        $value = $this->get($key)->value;
        $pairs = [];
        $noPairs = $this->refuse(Text::of('"{key}" is a list of pairs', key: $key));
        foreach (is_array($value) && array_is_list($value) ? $value : throw $noPairs as $pair) {
            if (!is_array($pair) || count($pair) !== 2 || !is_scalar($pair[0] ?? null) || !is_scalar($pair[1] ?? null)) {
                throw $this->refuse(Text::of('"{key}" is a list of pairs', key: $key));
            }
            $pairs[] = [(string) $pair[0], (string) $pair[1]];
        }

        return $pairs;
    }

    public function figure(string $key): Amount
    {
        $text = $this->text($key);

        return Figure::read($text)->amount ?? throw $this->refuse(Text::of('"{text}" is no amount with a unit', text: $text));
    }

    public function refuse(string $reason): UnreadableRuleBook
    {
        $id = is_array($this->value) && is_string($this->value['id'] ?? null) ? Text::of('rule {rule}: ', rule: $this->value['id']) : '';

        return new UnreadableRuleBook($this->file, $this->mark === null ? null : $this->line(...$this->mark), $id.$reason);
    }

    /** @return array<array-key, mixed> */
    private function mapping(): array
    {
        return is_array($this->value) ? $this->value : throw $this->refuse(Text::of('expected a mapping of keys to values'));
    }

    /** @return array{string, string}|null */
    private static function markOf(mixed $item): ?array
    {
        foreach (['id', 'rule', 'book'] as $key) {
            if (is_array($item) && is_string($item[$key] ?? null)) {
                return [$key, $item[$key]];
            }
        }

        return null;
    }

    /** The first line on which a list's item names itself so, written under one another or in braces. */
    private function line(string $key, string $value): ?int
    {
        $pattern = '/^[ \t]*-?[ \t]*(?:\{[^\n]*?\b)?'.$key.':[ \t]*["\']?'.preg_quote($value, '/').'["\']?[ \t]*(?:[,}#].*)?$/m';

        return preg_match($pattern, $this->yaml, $found, PREG_OFFSET_CAPTURE) === 1
            ? substr_count($this->yaml, "\n", 0, $found[0][1]) + substr_count(rtrim($found[0][0], "\n"), "\n") + 1
            : null;
    }
}
