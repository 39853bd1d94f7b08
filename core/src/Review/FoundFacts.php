<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Units\Amount;

/**
 * What was found, without the words for it: a decision about a finding stands as long as this stays the same. Amounts agree within the
 * tolerance of their quantity.
 *
 * @phpstan-import-type KeptAmount from OutcomeRecord
 *
 * @phpstan-type KeptFacts array{
 *     verdict: string,
 *     measured?: KeptAmount|null,
 *     limit?: KeptAmount|null,
 *     missing?: list<string>,
 *     parties?: list<string>|null,
 * }
 */
final readonly class FoundFacts
{
    /**
     * @param list<string>      $missing keys that nobody drew, in their order
     * @param list<string>|null $parties ids of what else takes part, in their order; null where that is not known
     */
    private function __construct(
        private Verdict $verdict,
        private ?Amount $measured,
        private ?Amount $limit,
        private array $missing,
        private ?array $parties,
    ) {}

    public static function of(Outcome $outcome): self
    {
        return new self(
            $outcome->verdict,
            $outcome->measured,
            $outcome->limit,
            self::inOrder($outcome->missing),
            $outcome->parties === null ? null : self::inOrder($outcome->parties),
        );
    }

    /** Is what was found the same? What is not known of either is not held against it. */
    public function agreesWith(self $other): bool
    {
        return $this->verdict === $other->verdict
            && self::same($this->measured, $other->measured)
            && self::same($this->limit, $other->limit)
            && $this->missing === $other->missing
            && ($this->parties === null || $other->parties === null || $this->parties === $other->parties);
    }

    /** As JSON. */
    public function write(): string
    {
        $kept = [
            'verdict' => $this->verdict->value,
            'measured' => OutcomeRecord::amount($this->measured),
            'limit' => OutcomeRecord::amount($this->limit),
            'missing' => $this->missing,
            'parties' => $this->parties,
        ];

        return json_encode($kept, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @throws \JsonException */
    public static function read(string $json): self
    {
        /** @var KeptFacts $kept as write() wrote it */
        $kept = json_decode($json, true, 8, JSON_THROW_ON_ERROR);

        return new self(
            Verdict::from($kept['verdict']),
            OutcomeRecord::readAmount($kept['measured'] ?? null),
            OutcomeRecord::readAmount($kept['limit'] ?? null),
            $kept['missing'] ?? [],
            $kept['parties'] ?? null,
        );
    }

    private static function same(?Amount $one, ?Amount $other): bool
    {
        if ($one === null || $other === null) {
            return $one === $other;
        }

        return $one->quantity === $other->quantity && ($one->number === $other->number || $one->equals($other));
    }

    /**
     * @param list<string> $keys
     *
     * @return list<string>
     */
    private static function inOrder(array $keys): array
    {
        $keys = array_values(array_unique($keys));
        sort($keys, SORT_STRING);

        return $keys;
    }
}
