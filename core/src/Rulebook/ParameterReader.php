<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\Answer;
use Heurema\Measure\Measure;
use Heurema\Measure\Parameters;
use Heurema\Units\Amount;

/** Reads what a rule hands to a measure. */
final class ParameterReader
{
    /** @throws UnreadableRuleBook when the measure takes no such parameter, or one of another kind */
    public static function read(Entry $entry, Measure $measure): Parameters
    {
        $known = $measure->parameters();
        $values = [];
        foreach ($entry->optional('with')?->keys() ?? [] as $name) {
            $kind = $known[$name] ?? throw $entry->refuse("the measure takes no \"{$name}\"");
            $values[$name] = $kind === Answer::Word ? $entry->get('with')->text($name) : self::amount($entry, $name, $kind);
        }

        return new Parameters($values);
    }

    private static function amount(Entry $entry, string $name, Answer $kind): Amount
    {
        $amount = $entry->get('with')->figure($name);

        return Answer::ofQuantity($amount->quantity) === $kind ? $amount : throw $entry->refuse("\"{$name}\" is a ".strtolower($kind->name));
    }
}
