<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;

/**
 * A measure that a few lines tell.
 *
 * @template T of Subject
 *
 * @extends SubjectMeasure<T>
 */
final class ShortMeasure extends SubjectMeasure
{
    /** @param \Closure(T, Home): Measurement $tell */
    public function __construct(private readonly string $name, private readonly AnswerType $answer, private readonly \Closure $tell) {}

    public function name(): string
    {
        return $this->name;
    }

    public function answer(): AnswerType
    {
        return $this->answer;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return ($this->tell)($subject, $home);
    }
}
