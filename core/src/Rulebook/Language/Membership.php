<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;

/** A word that is, or is not, one of several. */
final readonly class Membership implements Term
{
    /** @param list<string> $words */
    public function __construct(private bool $wanted, private Term $word, private array $words) {}

    public function answer(): AnswerType
    {
        return AnswerType::YesNo;
    }

    public function isConstant(): bool
    {
        return $this->word->isConstant();
    }

    public function value(Evaluation $evaluation): bool|Unknown
    {
        $word = $this->word->value($evaluation);

        return match (true) {
            $word instanceof Unknown => $word,
            $word instanceof NotApplicable => false,
            default => $this->isOneOf($word) === $this->wanted,
        };
    }

    private function isOneOf(mixed $word): bool
    {
        return is_string($word) && array_filter($this->words, static fn(string $one): bool => RoomUse::isSame($word, $one)) !== [];
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        return Speech::subject($this->word->words($speech)).' '.($this->wanted === $isSo ? '' : 'not ').Speech::anyOf($this->words);
    }
}
