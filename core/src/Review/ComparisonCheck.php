<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Between;
use Heurema\Rulebook\Comparison;
use Heurema\Rulebook\ExpressionResult;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\Topics;
use Heurema\Rulebook\Vocabulary;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use Heurema\Words\Message;

/** Holds one measured amount against its limit. */
final readonly class ComparisonCheck
{
    /** Where the building tolerance is no length, what is met by less than this share of its limit is slim. */
    private const SLIM_SHARE = 0.01;

    public function __construct(private Amount $tolerance, private UnitSystem $units, private Vocabulary $vocabulary) {}

    public function check(Comparison $comparison, Facts $facts): Outcome
    {
        $measurement = $facts->measure($comparison->measure, $comparison->with);
        if ($measurement instanceof NotApplicable) {
            return Outcome::notApplicable($measurement->reason);
        }
        $limit = $comparison->limit->evaluate($facts);
        $missing = [...self::missing($measurement), ...($limit->value instanceof Unknown ? $limit->value->missing : [])];
        if (!$measurement instanceof Measured || !$limit->value instanceof Amount) {
            return Outcome::undetermined(
                array_values(array_unique($missing)),
                Message::of(
                    'review.comparison_check.not_known',
                    subject: Speech::subject(Text::of('the {comparison}', comparison: $comparison->words())),
                ),
            );
        }

        return $this->compared($comparison, $measurement, $limit->value, $limit, $facts);
    }

    /** The limit that is missed; where both are kept, the one that is nearer. */
    public function between(Between $between, Facts $facts): Outcome
    {
        [$low, $high] = [$this->check($between->low, $facts), $this->check($between->high, $facts)];
        foreach ([Verdict::Violated, Verdict::Undetermined] as $verdict) {
            if ($low->verdict !== $high->verdict && in_array($verdict, [$low->verdict, $high->verdict], true)) {
                return $low->verdict === $verdict ? $low : $high;
            }
        }

        return ($low->margin ?? 0.0) <= ($high->margin ?? 0.0) ? $low : $high;
    }

    /** What was measured and what was asked, in a few words. */
    public function words(Comparison $comparison, Outcome $outcome): Message
    {
        [$measured, $limit] = [$outcome->measured, $outcome->limit];

        return match (true) {
            $measured === null || $limit === null => Message::of('review.comparison_check.one_not_known', what: $comparison->words()),
            $outcome->isCountOfNone() => Message::of('review.comparison_check.found', found: $outcome->working[0]),
            default => Message::of(
                'review.comparison_check.wanted',
                what: $comparison->words(),
                measured: $measured,
                bound: $comparison->bound->words(),
                limit: $limit,
            ),
        };
    }

    private function compared(Comparison $comparison, Measured $measured, Amount $limit, ExpressionResult $result, Facts $facts): Outcome
    {
        $amount = $measured->amount();
        $isMet = $comparison->bound->isKept($amount, $limit);
        $margin = $comparison->bound->margin($amount, $limit);

        return new Outcome(
            verdict: $isMet ? Verdict::Met : Verdict::Violated,
            slim: $isMet && $this->isSlim($margin, $limit),
            measured: $amount,
            limit: $limit,
            margin: $margin,
            inInches: $comparison->limit->inInches() && $limit->quantity === Quantity::Length,
            reason: null,
            missing: [],
            assumptions: self::and($measured->assumptions, $result->assumptions),
            working: self::and($measured->working, $this->limitWorking($comparison, $limit, $result, $facts)),
            witness: $measured->witness,
            topic: Topics::ofLimit($comparison, $this->vocabulary),
            parties: $measured->parties,
        );
    }

    /**
     * One list where the other is empty is shared: there are as many outcomes as rules and subjects.
     *
     * @param list<Message> $one
     * @param list<Message> $other
     *
     * @return list<Message>
     */
    private static function and(array $one, array $other): array
    {
        return $other === [] ? $one : Message::unique([...$one, ...$other]);
    }

    private function isSlim(float $margin, Amount $limit): bool
    {
        return match ($limit->quantity) {
            Quantity::Length => $margin < $this->tolerance->number,
            Quantity::Count => false,
            default => $margin < self::SLIM_SHARE * abs($limit->number),
        };
    }

    /** @return list<Message> how a computed limit came about */
    private function limitWorking(Comparison $comparison, Amount $limit, ExpressionResult $result, Facts $facts): array
    {
        if ($comparison->limit->isFigure()) {
            return [];
        }
        $notation = $this->units->notation();
        $words = $comparison->limit->words($facts, $notation);
        $from = array_map(
            static fn(string $name, Amount $value): Message => Message::of(
                'review.comparison_check.figure',
                what: Speech::quantity($name),
                value: $value,
            ),
            array_keys($result->values),
            $result->values,
        );
        $isSaid = str_starts_with($words, $notation->write($limit));

        return [match (true) {
            $from === [] && $isSaid => Message::of('review.comparison_check.limit_as_said', words: $words),
            $from === [] => Message::of('review.comparison_check.limit', words: $words, limit: $limit),
            $isSaid => Message::of('review.comparison_check.limit_with_as_said', words: $words, figures: $from),
            default => Message::of('review.comparison_check.limit_with', words: $words, figures: $from, limit: $limit),
        }];
    }

    /** @return list<string> */
    private static function missing(Measurement $measurement): array
    {
        return $measurement instanceof Unknown ? $measurement->missing : [];
    }
}
