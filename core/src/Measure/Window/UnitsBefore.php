<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

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
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.units_before',
    AnswerType::Count,
    'How many wall and tall units, wardrobes and refrigerators cover some of the window from its own room.',
)]
final class UnitsBefore extends SubjectMeasure
{
    private const UNITS = [
        FixtureKind::WallCabinet, FixtureKind::TallCabinet, FixtureKind::Wardrobe, FixtureKind::Refrigerator, FixtureKind::Shelf,
    ];
    private const NEAR = 150.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$sill, $head, $width] = [$subject->opening->sill, $subject->head(), $subject->opening->width];
        if ($sill === null || $head === null || $width === null) {
            return new Unknown(array_keys(array_filter(
                [
                    $subject->sillKey() => $sill,
                    "{$subject->id()}.height" => $subject->opening->height,
                    "{$subject->id()}.width" => $width,
                ],
                static fn(?float $size): bool => $size === null,
            )));
        }
        $found = $unknown = [];
        foreach (GlassEdges::rooms($subject) as $room) {
            foreach ($home->fixturesIn($room) as $unit) {
                if (!in_array($unit->fixture->kind, self::UNITS, true) || !BlockedBy::isBefore($unit, $subject, $room, self::NEAR)) {
                    continue;
                }
                [$base, $top] = [$unit->knownBase(), $unit->top()];
                if ($base === null || $top === null) {
                    array_push($unknown, ...$unit->missingForTop());
                } elseif ($base < $head - 1 && $top > $sill + 1) {
                    $found[] = $unit;
                }
            }
        }
        if ($found === [] && $unknown !== []) {
            return new Unknown(array_values(array_unique($unknown)));
        }

        return new Measured(
            Amount::count(count($found)),
            array_values(array_filter(array_map(
                static fn(PlacedFixture $unit): ?Witness => $unit->outline === null
                    ? null
                    : Witness::outline($subject->storey(), $unit->outline),
                $found,
            ))),
            [
                $found === []
                    ? Message::of('window.units_before.no_unit_covers_it')
                    : Message::of(
                        'window.units_before.before_it',
                        value: array_map(static fn(PlacedFixture $unit): string => $unit->name(), $found),
                    ),
            ],
            parties: array_map(static fn(PlacedFixture $unit): string => $unit->id(), $found),
        );
    }
}
