<?php

declare(strict_types=1);

namespace App\Briefs;

use Heurema\Brief\Brief;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Units\UnitSystem;
use Symfony\Component\Yaml\Exception\ParseException;

/** Can a home be held against a brief? */
final class BriefCheck
{
    /** Why its rules are not understood; null: they are. */
    public static function problem(Brief $brief): ?string
    {
        try {
            (new RuleBookReader(Catalogue::standard()))->read($brief->book(UnitSystem::Metric), Brief::ID);
        } catch (UnreadableRuleBook|ParseException $e) {
            return $e->getMessage();
        }

        return null;
    }
}
