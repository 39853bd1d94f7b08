<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/**
 * What of many cases is tried: a sample by a seed, or all of them where the variable HEUREMA_PROOF says which part of how many, as
 * `1/2`.
 */
final class ProofPart
{
    private const SEED = 2026;

    /**
     * @template T
     *
     * @param non-empty-list<T> $cases
     *
     * @return list<T>
     */
    public static function of(array $cases, int $sampled): array
    {
        $part = getenv('HEUREMA_PROOF');
        if ($part === false) {
            mt_srand(self::SEED);

            return array_map(static fn(): mixed => $cases[mt_rand(0, count($cases) - 1)], range(1, $sampled));
        }
        [$number, $of] = array_map(intval(...), explode('/', $part));

        return array_values(array_filter($cases, static fn(int $i): bool => $i % $of === $number % $of, ARRAY_FILTER_USE_KEY));
    }
}
