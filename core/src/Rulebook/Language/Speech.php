<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Units\Amount;
use Heurema\Units\Notation;

/** Says expressions of rules in words, as they hold for one subject. */
final class Speech
{
    /** What is so, and what is not, of facts that are said by yes or no. */
    #[Texts]
    private const FACTS = [
        'lit' => ['it has electric light', 'it has no electric light'],
        'exhaust' => ['it has an exhaust', 'it has no exhaust'],
        'wet' => ['it gets wet', 'it stays dry'],
        'sloped' => ['its ceiling slopes', 'its ceiling is flat'],
        'glazed' => ['it is glazed', 'it is not glazed'],
        'safety_glass' => ['it has safety glass', 'it has no safety glass'],
        'self_closing' => ['it closes by itself', 'it does not close by itself'],
        'to_outside' => ['it leads outside', 'it does not lead outside'],
        'faces_outside' => ['it faces the outside', 'it does not face the outside'],
        'opening_limiter' => ['its opening is limited', 'its opening is not limited'],
        'well_ladder' => ['its well has a ladder', 'its well has no ladder'],
        'shower_head' => ['it has a shower head', 'it has no shower head'],
        'outside' => ['it is outside', 'it is inside'],
        'outdoors' => ['it stands outside', 'it stands inside'],
        'open_risers' => ['its risers are open', 'its risers are closed'],
        'widest_double' => ['it is the widest double bedroom', 'it is not the widest double bedroom'],
        'largest_habitable' => ['it is the largest habitable room', 'it is not the largest habitable room'],
        'under_hood' => ['a hood hangs over it', 'no hood hangs over it'],
        'in_main_bedroom' => ['it is in the main bedroom', 'it is not in the main bedroom'],
        'required_egress' => ['it is the only way out', 'it is not the only way out'],
        'basement' => ['it is a basement', 'it is no basement'],
        'habitable_attic' => ['it is a habitable attic', 'it is no habitable attic'],
        'only_plant' => ['it holds nothing but machinery', 'it holds more than machinery'],
        'has_well' => ['it has a well before it', 'it has no well before it'],
        'along_stair' => ['it stands along a stair', 'it does not stand along a stair'],
    ];

    /** What there is, and is not, where a count is held against none. */
    #[Texts]
    private const COUNTS = [
        'to_closet' => ['it leads to a closet', 'it leads to no closet'],
        'to_bedroom' => ['it leads to a bedroom', 'it leads to no bedroom'],
        'to_bathroom' => ['it leads to a bathroom', 'it leads to no bathroom'],
        'from_garage' => ['it leads to a garage', 'it leads to no garage'],
        'to_garage' => ['it leads to a garage', 'it leads to no garage'],
        'storeys_up' => ['it is above or below the entrance storey', 'it is on the entrance storey'],
    ];

    /** Quantities whose names alone do not say what they are. */
    #[Texts]
    private const QUANTITIES = [
        'swings_into' => 'room it swings into',
        'outside_risers' => 'number of risers outside',
        'storey_count' => 'number of storeys',
        'toilet_to_kitchen' => 'way from a water closet to a kitchen',
        'above_ceiling' => 'height above the ceiling',
        'over_head' => 'height between the head and the ceiling',
        'heads_nearly_alike' => 'number of heads that nearly agree',
        'in_party_wall' => 'number of neighbours it abuts',
        'pocket_short' => 'wall that the pocket lacks',
        'two_r_plus_g' => 'twice the riser and the going',
        'to_wall' => 'distance to the wall',
        'to_door' => 'distance to a door',
        'to_bath' => 'distance to a bath or shower',
        'to_stair' => 'distance to a stair',
        'to_water_closet' => 'distance to the water closet',
        'storeys_up' => 'number of storeys above the entrance',
        'unsupported' => 'distance to what holds it',
        'glass_bottom' => 'lower edge of the glass',
        'glass_top' => 'upper edge of the glass',
        'drop' => 'height above the ground',
    ];

    /** @var list<string> why branches were taken, in words */
    private array $reasons = [];

    public function __construct(private readonly Notation $notation, public readonly Evaluation $evaluation) {}

    public function because(string $reason): void
    {
        $this->reasons[] = $reason;
    }

    /** What a term says, with the reasons after it. */
    public function of(Term $term): string
    {
        $words = $term->words($this);

        return $this->reasons === [] ? $words : Text::of(
            '{words}, as {reasons}',
            words: $words,
            reasons: implode(Text::of(' and '), $this->reasons),
        );
    }

    public function write(Amount $amount): string
    {
        return $this->notation->write($amount);
    }

    /** `the width is`, `the fire minutes are` */
    public static function subject(string $words): string
    {
        return Text::of(preg_match('/[^s]s$/', $words) === 1 ? '{words} are' : '{words} is', words: $words);
    }

    /** @param string $measure of a yes or no */
    public static function fact(string $measure, bool $isSo): string
    {
        $name = self::plain($measure);
        $words = Text::word($name);

        $said = self::FACTS[$name][$isSo ? 0 : 1] ?? null;

        return $said !== null ? Text::of($said) : ($isSo ? $words : Text::of('not {words}', words: $words));
    }

    /** Null where a count is held against none in another way. */
    public static function count(string $measure, string $sign): ?string
    {
        return match ($sign) {
            '>', '!=' => self::saidCount($measure, 0),
            '==', '<=' => self::saidCount($measure, 1),
            default => null,
        };
    }

    private static function saidCount(string $measure, int $which): ?string
    {
        $said = self::COUNTS[self::plain($measure)][$which] ?? null;

        return $said === null ? null : Text::of($said);
    }

    public static function quantity(string $measure): string
    {
        return Text::of('the {measure}', measure: self::name($measure));
    }

    public static function name(string $measure): string
    {
        $name = self::plain($measure);

        return Text::word(self::QUANTITIES[$name] ?? $name);
    }

    /** @param list<string> $words */
    public static function anyOf(array $words): string
    {
        $plain = array_map(static fn(string $word): string => Text::word($word), $words);
        $last = array_pop($plain);

        return $plain === [] ? (string) $last : Text::of('{plain} or {last}', plain: implode(', ', $plain), last: (string) $last);
    }

    /** What a measure answered, or a book says that it should: `yes`, `open risers`. */
    public static function word(bool|string $answer): string
    {
        return Text::word(is_bool($answer) ? ($answer ? 'yes' : 'no') : $answer);
    }

    private static function plain(string $measure): string
    {
        return substr((string) strrchr($measure, '.'), 1);
    }
}
