<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Witness;
use Heurema\Units\Amount;
use Heurema\Units\Quantity;
use Heurema\Words\Message;

/** What came of holding a rule against the facts of a subject. */
final readonly class Outcome
{
    /**
     * @param float|null    $margin      how far the measured amount keeps clear of its limit, negative when it falls short; in the limit's
     *                                   unit
     * @param bool          $inInches    the limit is spoken of in inches alone
     * @param Message|null  $reason      why it is as it is, where no number says so
     * @param list<string>  $missing
     * @param list<Message> $assumptions
     * @param list<Message> $working
     * @param list<Witness> $witness
     * @param list<string>|null $parties ids of what else takes part; null where that was not kept
     * @param string|null   $topic       what its amount and its limit come of: the measure, with the words asked of it
     */
    public function __construct(
        public Verdict $verdict,
        public bool $slim = false,
        public ?Amount $measured = null,
        public ?Amount $limit = null,
        public ?float $margin = null,
        public bool $inInches = false,
        public ?Message $reason = null,
        public array $missing = [],
        public array $assumptions = [],
        public array $working = [],
        public array $witness = [],
        public ?string $topic = null,
        public ?array $parties = [],
    ) {}

    /** @param list<string> $missing */
    public static function undetermined(array $missing, Message $reason): self
    {
        return new self(Verdict::Undetermined, reason: $reason, missing: $missing);
    }

    public static function notApplicable(Message $reason): self
    {
        return new self(Verdict::NotApplicable, reason: $reason);
    }

    /** Is it a count of what there should be none of? Its working says what was found. */
    public function isCountOfNone(): bool
    {
        return $this->measured?->quantity === Quantity::Count
            && $this->limit?->number === 0.0
            && $this->measured->number > 0
            && $this->working !== [];
    }

    /** By how much of its limit it falls short; 0 when it does not. */
    public function shortfall(): float
    {
        return $this->margin === null || $this->limit === null ? 0.0 : max(0.0, -$this->margin / max(1e-9, abs($this->limit->number)));
    }

    /** How far it keeps clear of its limit, as a share of it; negative when it falls short. */
    public function relativeMargin(): float
    {
        return $this->margin === null || $this->limit === null ? 0.0 : round($this->margin / max(1e-9, abs($this->limit->number)), 6);
    }

    /** @param list<Message> $assumptions */
    public function assuming(array $assumptions): self
    {
        return $assumptions === []
            ? $this
            : $this->with(['assumptions' => Message::unique([...$this->assumptions, ...$assumptions])]);
    }

    /**
     * The same outcome with some of its parts put in another way.
     *
     * @param array{
     *     verdict?: Verdict,
     *     reason?: ?Message,
     *     assumptions?: list<Message>,
     *     working?: list<Message>,
     *     witness?: list<Witness>,
     *     missing?: list<string>,
     *     parties?: list<string>,
     * } $changes
     */
    public function with(array $changes): self
    {
        return new self(
            verdict: $changes['verdict'] ?? $this->verdict,
            slim: $this->slim,
            measured: $this->measured,
            limit: $this->limit,
            margin: $this->margin,
            inInches: $this->inInches,
            reason: array_key_exists('reason', $changes) ? $changes['reason'] : $this->reason,
            missing: $changes['missing'] ?? $this->missing,
            assumptions: $changes['assumptions'] ?? $this->assumptions,
            working: $changes['working'] ?? $this->working,
            witness: $changes['witness'] ?? $this->witness,
            topic: $this->topic,
            parties: array_key_exists('parties', $changes) ? $changes['parties'] : $this->parties,
        );
    }
}
