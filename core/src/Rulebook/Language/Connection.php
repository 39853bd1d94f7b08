<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Unknown;

/** `and` and `or`: a false settles the one and a true the other, whatever else is unknown. */
final readonly class Connection implements Term
{
    /** @param bool $settling true for `or`, false for `and` */
    public function __construct(private bool $settling, private Term $left, private Term $right) {}

    public function answer(): AnswerType
    {
        return AnswerType::YesNo;
    }

    public function isConstant(): bool
    {
        return $this->left->isConstant() && $this->right->isConstant();
    }

    public function value(Evaluation $evaluation): bool|Unknown
    {
        $left = $this->left->value($evaluation);
        if ($left === $this->settling) {
            return $this->settling;
        }
        $right = $this->right->value($evaluation);
        if ($right === $this->settling) {
            return $this->settling;
        }
        if ($left instanceof Unknown || $right instanceof Unknown) {
            return Evaluation::unknown($left, $right);
        }

        // what makes no sense of a subject is not so
        return $this->settling ? $left === true || $right === true : $left === true && $right === true;
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        $isOr = $this->settling === $isSo;
        $parts = array_map(static function (Term $part) use ($speech, $isSo, $isOr): string {
            $words = $part->words($speech, $isSo);

            // all of an `or` within an `and` belongs together
            return !$isOr && $part instanceof self && $part->settling === $isSo ? Text::of('either {words}', words: $words) : $words;
        }, [$this->left, $this->right]);

        return implode($isOr ? Text::of(' or ') : Text::of(' and '), $parts);
    }
}
