<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClearFloor;
use Heurema\Spatial\FreeZone;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.clear_zone',
    AnswerType::Ratio,
    'How much of a wanted floor, `width` by `depth`, is free. `anchor`: `front`, before the middle of '
    .'its front (a width that is not given is the fixture’s own); `corner`, from the wall behind it and '
    .'the nearer wall beside it, the fixture itself left aside.',
    with: ['width' => AnswerType::Length, 'depth' => AnswerType::Length, 'anchor' => AnswerType::Word, 'besides' => AnswerType::Word],
    words: ['anchor' => ['front', 'corner'], 'besides' => [FixtureKind::class]],
)]
final class ClearZone extends SubjectMeasure
{
    private const ASIDE = 457.2;

    /** No zone that is asked for is larger, mm. */
    private const LOOK = 5000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$ownWidth, $ownDepth] = [$subject->fixture->width, $subject->fixture->depth];
        if ($ownWidth === null || $ownDepth === null) {
            return new Unknown([
                ...($ownWidth === null ? ["{$subject->id()}.width"] : []),
                ...($ownDepth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        [$width, $depth] = [$with->number('width') ?? $ownWidth, $with->number('depth') ?? $ownDepth];
        $wanted = ClearFloor::before($subject, $width, $depth);
        if ($with->word('anchor') === 'corner') {
            $wall = SideWall::line($subject);
            if ($wall === null) {
                return new NotApplicable(Message::of('fixture.clear_zone.no_wall_is_beside'));
            }
            $wanted = ClearFloor::inCorner($subject, $subject->frame->fromPlan($wall->to)->x, $width, $depth);
        }
        $zone = FreeZone::of($wanted, $subject->plan, $home, [$subject, ...$this->allowed($subject, $home, $with->word('besides'))]);
        $names = implode(', ', $zone->names);

        return new Measured(
            Amount::ratio($zone->share()),
            [
                Witness::outline(
                    $subject->storey(),
                    $wanted,
                    Message::of('fixture.clear_zone.value', width: Amount::length($width), depth: Amount::length($depth)),
                ),
                ...array_map(static fn(Polygon $part): Witness => Witness::outline($subject->storey(), $part), $zone->taken),
            ],
            [
                $zone->names === []
                    ? Message::of('fixture.clear_zone.floor_by_is_free', width: Amount::length($width), depth: Amount::length($depth))
                    : Message::of(
                        'fixture.clear_zone.in_floor_of_by',
                        width: Amount::length($width),
                        depth: Amount::length($depth),
                        names: $names,
                    ),
            ],
        );
    }

    /**
     * @return list<PlacedFixture> what may stand in the zone: what the fixture is set in, and a kind of fixture at least 18 in from its
     *                             centre line
     */
    private function allowed(PlacedFixture $subject, Home $home, ?string $kind): array
    {
        $bounds = $subject->bounds;
        $around = $bounds === null ? [] : array_filter($home->fixturesNear($subject->storey(), $bounds), $subject->isSetIn(...));
        $ofKind = $bounds === null || $kind === null
            ? []
            : array_filter(
                $home->fixturesNear($subject->storey(), $bounds->grown(self::LOOK)),
                static fn(PlacedFixture $other): bool => $other->fixture->counts($kind) > 0,
            );

        return [...$around, ...array_filter($ofKind, static function (PlacedFixture $other) use ($subject): bool {
            $xs = array_map(static fn(Point $point): float => $subject->frame->fromPlan($point)->x, $other->outline->points ?? []);

            return $xs !== [] && max(min($xs), -max($xs)) >= self::ASIDE - Tolerance::TOUCH;
        })];
    }
}
