<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Term;

use Heurema\Measure\Answer;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Evaluation;
use Heurema\Rulebook\Speech;
use Heurema\Units\Amount;

/** What a measure says of the subject: `room.use`. */
final readonly class Fact implements Term
{
    private Parameters $with;

    /** @param list<string> $words that it may be; empty: any */
    public function __construct(public string $measure, private Answer $answer, public array $words = [])
    {
        $this->with = new Parameters();
    }

    public function answer(): Answer
    {
        return $this->answer;
    }

    public function isConstant(): bool
    {
        return false;
    }

    public function value(Evaluation $evaluation): Amount|bool|string|Unknown|NotApplicable
    {
        return $evaluation->measured($this->measure, $this->with);
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        return $this->answer === Answer::YesNo ? Speech::fact($this->measure, $isSo) : Speech::quantity($this->measure);
    }
}
