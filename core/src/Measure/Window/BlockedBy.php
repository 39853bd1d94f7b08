<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.blocked_by',
    AnswerType::Count,
    'How many fixtures stand before the window within 100 mm of its wall: those that reach above its sill, '
    .'a bed with its head there, a wall cabinet over it.',
)]
final class BlockedBy extends SubjectMeasure
{
    private const NEAR = 100.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$sill, $head, $width] = [$subject->opening->sill, $subject->head(), $subject->opening->width];
        if ($sill === null || $width === null) {
            return new Unknown([
                ...($sill === null ? [$subject->sillKey()] : []),
                ...($width === null ? ["{$subject->id()}.width"] : []),
            ]);
        }
        $found = [];
        foreach (array_merge(...array_map($home->fixturesIn(...), GlassEdges::rooms($subject))) as $fixture) {
            if ($fixture->room === null || $fixture->outline === null || $fixture->base() >= ($head ?? INF)) {
                continue;
            }
            if (self::isBefore($fixture, $subject, $fixture->room, self::NEAR) && self::isInTheWay($fixture, $subject, $sill)) {
                $found[] = $fixture;
            }
        }
        $names = implode(', ', array_map(static fn(PlacedFixture $fixture): string => $fixture->name(), $found));
        $outlines = array_values(array_filter(array_map(static fn(PlacedFixture $fixture): ?Ring => $fixture->outline, $found)));

        return new Measured(
            Amount::count(count($found)),
            array_map(static fn(Ring $outline): Witness => Witness::outline($subject->storey(), $outline), $outlines),
            [
                $found === []
                    ? Message::of('window.blocked_by.nothing_stands_before_it')
                    : Message::of('window.blocked_by.before_it', names: $names),
            ],
            parties: array_map(static fn(PlacedFixture $fixture): string => $fixture->id(), $found),
        );
    }

    /** @param float $near how far from the window's face, mm */
    public static function isBefore(PlacedFixture $fixture, PlacedOpening $window, RoomSpace $room, float $near): bool
    {
        $out = $window->wall->line()->direction()->left()->times($window->left->isRoom($room) ? 1 : -1);
        $span = $window->span();
        $strip = Ring::rectangle($span->from->plus($out->times($window->wall->thickness / 2)), $span->vector(), $out->times($near));

        return $fixture->outline !== null
            && Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($fixture->outline->counterClockwise()), $strip->counterClockwise());
    }

    private static function isInTheWay(PlacedFixture $fixture, PlacedOpening $window, float $sill): bool
    {
        $facesAway = $fixture->fixture->kind === FixtureKind::Bed
            && abs($window->wall->line()->leftOf($fixture->fixture->at)) < $window->wall->thickness / 2 + self::NEAR;

        return $facesAway
            || (
                $fixture->takesFloor
                    && $fixture->fixture->kind !== FixtureKind::Bed
                    && $fixture->base() + ($fixture->fixture->height ?? 0.0) > $sill
            );
    }
}
