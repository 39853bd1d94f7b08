<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Which measures a rule holds against limits: rules of several books that share one speak of the same thing. */
final readonly class Topics
{
    /** @return list<string> names of measures, those that the book names itself resolved */
    public static function of(Rule $rule, Vocabulary $vocabulary): array
    {
        return array_values(array_unique(array_map($vocabulary->resolved(...), self::within($rule->requirement))));
    }

    /** @return list<string> */
    private static function within(Comparison|Between|Saying|AllOf|AnyOf|Among $requirement): array
    {
        return match (true) {
            $requirement instanceof Between => [$requirement->low->measure],
            $requirement instanceof AllOf => self::all($requirement->needs),
            $requirement instanceof AnyOf => self::all(array_merge(...array_map(static fn(Alternative $way): array => $way->needs, $requirement->alternatives))),
            $requirement instanceof Among => self::all(array_merge(...array_map(static fn(Candidates $kind): array => $kind->needs, $requirement->kinds))),
            default => [$requirement->measure],
        };
    }

    /**
     * @param list<Comparison|AnyOf> $needs
     *
     * @return list<string>
     */
    private static function all(array $needs): array
    {
        return array_merge(...array_map(self::within(...), $needs));
    }
}
