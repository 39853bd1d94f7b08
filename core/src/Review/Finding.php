<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;
use Heurema\Measure\Witness;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Units\ImperialNotation;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;
use Heurema\Words\Message;
use Heurema\Words\Wording;

/** One rule held against one subject, with its verdict and all its evidence. */
final readonly class Finding
{
    public function __construct(
        public RuleBook $book,
        public Rule $rule,
        public Subject $subject,
        public Outcome $outcome,
        public Wording $wording,
    ) {}

    /** `us-irc-2021/room-area` */
    public function ruleName(): string
    {
        return "{$this->book->id}/{$this->rule->id}";
    }

    /** The same from revision to revision: book, rule and subject. */
    public function fingerprint(): string
    {
        return "{$this->ruleName()}/{$this->subject->id()}";
    }

    public function verdict(): Verdict
    {
        return $this->outcome->verdict;
    }

    /** What was found: a ruling stands as long as it stays the same. */
    public function foundFacts(): FoundFacts
    {
        return FoundFacts::of($this->outcome);
    }

    /** The same in words, for people. */
    public function facts(): string
    {
        $facts = array_filter(
            [$this->verdict()->value, $this->measuredText(), $this->limitText(), implode(', ', $this->outcome->missing)],
            static fn(?string $fact): bool => $fact !== null && $fact !== '',
        );

        return mb_strimwidth(implode('; ', $facts), 0, 500);
    }

    /** Why it is as it is, where no number says so. */
    public function reason(): ?string
    {
        return $this->outcome->reason === null ? null : $this->wording->say($this->outcome->reason);
    }

    /** @return list<string> how the measured amount came about, step by step */
    public function working(): array
    {
        return $this->wording->all($this->outcome->working);
    }

    /** @return list<string> what nobody drew and had to be taken */
    public function assumptions(): array
    {
        return array_values(array_unique($this->wording->all($this->outcome->assumptions)));
    }

    /** The measured amount in the book's units, the other system beside. */
    public function measuredText(): ?string
    {
        return $this->outcome->isCountOfNone() ? $this->found() : $this->inBoth($this->outcome->measured);
    }

    /** What there should be none of: `2 bedrooms without a smoke alarm`. */
    private function found(): string
    {
        $words = rtrim($this->wording->say($this->outcome->working[0]), '.');

        // which they are follows in the working
        return ctype_digit($words[0]) ? explode(':', $words)[0] : $words;
    }

    public function limitText(): ?string
    {
        return $this->outcome->isCountOfNone() ? Text::of('none') : $this->inBoth($this->outcome->limit);
    }

    /** By how much the limit is missed; null when it is not. */
    public function missedText(): ?string
    {
        return $this->inBoth($this->missedBy());
    }

    /** To which side: `short` of the limit or `over` it. */
    public function missedWay(): string
    {
        [$measured, $limit] = [$this->outcome->measured, $this->outcome->limit];
        $isOver = $measured !== null && $limit !== null && $measured->number > $limit->number;

        return $this->wording->say($isOver ? Message::of('review.finding.over') : Message::of('review.finding.short'));
    }

    /** The measured amount in the book's units alone. */
    public function measuredBriefly(): ?string
    {
        return $this->inOwn($this->outcome->measured);
    }

    public function limitBriefly(): ?string
    {
        return $this->inOwn($this->outcome->limit);
    }

    public function missedBriefly(): ?string
    {
        return $this->inOwn($this->missedBy());
    }

    private function missedBy(): ?Amount
    {
        [$margin, $limit] = [$this->outcome->margin, $this->outcome->limit];
        $isMissed = in_array($this->verdict(), [Verdict::Violated, Verdict::Advised], true) && !$this->outcome->isCountOfNone();

        return $margin === null || $limit === null || !$isMissed ? null : Amount::of($limit->quantity, -$margin);
    }

    /** @return array<string, mixed> as core/schema/findings-1.schema.json has it */
    public function toArray(): array
    {
        return [
            'rule' => $this->ruleName(),
            ...($this->rule->layer === $this->book->id ? [] : ['layer' => $this->rule->layer]),
            'clause' => $this->rule->clause,
            'title' => $this->rule->title,
            'verdict' => $this->verdict()->value,
            'slim' => $this->outcome->slim,
            'subject' => [
                'type' => $this->subject->type()->value,
                'id' => $this->subject->id(),
                'name' => $this->subject->name(),
                'storey' => $this->subject->storey(),
            ],
            'measured' => self::amount($this->outcome->measured, $this->measuredText()),
            'limit' => self::amount($this->outcome->limit, $this->limitText()),
            'margin' => $this->outcome->margin === null ? null : round($this->outcome->margin, 6) + 0.0,
            'missing' => $this->outcome->missing,
            'reason' => $this->reason(),
            'assumptions' => $this->assumptions(),
            'working' => $this->working(),
            'witness' => array_map(fn(Witness $witness): array => $witness->toArray($this->wording), $this->outcome->witness),
            'remedies' => [],
        ];
    }

    private function inOwn(?Amount $amount): ?string
    {
        return $amount === null ? null : $this->notation()->write($amount);
    }

    private function inBoth(?Amount $amount): ?string
    {
        $hasUnits = $amount !== null && in_array($amount->quantity, [Quantity::Length, Quantity::Area], true);

        return $hasUnits ? "{$this->inOwn($amount)} ({$this->book->units->other()->notation()->write($amount)})" : $this->inOwn($amount);
    }

    private function notation(): Notation
    {
        return $this->book->units === UnitSystem::Imperial && $this->outcome->inInches
            ? new ImperialNotation(feet: false)
            : $this->book->units->notation();
    }

    /** @return array{value: float, unit: string, text: string}|null */
    private static function amount(?Amount $amount, ?string $text): ?array
    {
        return $amount === null
            ? null
            : ['value' => round($amount->number, 6) + 0.0, 'unit' => $amount->quantity->value, 'text' => (string) $text];
    }
}
