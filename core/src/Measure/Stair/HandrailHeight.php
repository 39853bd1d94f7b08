<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * The height of its lowest handrail over the nosings; `of: highest` for the highest.
 *
 * @extends SubjectMeasure<PlacedStair>
 */
final class HandrailHeight extends SubjectMeasure
{
    public function name(): string
    {
        return 'stair.handrail_height';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Length;
    }

    public function parameters(): array
    {
        return ['of' => AnswerType::Word];
    }

    public function words(): array
    {
        return ['of' => ['lowest', 'highest']];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $heights = array_filter($subject->stair->handrails->heights ?? [], static fn(?float $height): bool => $height !== null);
        if ($heights === []) {
            return Handrails::count($subject) === null ? new Unknown(["{$subject->id()}.handrails"]) : new NotApplicable('The stair has no handrail.');
        }
        $height = $with->word('of') === 'highest' ? max($heights) : min($heights);

        return new Measured(Amount::length($height), [Witness::mark($subject->storey(), $subject->stair->start, $home->length($height))], ['Handrails over the nosings: '.implode(', ', array_map($home->length(...), $heights)).'.']);
    }
}
