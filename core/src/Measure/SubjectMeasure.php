<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/**
 * A measure that is handed subjects of its own type only.
 *
 * @template T of Subject
 */
abstract class SubjectMeasure implements Measure
{
    final public function subject(): SubjectType
    {
        return SubjectType::from((string) strstr($this->name(), '.', true));
    }

    /** @return array<string, AnswerType> */
    public function parameters(): array
    {
        return [];
    }

    /** @return array<string, list<string>> */
    public function words(): array
    {
        return [];
    }

    final public function of(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if (!str_starts_with($this->name(), "{$subject->type()->value}.")) {
            throw new \LogicException("{$this->name()} is not asked of a {$subject->type()->value}.");
        }
        /** @var T $subject the type says so */
        return $this->measure($subject, $home, $with);
    }

    /** @param T $subject */
    abstract protected function measure(Subject $subject, Home $home, Parameters $with): Measurement;
}
