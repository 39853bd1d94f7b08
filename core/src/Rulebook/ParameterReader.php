<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Parameters;
use Heurema\Units\Amount;

/** Reads what a rule hands to a measure. */
final class ParameterReader
{
    /** @throws UnreadableRuleBook when the measure takes no such parameter, or one of another kind */
    public static function read(Mapping $entry, Measure $measure): Parameters
    {
        $known = $measure->parameters();
        $values = [];
        foreach ($entry->optional('with')?->keys() ?? [] as $name) {
            $kind = $known[$name] ?? throw $entry->refuse(Text::of('the measure takes no "{name}"', name: $name));
            $values[$name] = $kind === AnswerType::Word ? self::word($entry, $name, $measure) : self::amount($entry, $name, $kind);
        }

        return new Parameters($values);
    }

    /** A word, or several with commas between them where the parameter is in the plural. */
    private static function word(Mapping $entry, string $name, Measure $measure): string
    {
        $text = $entry->get('with')->text($name);
        foreach (array_map(trim(...), str_ends_with($name, 's') ? explode(',', $text) : [$text]) as $word) {
            try {
                KnownWords::check($word, $measure->words()[$name] ?? [], "\"{$name}\" of {$measure->name()}");
            } catch (UnreadableExpression $e) {
                throw $entry->refuse($e->getMessage());
            }
        }

        return $text;
    }

    private static function amount(Mapping $entry, string $name, AnswerType $kind): Amount
    {
        $amount = $entry->get('with')->figure($name);

        return AnswerType::ofQuantity($amount->quantity) === $kind
            ? $amount
            : throw $entry->refuse(Text::of('"{name}" is {kind}', name: $name, kind: $kind->words()));
    }
}
