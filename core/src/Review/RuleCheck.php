<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Layout\Words\Status;
use Heurema\Measure\Measured;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\AllOf;
use Heurema\Rulebook\AnyOf;
use Heurema\Rulebook\Between;
use Heurema\Rulebook\Comparison;
use Heurema\Rulebook\Existence;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\WordRequirement;
use Heurema\Words\Message;

/** Holds the rules of a book against the facts of a subject. */
final class RuleCheck
{
    private readonly ComparisonCheck $comparisons;
    private readonly ExistenceCheck $existence;

    /** @var array<string, Outcome> by rule, where it does not apply */
    private array $elsewhere = [];

    public function __construct(private readonly RuleBook $book)
    {
        $this->comparisons = new ComparisonCheck($book->tolerance, $book->units, $book->vocabulary);
        $this->existence = new ExistenceCheck($this->comparisons);
    }

    public function check(Rule $rule, Facts $facts): Outcome
    {
        $outcome = $this->held($rule, $facts);

        return ($this->book->isAdvice || $rule->isAdvice) && $outcome->verdict === Verdict::Violated
            ? $outcome->with([
                'verdict' => Verdict::Advised,
                'reason' => $outcome->reason === null
                    ? Message::of('review.rule_check.recommended', source: $rule->source)
                    : Message::of('review.rule_check.also_recommended', reason: $outcome->reason, source: $rule->source),
            ])
            : $outcome;
    }

    private function held(Rule $rule, Facts $facts): Outcome
    {
        if ($rule->off !== null) {
            return Outcome::notApplicable(Message::of('review.rule_check.switched_off_by', layer: $rule->layer, off: $rule->off));
        }
        $existing = $this->book->existing;
        if ($existing === null || !$this->isExisting($rule, $facts)) {
            return $this->asked($rule, $facts);
        }
        $stays = $existing->when->evaluate($facts);

        return $stays->value === true
            ? Outcome::notApplicable(Message::of('review.rule_check.stands_already', name: $existing->name))
            : $this->asked($rule, $facts)->assuming($stays->assumptions);
    }

    /** Was it there before the work that is drawn? What has no status of its own was not. */
    private function isExisting(Rule $rule, Facts $facts): bool
    {
        $status = "{$rule->subject->value}.status";
        $found = $this->book->vocabulary->measure($status) === null ? null : $facts->measure($status, new Parameters());

        return $found instanceof Measured && $found->value === Status::Existing->value;
    }

    private function asked(Rule $rule, Facts $facts): Outcome
    {
        if ($rule->when === null) {
            return $this->applied($rule, $facts);
        }
        $applies = $rule->when->evaluate($facts);
        if ($applies->value instanceof Unknown) {
            return Outcome::undetermined($applies->value->missing, Message::of('review.rule_check.whether_rule_applies_is'));
        }

        return $applies->value === true
            ? $this->applied($rule, $facts)->assuming($applies->assumptions)
            : $this->elsewhere[$rule->id] ??= Outcome::notApplicable(
                Message::of('review.rule_check.rule_applies_where', when: $rule->when->words($facts, $this->book->units->notation())),
            );
    }

    private function applied(Rule $rule, Facts $facts): Outcome
    {
        $outcome = $this->requirement($rule, $facts);

        return $rule->unless === [] || !in_array($outcome->verdict, [Verdict::Violated, Verdict::Undetermined], true)
            ? $outcome
            : $this->exempted($rule, $facts, $outcome);
    }

    private function requirement(Rule $rule, Facts $facts): Outcome
    {
        $requirement = $rule->requirement;
        if (!$requirement instanceof Comparison) {
            return match (true) {
                $requirement instanceof Between => $this->comparisons->between($requirement, $facts),
                $requirement instanceof WordRequirement => (new WordCheck())->check($requirement, $facts),
                $requirement instanceof AllOf => $this->existence->all($requirement, $facts),
                $requirement instanceof AnyOf => $this->existence->any($requirement, $facts),
                $requirement instanceof Existence => $this->existence->check($requirement, $facts),
            };
        }
        $outcome = $this->comparisons->check($requirement, $facts);

        return $outcome->verdict === Verdict::Met ? $this->preferred($rule, $facts, $outcome) : $outcome;
    }

    /** What is required is met; is what is recommended met too? */
    private function preferred(Rule $rule, Facts $facts, Outcome $met): Outcome
    {
        foreach ($rule->prefer as $preference) {
            if ($preference->when !== null && $preference->when->evaluate($facts)->value !== true) {
                continue;
            }
            $outcome = $this->comparisons->check($preference->comparison, $facts);
            if ($outcome->verdict === Verdict::Violated) {
                return $outcome->with([
                    'verdict' => Verdict::Advised,
                    'reason' => Message::of('review.rule_check.what_is_required_is', source: $preference->source),
                ]);
            }
        }

        return $met;
    }

    private function exempted(Rule $rule, Facts $facts, Outcome $outcome): Outcome
    {
        $missing = [];
        foreach ($rule->unless as $exemption) {
            $holds = $exemption->when->evaluate($facts);
            if ($holds->value === true) {
                return $outcome->with([
                    'verdict' => Verdict::Met,
                    'reason' => Message::of('review.rule_check.met_by_exception', name: $exemption->name),
                ])->assuming($holds->assumptions);
            }
            $outcome = $outcome->assuming($holds->assumptions);
            $missing = [...$missing, ...($holds->value instanceof Unknown ? $holds->value->missing : [])];
        }
        if ($missing === []) {
            return $outcome;
        }

        return $outcome->with([
            'verdict' => Verdict::Undetermined,
            'missing' => array_values(array_unique([...$outcome->missing, ...$missing])),
            'reason' => Message::of('review.rule_check.limit_is_not_met'),
        ]);
    }
}
