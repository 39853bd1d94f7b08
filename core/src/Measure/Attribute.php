<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\Subject;

/**
 * A measure that only reads what was drawn or said.
 *
 * @template T of Subject
 *
 * @extends SubjectMeasure<T>
 */
final class Attribute extends SubjectMeasure
{
    /**
     * @param \Closure(T): (bool|string|\BackedEnum|null) $read  null: nobody said
     * @param \Closure(T): list<string>|null              $lacks what is missing then; the name's second half on the subject when left out
     */
    public function __construct(
        private readonly string $name,
        private readonly Answer $answer,
        private readonly \Closure $read,
        private readonly ?\Closure $lacks = null,
    ) {}

    public function name(): string
    {
        return $this->name;
    }

    public function answer(): Answer
    {
        return $this->answer;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $value = ($this->read)($subject);
        if ($value === null) {
            return new Unknown($this->lacks === null ? [$subject->id().strstr($this->name, '.')] : ($this->lacks)($subject));
        }

        return new Measured($value instanceof \BackedEnum ? (string) $value->value : $value);
    }
}
