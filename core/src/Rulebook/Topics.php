<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** What a rule holds against limits: rules of several books that share a topic speak of the same requirement. */
final readonly class Topics
{
    /** @return list<string> names of measures with the words that are asked of them, those that the book names itself resolved */
    public static function of(Rule $rule, Vocabulary $vocabulary): array
    {
        $topics = array_map(
            static fn(Comparison|WordRequirement $limit): string => self::ofLimit($limit, $vocabulary),
            self::within($rule->requirement),
        );

        return array_values(array_unique($topics));
    }

    public static function ofLimit(Comparison|WordRequirement $limit, Vocabulary $vocabulary): string
    {
        $named = $vocabulary->quantities[$limit->measure] ?? null;

        return implode(' ', [$vocabulary->resolved($limit->measure), ...($named === null ? $limit->with : $named->with)->words()]);
    }

    /** @return list<Comparison|WordRequirement> */
    private static function within(Comparison|Between|WordRequirement|AllOf|AnyOf|Existence $requirement): array
    {
        return match (true) {
            $requirement instanceof Between => [$requirement->low],
            $requirement instanceof AllOf => self::all($requirement->needs),
            $requirement instanceof AnyOf => self::all(array_merge(...array_map(
                static fn(Alternative $way): array => $way->needs,
                $requirement->alternatives,
            ))),
            $requirement instanceof Existence => self::all(array_merge(...array_map(
                static fn(Candidates $kind): array => $kind->needs,
                $requirement->kinds,
            ))),
            default => [$requirement],
        };
    }

    /**
     * @param list<Comparison|WordRequirement|AnyOf> $needs
     *
     * @return list<Comparison|WordRequirement>
     */
    private static function all(array $needs): array
    {
        return array_merge(...array_map(self::within(...), $needs));
    }
}
