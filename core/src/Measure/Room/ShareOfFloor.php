<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * An area of the room as a share of its floor.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class ShareOfFloor extends SubjectMeasure
{
    public function __construct(private readonly string $name, private readonly OutsideOpenings $area) {}

    public function name(): string
    {
        return $this->name;
    }

    public function answer(): AnswerType
    {
        return AnswerType::Ratio;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $area = $this->area->of($subject, $home, $with);
        $floor = (new FloorArea())->of($subject, $home, $with);
        if (!$area instanceof Measured || !$floor instanceof Measured) {
            return $area instanceof Measured ? $floor : $area;
        }
        $share = Amount::ratio($area->amount()->number / max(1e-9, $floor->amount()->number));

        return new Measured($share, $area->witness, [...$area->working, "Of {$home->write($floor->amount())} of floor: {$home->write($share)}."], [...$area->assumptions, ...$floor->assumptions]);
    }
}
