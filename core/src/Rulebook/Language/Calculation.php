<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;

/** `+`, `-`, `*` and `/` of two amounts whose quantities allow it. */
final readonly class Calculation implements Term
{
    public function __construct(private string $sign, private Term $left, private Term $right, private AnswerType $answer) {}

    public function answer(): AnswerType
    {
        return $this->answer;
    }

    public function isConstant(): bool
    {
        return $this->left->isConstant() && $this->right->isConstant();
    }

    public function value(Evaluation $evaluation): Amount|Unknown|NotApplicable
    {
        $left = $this->left->value($evaluation);
        $right = $this->right->value($evaluation);
        if ($left instanceof Unknown || $right instanceof Unknown) {
            return Evaluation::unknown($left, $right);
        }
        if ($left instanceof Amount && $right instanceof Amount) {
            return $this->sign === '/' && $right->number === 0.0
                ? new Unknown(['something other than 0 to divide by'])
                : $this->computed($left, $right);
        }

        return $left instanceof NotApplicable
            ? $left
            : (
                $right instanceof NotApplicable
                    ? $right
                    : throw new \LogicException('A calculation with words that was to be refused when it was read.')
            );
    }

    private function computed(Amount $left, Amount $right): Amount
    {
        return match ($this->sign) {
            '+' => $left->plus($right),
            '-' => $left->less($right),
            '*' => $left->times($right),
            default => $left->dividedBy($right),
        };
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        $isShare = $this->sign === '*' && $this->left->answer() === AnswerType::Ratio;

        return Text::of(match (true) {
            $isShare => '{left} of {right}',
            $this->sign === '+' => '{left} and {right}',
            $this->sign === '-' => '{left} less {right}',
            $this->sign === '*' => '{left} times {right}',
            default => '{left} divided by {right}',
        }, left: $this->left->words($speech), right: $this->right->words($speech));
    }
}
