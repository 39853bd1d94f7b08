<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Unknown;
use Heurema\Rulebook\AllOf;
use Heurema\Rulebook\AnyOf;
use Heurema\Rulebook\Candidates;
use Heurema\Rulebook\Comparison;
use Heurema\Rulebook\Existence;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\WordRequirement;
use Heurema\Words\Message;

/**
 * Looks among related things for one that has everything a rule needs, and speaks of the best there is; or asks it of every one,
 * and speaks of the worst.
 */
final readonly class ExistenceCheck
{
    public function __construct(private ComparisonCheck $comparisons) {}

    public function check(Existence $among, Facts $facts): Outcome
    {
        $tried = [];
        foreach ($among->kinds as $candidates) {
            foreach ($facts->related($candidates->among) as $candidate) {
                $outcome = $this->tryOne($candidates, $candidate, $among->every);
                if ($outcome !== null) {
                    $tried[] = $outcome;
                }
            }
        }
        if ($tried === []) {
            $words = Message::of('review.existence_check.none_counts', among: $among->words());

            return $among->every ? Outcome::notApplicable($words) : new Outcome(Verdict::Violated, reason: $words);
        }
        usort($tried, self::better(...));

        return $among->every ? $tried[count($tried) - 1] : $tried[0];
    }

    /** All that is wanted of the subject itself; the worst of it is spoken of, with what else is missed. */
    public function all(AllOf $all, Facts $facts): Outcome
    {
        $outcomes = array_map(
            fn(Comparison|WordRequirement|AnyOf $need): Outcome => $need instanceof AnyOf
                ? $this->any($need, $facts)
                : $this->one($need, $facts),
            $all->needs,
        );
        $outcome = $this->together($all->needs, $outcomes, Message::of('review.existence_check.here', name: $facts->name()));

        return $outcome->verdict === Verdict::Violated ? $outcome : $outcome->with(['reason' => null]);
    }

    /** The first of the ways to satisfy a rule that does with room to spare; where none does, the best. */
    public function any(AnyOf $any, Facts $facts): Outcome
    {
        $tried = [];
        foreach ($any->alternatives as $way) {
            $outcome = $this->together(
                $way->needs,
                $this->held($way->needs, $facts),
                Message::of('review.existence_check.way', way: $way->name),
            );
            if ($outcome->verdict === Verdict::Met && !$outcome->slim) {
                return $outcome;
            }
            $tried[] = $outcome;
        }
        usort($tried, self::better(...));

        return $tried[0];
    }

    /** Null when the candidate is not of the kind that counts. */
    private function tryOne(Candidates $candidates, Facts $candidate, bool $isWorst): ?Outcome
    {
        $counts = $candidates->where?->evaluate($candidate);
        if ($counts !== null && $counts->value === false) {
            return null;
        }
        $together = $this->together($candidates->needs, $this->held($candidates->needs, $candidate), $isWorst
            ? Message::of('review.existence_check.worst', name: $candidate->name())
            : Message::of('review.existence_check.best', name: $candidate->name()));
        // which of them is spoken of
        $together = $together->with(['parties' => [$candidate->id(), ...$together->parties ?? []]]);
        if ($counts !== null && $counts->value instanceof Unknown && $together->verdict !== Verdict::Violated) {
            return $together->with([
                'verdict' => Verdict::Undetermined,
                'missing' => array_values(array_unique([...$together->missing, ...$counts->value->missing])),
                'reason' => Message::of('review.existence_check.whether_counts_is_not', candidate: $candidate->name()),
            ]);
        }

        return $together->assuming($counts->assumptions ?? []);
    }

    /**
     * The outcome of all needs of one candidate: the worst of them, with the working and assumptions of all.
     *
     * @param list<Comparison|WordRequirement|AnyOf> $needs
     * @param list<Outcome>          $outcomes one a need
     * @param Message                $what     which fixture or way it is
     */
    private function together(array $needs, array $outcomes, Message $what): Outcome
    {
        if ($outcomes === []) {
            return new Outcome(Verdict::Met, reason: Message::of('review.existence_check.named', what: $what));
        }
        $working = $assumptions = $missing = $failed = [];
        foreach ($outcomes as $number => $outcome) {
            array_push($working, ...$outcome->working);
            array_push($assumptions, ...$outcome->assumptions);
            array_push($missing, ...$outcome->missing);
            if ($outcome->verdict === Verdict::Violated) {
                $need = $needs[$number];
                $failed[] = $need instanceof Comparison
                    ? $this->comparisons->words($need, $outcome)
                    : Message::of('review.existence_check.clause', reason: $outcome->reason ?? '');
            }
        }
        $worst = self::worst($outcomes);

        return $worst->with([
            'reason' => $failed === []
                ? Message::of('review.existence_check.named', what: $what)
                : Message::of('review.existence_check.fails', what: $what, failed: $failed),
            // what decides comes first
            'working' => Message::unique([...$worst->working, ...$working]),
            'assumptions' => Message::unique($assumptions),
            'missing' => $worst->verdict === Verdict::Undetermined ? array_values(array_unique($missing)) : [],
        ]);
    }

    /**
     * @param list<Comparison|WordRequirement> $needs
     *
     * @return list<Outcome>
     */
    private function held(array $needs, Facts $facts): array
    {
        return array_map(fn(Comparison|WordRequirement $need): Outcome => $this->one($need, $facts), $needs);
    }

    private function one(Comparison|WordRequirement $need, Facts $facts): Outcome
    {
        return $need instanceof WordRequirement ? (new WordCheck())->check($need, $facts) : $this->comparisons->check($need, $facts);
    }

    /** @param non-empty-list<Outcome> $outcomes */
    private static function worst(array $outcomes): Outcome
    {
        usort($outcomes, static function (Outcome $a, Outcome $b): int {
            return [
                self::rank($a),
                -$a->shortfall(),
                $a->relativeMargin(),
                $a->limit->number ?? 0.0,
            ] <=> [self::rank($b), -$b->shortfall(), $b->relativeMargin(), $b->limit->number ?? 0.0];
        });

        return $outcomes[0];
    }

    private static function better(Outcome $a, Outcome $b): int
    {
        // what makes no sense is no way out
        $rank = static fn(Outcome $outcome): int => $outcome->verdict === Verdict::NotApplicable ? -1 : self::rank($outcome);

        return [-$rank($a), $a->shortfall(), -$a->relativeMargin()] <=> [-$rank($b), $b->shortfall(), -$b->relativeMargin()];
    }

    private static function rank(Outcome $outcome): int
    {
        return match ($outcome->verdict) {
            Verdict::Violated => 0,
            Verdict::Undetermined => 1,
            Verdict::Advised, Verdict::Met => 2,
            Verdict::NotApplicable => 3,
        };
    }
}
