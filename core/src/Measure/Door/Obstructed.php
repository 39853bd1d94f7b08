<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject;
use Heurema\Units\Amount;

/**
 * How many things stand right before the doorway on either side, within 300 mm of its wall, so that one walks into them.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class Obstructed extends SubjectMeasure
{
    private const WAY = 300.0;

    /** What comes in by less from the jambs, mm, leaves a way. */
    private const JAMB = 50.0;

    public function name(): string
    {
        return 'door.obstructed';
    }

    public function answer(): Answer
    {
        return Answer::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->opening->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $names = $witness = [];
        foreach ([Doorway::LEFT, Doorway::RIGHT] as $side) {
            $doorway = Doorway::of($subject, $side);
            $floor = $doorway instanceof Doorway ? ConvexClip::inset($doorway->floor(self::WAY, -self::JAMB, -self::JAMB)->counterClockwise(), static fn(): float => Tolerance::GRAZE) : null;
            if ($floor === null) {
                continue;
            }
            foreach ($home->fixturesNear($subject->storey(), $floor->bounds()) as $fixture) {
                $isThere = $fixture->outline !== null && $fixture->takesFloor && Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($fixture->outline->counterClockwise()), $floor);
                if ($fixture->outline !== null && $isThere) {
                    $names[$fixture->id()] = $fixture->name();
                    $witness[] = Witness::outline($subject->storey(), $fixture->outline);
                }
            }
        }

        return new Measured(Amount::count(count($names)), $witness, [$names === [] ? 'Nothing stands in the way through it.' : 'In the way through it: '.implode(', ', $names).'.']);
    }
}
