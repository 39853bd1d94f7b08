<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Geometry\Point;
use Heurema\Measure\Witness;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Words\Message;

/**
 * An outcome as plain values, to be kept as JSON and read again as just what it was; what is empty is left out.
 *
 * @phpstan-import-type KeptMessage from Message
 *
 * @phpstan-type KeptAmount array{string, float|string}
 * @phpstan-type KeptWitness array{
 *     type: string,
 *     storey: string,
 *     lines: non-empty-list<non-empty-list<array{float, float}>>,
 *     text: mixed,
 * }
 * @phpstan-type KeptOutcome array{
 *     verdict: string,
 *     slim?: true,
 *     measured?: KeptAmount,
 *     limit?: KeptAmount,
 *     margin?: float|string,
 *     in_inches?: true,
 *     reason?: KeptMessage|string,
 *     missing?: list<string>,
 *     assumptions?: list<KeptMessage|string>,
 *     working?: list<KeptMessage|string>,
 *     witness?: list<KeptWitness>,
 *     topic?: string,
 *     parties?: list<string>,
 * }
 */
final class OutcomeRecord
{
    /** @return KeptOutcome */
    public static function write(Outcome $outcome): array
    {
        /** @var KeptOutcome $kept */
        $kept = self::withoutEmpty([
            'verdict' => $outcome->verdict->value,
            'slim' => $outcome->slim,
            'measured' => self::amount($outcome->measured),
            'limit' => self::amount($outcome->limit),
            'margin' => $outcome->margin === null ? null : self::number($outcome->margin),
            'in_inches' => $outcome->inInches,
            'reason' => $outcome->reason?->toArray(),
            'missing' => $outcome->missing,
            'assumptions' => array_map(static fn(Message $message): array => $message->toArray(), $outcome->assumptions),
            'working' => array_map(static fn(Message $message): array => $message->toArray(), $outcome->working),
            'witness' => array_map(self::witness(...), $outcome->witness),
            'topic' => $outcome->topic,
            'parties' => $outcome->parties,
        ]);

        return $kept;
    }

    /**
     * @param KeptOutcome $kept
     * @param bool        $tellsParties was it kept when parties were?
     */
    public static function read(array $kept, bool $tellsParties = true): Outcome
    {
        return new Outcome(
            verdict: Verdict::from($kept['verdict']),
            slim: isset($kept['slim']),
            measured: self::readAmount($kept['measured'] ?? null),
            limit: self::readAmount($kept['limit'] ?? null),
            margin: isset($kept['margin']) ? self::readNumber($kept['margin']) : null,
            inInches: isset($kept['in_inches']),
            reason: isset($kept['reason']) ? Message::read($kept['reason']) : null,
            missing: $kept['missing'] ?? [],
            assumptions: array_map(Message::read(...), $kept['assumptions'] ?? []),
            working: array_map(Message::read(...), $kept['working'] ?? []),
            witness: array_map(Witness::read(...), $kept['witness'] ?? []),
            topic: $kept['topic'] ?? null,
            parties: $tellsParties ? $kept['parties'] ?? [] : null,
        );
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function withoutEmpty(array $values): array
    {
        return array_filter($values, static fn(mixed $value): bool => $value !== null && $value !== [] && $value !== false);
    }

    /** @return KeptAmount|null */
    public static function amount(?Amount $amount): ?array
    {
        return $amount === null ? null : [$amount->quantity->value, self::number($amount->number)];
    }

    /** @param KeptAmount|null $kept */
    public static function readAmount(?array $kept): ?Amount
    {
        return $kept === null ? null : Amount::of(Quantity::from($kept[0]), self::readNumber($kept[1]));
    }

    /** JSON has no number without end. */
    private static function number(float $number): float|string
    {
        return is_finite($number) ? $number : ($number > 0 ? 'more than any' : 'less than any');
    }

    private static function readNumber(float|int|string $kept): float
    {
        return is_string($kept) ? ($kept === 'more than any' ? INF : -INF) : (float) $kept;
    }

    /**
     * @return array{type: string, storey: string, lines: non-empty-list<non-empty-list<array{float, float}>>, text: mixed}
     *     with coordinates as fine as they were measured
     */
    private static function witness(Witness $witness): array
    {
        $lines = array_map(
            static fn(array $line): array => array_map(static fn(Point $at): array => [$at->x, $at->y], $line),
            $witness->lines(),
        );

        return ['type' => $witness->type, 'storey' => $witness->storey, 'lines' => $lines, 'text' => Message::kept($witness->text)];
    }
}
