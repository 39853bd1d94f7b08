<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
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
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.overlaps',
    AnswerType::Count,
    'How many other fixtures stand where the fixture stands, at the same height, by 10 cm² or more and '
    .'more than a millimetre. What is set into a counter, hung over it or pushed under a table shares its place with it.',
)]
final class Overlaps extends SubjectMeasure
{
    /** A strip in common no wider than this, mm, is rounding. */
    private const THIN = 1.0;

    /** What other fixtures are set into or put under. */
    private const HOSTS = [
        FixtureKind::Counter, FixtureKind::Island, FixtureKind::BaseCabinet, FixtureKind::Vanity, FixtureKind::Table, FixtureKind::Desk,
    ];

    /** Height of a fixture, in mm, where nobody said. */
    private const USUAL_HEIGHT = 900.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $outline = $subject->outline;
        if ($outline === null) {
            return new Unknown([
                ...($subject->fixture->width === null ? ["{$subject->id()}.width"] : []),
                ...($subject->fixture->depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $names = $witness = [];
        foreach ($home->fixturesNear($subject->storey(), $outline->bounds()) as $other) {
            if ($other === $subject || $other->outline === null || self::shares($subject, $other)) {
                continue;
            }
            foreach (Overlap::parts(new Polygon($other->outline->counterClockwise()), $outline->counterClockwise()) as $part) {
                if ($part->thickness() > self::THIN) {
                    $names[$other->id()] = $other->name();
                    $witness[] = Witness::outline($subject->storey(), $part);
                }
            }
        }
        $parties = array_map(strval(...), array_keys($names));
        $names = array_values(array_unique($names));

        return new Measured(
            Amount::count(count($names)),
            $witness,
            [
                $names === []
                    ? Message::of('fixture.overlaps.nothing_else_stands_there')
                    : Message::of('fixture.overlaps.also_there', names: $names),
            ],
            parties: $parties,
        );
    }

    private static function shares(PlacedFixture $one, PlacedFixture $other): bool
    {
        $isHosted = in_array($one->fixture->kind, self::HOSTS, true) || in_array($other->fixture->kind, self::HOSTS, true);
        $isHosted = $isHosted || $one->isSetIn($other) || $other->isSetIn($one);
        $isFlat = !$one->takesFloor || !$other->takesFloor;
        [$top, $otherTop] = [
            $one->base() + ($one->fixture->height ?? self::USUAL_HEIGHT),
            $other->base() + ($other->fixture->height ?? self::USUAL_HEIGHT),
        ];

        return $isHosted || $isFlat || $one->base() >= $otherTop || $other->base() >= $top;
    }
}
