<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;

/** What a measure says of the subject: `room.use`. */
final readonly class Fact implements Term
{
    private Parameters $with;

    /** @param list<string> $words that it may be; empty: any */
    public function __construct(public string $measure, private AnswerType $answer, public array $words = [])
    {
        $this->with = new Parameters();
    }

    public function answer(): AnswerType
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
        return $this->answer === AnswerType::YesNo ? Speech::fact($this->measure, $isSo) : Speech::quantity($this->measure);
    }
}
