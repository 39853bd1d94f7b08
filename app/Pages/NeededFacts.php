<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Language\Text;
use Heurema\Rulebook\AllOf;
use Heurema\Rulebook\Alternative;
use Heurema\Rulebook\AnyOf;
use Heurema\Rulebook\Between;
use Heurema\Rulebook\Candidates;
use Heurema\Rulebook\Comparison;
use Heurema\Rulebook\Exemption;
use Heurema\Rulebook\Existence;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\WordRequirement;

/** What a rule has to know of a drawing: what it measures, and what decides whether it applies. */
final class NeededFacts
{
    /** A fact in an expression: `room.use`. */
    private const FACT = '/\b(?!settings\.)[a-z]+\.([a-z][a-z0-9_]*)/';

    /** @return list<string> in words, each once */
    public static function of(Rule $rule): array
    {
        $texts = [
            $rule->when?->text() ?? '',
            ...self::ofRequirement($rule->requirement),
            ...array_map(static fn(Exemption $exemption): string => $exemption->when->text(), $rule->unless),
        ];
        preg_match_all(self::FACT, implode(' ', $texts), $found);

        return array_values(array_unique(array_map(static fn(string $fact): string => Text::word($fact), $found[1])));
    }

    /** @return list<string> texts in which facts are named */
    private static function ofRequirement(
        Comparison|Between|WordRequirement|AllOf|AnyOf|Existence|Alternative|Candidates $requirement,
    ): array {
        return match (true) {
            $requirement instanceof Comparison => [$requirement->measure, $requirement->limit->text()],
            $requirement instanceof WordRequirement => [$requirement->measure],
            $requirement instanceof Between => [...self::ofRequirement($requirement->low), ...self::ofRequirement($requirement->high)],
            $requirement instanceof AnyOf => self::ofAll($requirement->alternatives),
            $requirement instanceof Existence => self::ofAll($requirement->kinds),
            $requirement instanceof Candidates => [$requirement->where?->text() ?? '', ...self::ofAll($requirement->needs)],
            default => self::ofAll($requirement->needs),
        };
    }

    /**
     * @param list<Comparison|Between|WordRequirement|AllOf|AnyOf|Existence|Alternative|Candidates> $requirements
     *
     * @return list<string>
     */
    private static function ofAll(array $requirements): array
    {
        return array_merge(...array_map(self::ofRequirement(...), $requirements));
    }
}
