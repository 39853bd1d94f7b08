<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Catalogue;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject;

/** Measures each thing once, however many rules ask. */
final class Answers
{
    /** @var array<string, Measurement> */
    private array $known = [];

    public function __construct(private readonly Catalogue $measures) {}

    public function of(string $name, Subject $subject, Home $home, Parameters $with): Measurement
    {
        $key = "{$name}|{$subject->id()}|{$with->key()}";

        return $this->known[$key] ??= ($this->measures->get($name) ?? throw new \LogicException("No measure {$name}."))->of($subject, $home, $with);
    }
}
