<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Term;

use Heurema\Measure\Answer;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Evaluation;

/** `and` and `or`: a false settles the one and a true the other, whatever else is unknown. */
final readonly class Connection implements Term
{
    /** @param bool $settling true for `or`, false for `and` */
    public function __construct(private bool $settling, private Term $left, private Term $right) {}

    public function answer(): Answer
    {
        return Answer::YesNo;
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
}
