<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Door;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Window;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\SubjectType;

#[Measures('room.vent_area', AnswerType::Area, 'The area that windows and doors between a room and the open air open up.')]
final class VentArea extends OutsideOpenings
{
    protected function areaOf(PlacedOpening $opening, Home $home): Measurement
    {
        return $opening->type() === SubjectType::Window
            ? (new Window\ClearArea())->of($opening, $home, new Parameters(['for' => 'air']))
            : (new Door\ClearArea())->of($opening, $home, new Parameters());
    }
}
