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
    /**
     * @param string                         $called the subject type, a dot and the quantity
     * @param string                         $tells a sentence for those who write rule books
     * @param \Closure(T, Home): Measurement $measure
     */
    public function __construct(
        private readonly string $called,
        private readonly AnswerType $answer,
        private readonly string $tells,
        private readonly \Closure $measure,
    ) {
        parent::__construct();
    }

    protected function defined(): Measures
    {
        return new Measures($this->called, $this->answer, $this->tells);
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return ($this->measure)($subject, $home);
    }
}
