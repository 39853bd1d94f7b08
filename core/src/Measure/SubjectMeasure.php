<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/**
 * A measure that says by `Measures` on its class what it is, and is handed subjects of its own type only.
 *
 * @template T of Subject
 */
abstract class SubjectMeasure implements Measure
{
    private ?Measures $is = null;

    /** @param string|null $name under which of its names it measures; null: it has only one */
    public function __construct(private readonly ?string $name = null) {}

    final public function is(): Measures
    {
        return $this->is ??= $this->defined();
    }

    final public function name(): string
    {
        return $this->is()->name;
    }

    final public function subject(): SubjectType
    {
        return $this->is()->subject();
    }

    final public function answer(): AnswerType
    {
        return $this->is()->answer;
    }

    final public function parameters(): array
    {
        return $this->is()->with;
    }

    final public function words(): array
    {
        return $this->is()->words();
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

    protected function defined(): Measures
    {
        $all = Measures::on(static::class);

        return $this->name === null
            ? array_values($all)[0] ?? throw new \LogicException(static::class.' does not say what it measures.')
            : $all[$this->name];
    }
}
