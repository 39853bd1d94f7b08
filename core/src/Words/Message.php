<?php

declare(strict_types=1);

namespace Heurema\Words;

use Heurema\Units\Amount;
use Heurema\Units\Quantity;

/**
 * Something to be said, without the words for it: the key of a sentence and the values in it. So what was found does not change with
 * how it is worded or rounded, nor with the language.
 *
 * @phpstan-type Value Amount|self|string|int|float|array<Amount|self|string|int>
 * @phpstan-type KeptMessage array{key: string, with?: array<mixed>}
 */
final readonly class Message
{
    /** What was kept in words. */
    private const SAID = 'words.said';

    private const DECIMALS = 6;

    /** @param array<Value> $values by their names in the sentence; texts are names of things */
    private function __construct(public string $key, public array $values) {}

    /** @param Value ...$values */
    public static function of(string $key, self|Amount|string|int|float|array ...$values): self
    {
        return new self($key, $values);
    }

    /**
     * @param array<self> $messages
     *
     * @return list<self> each once; amounts that no measure tells apart are the same
     */
    public static function unique(array $messages): array
    {
        $unique = [];
        foreach ($messages as $message) {
            $written = $message->toArray();
            array_walk_recursive(
                $written,
                static fn(mixed &$value): mixed => $value = is_float($value) ? round($value, self::DECIMALS) : $value,
            );
            $unique[json_encode($written, JSON_THROW_ON_ERROR)] ??= $message;
        }

        return array_values($unique);
    }

    /** @return KeptMessage */
    public function toArray(): array
    {
        return ['key' => $this->key, ...($this->values === [] ? [] : ['with' => array_map(self::kept(...), $this->values)])];
    }

    /**
     * As toArray gave it, or in words, as it was kept once.
     *
     * @param KeptMessage|string $kept
     */
    public static function read(array|string $kept): self
    {
        return is_string($kept)
            ? self::of(self::SAID, said: $kept)
            : new self($kept['key'], array_map(self::value(...), $kept['with'] ?? []));
    }

    /**
     * An amount, a message or a text as JSON can hold it.
     *
     * @param Value $value
     */
    public static function kept(self|Amount|string|int|float|array $value): mixed
    {
        return match (true) {
            $value instanceof Amount => [
                'is' => $value->quantity->value,
                'number' => is_finite($value->number) ? $value->number : 'endless',
            ],
            $value instanceof self => $value->toArray(),
            is_array($value) => array_map(self::kept(...), array_values($value)),
            default => $value,
        };
    }

    /** @return Value what kept() made such */
    public static function value(mixed $kept): self|Amount|string|int|float|array
    {
        if (!is_array($kept)) {
            return is_int($kept) || is_float($kept) || is_string($kept) ? $kept : '';
        }
        if (isset($kept['is'], $kept['number'])) {
            $number = is_numeric($kept['number']) ? (float) $kept['number'] : INF;

            return Amount::of(Quantity::from(is_string($kept['is']) ? $kept['is'] : ''), $number);
        }
        if (isset($kept['key']) && is_string($kept['key'])) {
            return new self($kept['key'], array_map(self::value(...), is_array($kept['with'] ?? null) ? $kept['with'] : []));
        }
        /** @var list<Amount|self|string|int> $list lists hold no lists */
        $list = array_map(self::value(...), array_values($kept));

        return $list;
    }
}
