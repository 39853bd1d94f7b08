<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\ClearOpening;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.clear_area',
    AnswerType::Area,
    'Clear width times clear height. `for: air`: louvres, through which nobody climbs, open eight tenths of the glass opening.',
    with: ['for' => AnswerType::Word],
    words: ['for' => ['air']],
)]
final class ClearArea extends SubjectMeasure
{
    private const LOUVRES_OPEN = 0.8;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $isGiven = $subject->opening->clearWidth !== null && $subject->opening->clearHeight !== null;
        if ($with->word('for') === 'air' && !$isGiven && $subject->opening->window?->operation === WindowOperation::Louvred) {
            return self::throughLouvres($subject, $home);
        }

        return ClearOpening::area(
            (new ClearWidth())->of($subject, $home, new Parameters()),
            (new ClearHeight())->of($subject, $home, new Parameters()),
        );
    }

    private static function throughLouvres(PlacedOpening $window, Home $home): Measurement
    {
        $glass = (new GlassArea())->of($window, $home, new Parameters());
        if (!$glass instanceof Measured) {
            return $glass;
        }
        $open = Amount::area(self::LOUVRES_OPEN * $glass->amount()->number);

        return new Measured(
            $open,
            $glass->witness,
            [...$glass->working, Message::of('window.clear_area.louvres_open_eight_tenths', open: $open)],
            $glass->assumptions,
        );
    }
}
