<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Attribute;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;

/** Measures each subject once, however many rules ask; what was only said is read again. */
final class MeasurementCache
{
    /** @var array<int, array<int, Measurement>> by subject and by what was asked */
    private array $known = [];

    /** @var array<string, array<string, int>> a number for each measure and its parameters */
    private array $asked = [];

    private int $count = 0;

    public function __construct(private readonly Catalogue $measures) {}

    public function of(string $name, Subject $subject, Home $home, Parameters $with): Measurement
    {
        $measure = $this->measures->get($name) ?? throw new \LogicException("No measure {$name}.");
        // what was said is read as soon as it would be found here, and takes no room
        if ($measure instanceof Attribute) {
            return $measure->of($subject, $home, $with);
        }
        $asked = $this->asked[$name][$with->key()] ??= ++$this->count;

        // subjects live as long as their home
        return $this->known[spl_object_id($subject)][$asked] ??= $measure->of($subject, $home, $with);
    }
}
