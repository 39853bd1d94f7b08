<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.obstructed',
    AnswerType::Count,
    'How many fixtures stand right before the doorway on either side, within 300 mm of its wall, and leave '
    .'less than 600 mm of it, or of a narrow one all but 50 mm beside the jambs.',
)]
final class Obstructed extends SubjectMeasure
{
    /** So far on either side of the wall, mm. */
    private const WAY = 300.0;

    /** What leaves so much of the doorway, mm, leaves a way (common practice, no source). */
    private const ENOUGH = 600.0;

    /** What comes in by less from the jambs of a narrow doorway, mm, leaves a way. */
    private const JAMB = 50.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->opening->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $names = $witness = [];
        foreach ([Doorway::LEFT, Doorway::RIGHT] as $side) {
            $doorway = Doorway::of($subject, $side);
            foreach ($doorway instanceof Doorway ? self::inTheWay(
                $doorway->floor(self::WAY, 0.0, 0.0),
                $width,
                $subject,
                $home,
            ) : [] as $id => $fixture) {
                $names[$id] = $fixture->name();
                $witness[] = Witness::outline($subject->storey(), $fixture->outline ?? new Ring([$fixture->fixture->at]));
            }
        }

        return new Measured(
            Amount::count(count($names)),
            $witness,
            [
                $names === []
                    ? Message::of('door.obstructed.nothing_stands_in_way')
                    : Message::of('door.obstructed.in_way_through_it', names: $names),
            ],
            parties: array_map(strval(...), array_keys($names)),
        );
    }

    /**
     * @param Ring $floor before the doorway, from jamb to jamb
     *
     * @return array<string, PlacedFixture> by id; none where enough of the doorway is left between them
     */
    private static function inTheWay(Ring $floor, float $width, PlacedOpening $door, Home $home): array
    {
        $span = $door->span();
        $fixtures = $taken = [];
        foreach ($home->fixturesNear($door->storey(), $floor->bounds()) as $fixture) {
            if ($fixture->outline === null || !$fixture->takesFloor) {
                continue;
            }
            foreach (Overlap::parts(new Polygon($fixture->outline->counterClockwise()), $floor->counterClockwise()) as $part) {
                if ($part->thickness() > Tolerance::GRAZE) {
                    $along = array_map($span->along(...), $part->outer->points);
                    $taken[] = [min($along), max($along)];
                    $fixtures[$fixture->id()] = $fixture;
                }
            }
        }
        sort($taken);
        [$widest, $reached] = [0.0, 0.0];
        foreach ([...$taken, [$width, $width]] as [$from, $to]) {
            $widest = max($widest, $from - $reached);
            $reached = max($reached, $to);
        }

        return $widest + Tolerance::TOUCH >= min(self::ENOUGH, $width - 2 * self::JAMB) ? [] : $fixtures;
    }
}
