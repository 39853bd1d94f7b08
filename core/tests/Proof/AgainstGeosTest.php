<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\LayoutWriter;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Tests\RandomPlan;
use PHPUnit\Framework\TestCase;

/**
 * Rooms, holes and distances of 500 random plans (seeds 1 to 500) held against GEOS, a general geometry library, through
 * Shapely (Debian's python3-shapely). Areas agree to a millionth of a square metre, distances to a millionth of a metre.
 */
final class AgainstGeosTest extends TestCase
{
    private const PLANS = 500;
    private const PROBES = 5;

    public function test_areas_holes_and_distances_of_random_plans(): void
    {
        $homes = $asked = [];
        for ($seed = 1; $seed <= self::PLANS; ++$seed) {
            $json = json_encode(RandomPlan::document($seed, 2 + $seed % 14), JSON_THROW_ON_ERROR);
            $layout = (new LayoutReader())->read($json);
            $written = (new LayoutWriter())->write($layout);
            self::assertSame($written, (new LayoutWriter())->write((new LayoutReader())->read($written)), "seed {$seed}");
            $homes[$seed] = new Home($layout);
            $asked[$seed] = self::question($homes[$seed]);
        }
        $answers = self::geos($asked);
        foreach ($homes as $seed => $home) {
            self::assertAgrees($home, $asked[$seed]['probes'], $answers[$seed], $seed);
        }
    }

    /** Seeds 1 to 80: walls at any angle, T and X joints aslant; spaces with more than one point in them count as well. */
    public function test_areas_between_oblique_walls(): void
    {
        $homes = $asked = [];
        for ($seed = 1; $seed <= 80; ++$seed) {
            $homes[$seed] = new Home((new LayoutReader())->read(json_encode(RandomPlan::oblique($seed), JSON_THROW_ON_ERROR)));
            $asked[$seed] = [
                'walls' => array_map(static fn($wall): array => $wall->toArray(), $homes[$seed]->layout->storeys[0]->walls),
                'points' => array_map(static fn(RoomSpace $room): array => $room->room->at->toArray(), $homes[$seed]->rooms),
                'probes' => [],
            ];
        }
        foreach (self::geos($asked) as $seed => $answer) {
            foreach ($homes[$seed]->rooms as $number => $room) {
                $area = self::spaceAround($homes[$seed], $room);
                self::assertSame($answer['areas'][$number] === null, $area === null, "seed {$seed}, point {$number}");
                self::assertEqualsWithDelta(
                    ($answer['areas'][$number] ?? 0.0) / 1e6,
                    ($area ?? 0.0) / 1e6,
                    1e-6,
                    "seed {$seed}, point {$number}",
                );
            }
        }
    }

    private static function spaceAround(Home $home, RoomSpace $room): ?float
    {
        foreach ($home->plans['G']->spaces as $space) {
            if (in_array($room->room, $space->rooms, true)) {
                return $space->outline->area();
            }
        }

        return null;
    }

    /**
     * @return array{walls: list<array<string, mixed>>, points: list<array{float, float}>, probes: list<array{float, float}>}
     */
    private static function question(Home $home): array
    {
        $points = array_map(static fn(RoomSpace $room): array => $room->room->at->toArray(), $home->rooms);
        $probes = [];
        // inside the home only: at its outer corners walls are mitred here and cut off square there
        while (count($probes) < self::PROBES) {
            $at = $points[mt_rand(0, count($points) - 1)];
            $probe = new Point($at[0] + mt_rand(-2000, 2000), $at[1] + mt_rand(-2000, 2000));
            array_push($probes, ...($home->plans['G']->roomAt($probe) === null ? [] : [$probe->toArray()]));
        }

        return [
            'walls' => array_map(static fn($wall): array => $wall->toArray(), $home->layout->storeys[0]->walls),
            'points' => $points,
            'probes' => $probes,
        ];
    }

    /**
     * @param list<array{float, float}> $probes
     * @param array{areas: list<float|null>, holes: list<int|null>, distances: list<float>} $answer
     */
    private static function assertAgrees(Home $home, array $probes, array $answer, int $seed): void
    {
        $areas = array_map(static fn(RoomSpace $room): ?float => $room->outline()?->area(), $home->rooms);
        $holes = array_map(
            static fn(RoomSpace $room): ?int => $room->outline() === null ? null : count($room->outline()->holes),
            $home->rooms,
        );
        foreach ($areas as $number => $area) {
            self::assertNotNull($area, "seed {$seed}, room {$number}");
            self::assertEqualsWithDelta(($answer['areas'][$number] ?? 0.0) / 1e6, $area / 1e6, 1e-6, "seed {$seed}, room {$number}");
        }
        self::assertSame($answer['holes'], $holes, "seed {$seed}");
        $plan = $home->plans['G'];
        foreach ($probes as $number => [$x, $y]) {
            $point = new Point($x, $y);
            self::assertEqualsWithDelta(
                $answer['distances'][$number],
                $plan->mass->obstructions()->nearest($point)?->distance,
                1e-3,
                "seed {$seed}, probe {$number}",
            );
        }
    }

    /**
     * @param array<int, array<string, mixed>> $asked
     *
     * @return array<int, array{areas: list<float|null>, holes: list<int|null>, distances: list<float>}>
     */
    private static function geos(array $asked): array
    {
        /** @var list<array{areas: list<float|null>, holes: list<int|null>, distances: list<float>}> $answers as reference.py prints them */
        $answers = Geos::answers('reference.py', array_values($asked));

        return array_combine(array_keys($asked), $answers);
    }
}
