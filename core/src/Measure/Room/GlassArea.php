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

#[Measures('room.glass_area', AnswerType::Area, 'The glass of the windows and glazed doors between a room and the open air.')]
final class GlassArea extends OutsideOpenings
{
    protected function areaOf(PlacedOpening $opening, Home $home): Measurement
    {
        $measure = $opening->type() === SubjectType::Window ? new Window\GlassArea() : new Door\GlassArea();

        return $measure->of($opening, $home, new Parameters());
    }
}
