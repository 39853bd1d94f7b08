<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** One question about one kind of subject. */
interface Measure
{
    /** What it is, for those who write rule books. */
    public function is(): Measures;

    /** The subject type, a dot and the quantity: `room.floor_area`. */
    public function name(): string;

    public function subject(): SubjectType;

    public function answer(): AnswerType;

    /** @return array<string, AnswerType> the parameters it takes, all of them optional unless the measure says otherwise */
    public function parameters(): array;

    /** The key of the answer among the words. */
    public const ANSWER = '';

    /**
     * @return array<string, list<string>> what its answer, and its parameters by name, may be, where they are words; what is left out may
     *                                     be any
     */
    public function words(): array;

    /** @throws \LogicException when asked about a subject of another type */
    public function of(Subject $subject, Home $home, Parameters $with): Measurement;
}
