<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures('room.window_area', AnswerType::Area, 'The windows between a room and the open air, frames included; doors left aside.')]
final class WindowArea extends OutsideOpenings
{
    protected function areaOf(PlacedOpening $opening, Home $home): Measurement
    {
        [$width, $height] = [$opening->opening->width, $opening->opening->height];
        if ($opening->type() !== SubjectType::Window) {
            return new NotApplicable(Message::of('room.window_area.it_is_no_window'));
        }
        if ($width === null || $height === null) {
            return new Unknown([
                ...($width === null ? ["{$opening->id()}.width"] : []),
                ...($height === null ? ["{$opening->id()}.height"] : []),
            ]);
        }
        $area = Amount::drawnArea($width * $height);

        return new Measured(
            $area,
            [Witness::mark($opening->storey(), $opening->middle())],
            [Message::of(
                'room.window_area.by_frame_included',
                width: Amount::length($width),
                height: Amount::length($height),
                area: $area,
            )],
        );
    }
}
