<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A measure with its parameters settled, under a name that a rule book gives it. */
final readonly class NamedMeasure implements Measure
{
    /** @param string $name the subject type of the measure, a dot and a word */
    public function __construct(private string $name, public Measure $measure, public Parameters $with) {}

    public function is(): Measures
    {
        return new Measures($this->name, $this->answer(), $this->measure->is()->tells, [], $this->words());
    }

    public function name(): string
    {
        return $this->name;
    }

    public function subject(): SubjectType
    {
        return $this->measure->subject();
    }

    public function answer(): AnswerType
    {
        return $this->measure->answer();
    }

    public function parameters(): array
    {
        return [];
    }

    public function words(): array
    {
        return array_intersect_key($this->measure->words(), [self::ANSWER => true]);
    }

    public function of(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return $this->measure->of($subject, $home, $this->with);
    }
}
