<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\FreeZone;
use Heurema\Spatial\Home;
use Heurema\Spatial\SpaceSide;
use Heurema\Tests\RandomPlan;
use PHPUnit\Framework\TestCase;

/**
 * What walls take of a wanted floor, and how much of it is left and within reach, held against GEOS, a general geometry library,
 * through Shapely (Debian's python3-shapely): on 250 random plans, two floors each, one anywhere and turned, one flush with a
 * wall's face as floors before doors and fixtures are. Areas agree to a square millimetre.
 */
final class OverlapsAgainstGeosTest extends TestCase
{
    private const PLANS = 250;
    private const NOTICED_MM2 = 100.0;

    public function test_what_walls_take_of_a_floor(): void
    {
        mt_srand(2026);
        $zones = $asked = [];
        for ($seed = 1; $seed <= self::PLANS; ++$seed) {
            $home = new Home((new LayoutReader())->read(json_encode(RandomPlan::document($seed, 2 + $seed % 14), JSON_THROW_ON_ERROR)));
            foreach ([self::anywhere($home), self::flush($home)] as $ring) {
                $zones[] = [$home, $ring, "seed {$seed}"];
                $asked[] = self::question($home, $ring);
            }
        }
        /** @var list<array{area: float, parts: int, share: float}> $answers as overlaps.py prints them */
        $answers = Geos::answers('overlaps.py', $asked);
        foreach ($answers as $number => $answer) {
            [$home, $ring, $name] = $zones[$number];
            $plan = $home->plans['G'];
            $parts = array_filter($plan->mass->standingIn($ring), static fn(Polygon $part): bool => $part->area() > self::NOTICED_MM2);
            self::assertEqualsWithDelta(
                $answer['area'],
                array_sum(array_map(static fn(Polygon $part): float => $part->area(), $parts)),
                1.0,
                $name,
            );
            self::assertCount($answer['parts'], $parts, $name);
            // faces within 0.05 mm of one another are brought together
            self::assertEqualsWithDelta($answer['share'], FreeZone::of($ring, $plan, $home)->share(), 1e-4, $name);
        }
    }

    /** At any angle, one corner somewhere around a room's point. */
    private static function anywhere(Home $home): Ring
    {
        $at = $home->rooms[mt_rand(0, count($home->rooms) - 1)]->room->at;
        $along = Point::towards(mt_rand(0, 359));

        return Ring::rectangle(
            new Point($at->x + mt_rand(-900, 900), $at->y + mt_rand(-900, 900)),
            $along->times(mt_rand(300, 2500)),
            $along->left()->times(mt_rand(300, 2500)),
        );
    }

    /** Its base on a wall's face, within it or beyond its ends, its depth into the room. */
    private static function flush(Home $home): Ring
    {
        $sides = array_merge(...array_map(static fn($room): array => $room->sides(), $home->rooms));
        $long = array_values(array_filter($sides, static fn(SpaceSide $side): bool => $side->segment->length() > 500));
        $face = $long[mt_rand(0, count($long) - 1)]->segment;

        return Ring::rectangle(
            $face->at(mt_rand(-300, 300)),
            $face->direction()->times(mt_rand(300, 2500)),
            $face->direction()->left()->times(mt_rand(300, 2500)),
        );
    }

    /** @return array{solids: list<list<list<array{float, float}>>>, ring: list<array{float, float}>, base: list<array{float, float}>} */
    private static function question(Home $home, Ring $ring): array
    {
        $points = static fn(Ring $of): array => array_map(static fn(Point $point): array => [$point->x, $point->y], $of->points);
        $rings = static fn(Polygon $solid): array => array_map($points, $solid->rings());

        return [
            'solids' => array_map($rings, $home->plans['G']->mass->solids),
            'ring' => $points($ring),
            'base' => array_slice($points($ring), 0, 2),
        ];
    }
}
