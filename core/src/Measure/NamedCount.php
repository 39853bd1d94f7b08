<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Subject\Subject;

/**
 * A count that is asked of several kinds of subjects alike, under a name for each.
 *
 * @template T of Subject
 *
 * @extends SubjectMeasure<T>
 */
abstract class NamedCount extends SubjectMeasure
{
    /** @param string $name the subject type, a dot and what is counted */
    final public function __construct(private readonly string $name) {}

    final public function name(): string
    {
        return $this->name;
    }

    final public function answer(): AnswerType
    {
        return AnswerType::Count;
    }
}
