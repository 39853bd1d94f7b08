<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Drafting\CollinearWalls;
use Heurema\Drafting\MoveWall;
use Heurema\Drafting\WallDistances;
use Heurema\Drafting\WallMeetings;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Edited;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Intake\RoomList;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\RandomPlan;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Whichever wall of whichever home is moved, by whatever distance: either it is refused with a reason and nothing changes, or the same
 * rooms are closed, what grows and shrinks are the rooms on its two sides, each by length times distance, openings are where they were,
 * and undoing gives the same bytes.
 *
 * The suite tries some homes, `bin/proof` those of the demonstration and 200 made ones: from lists of rooms, split rectangles turned by
 * any angle, oblique ones, some with walls cut in two and with ends that stand on faces, off centre lines and short of them.
 */
#[Group('proof')]
final class MovingWallsTest extends TestCase
{
    private const SAMPLED = 7;
    private const DISTANCES = [10.0, -10.0, 137.0, -137.0, 500.0, -500.0];

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        $files = glob(__DIR__.'/../../../database/demo/*.json');
        $cases = [
            ...($files === false ? [] : $files),
            ...array_map(
                static fn(int $seed): string => ['list', 'furnished', 'turned', 'oblique', 'rough', 'rough turned'][$seed % 6]." {$seed}",
                range(1, 200),
            ),
        ];
        foreach (ProofPart::of($cases, self::SAMPLED) as $case) {
            yield basename($case) => [$case];
        }
    }

    #[DataProvider('homes')]
    public function test_rooms_stay_closed(string $case): void
    {
        $layout = self::layout($case);
        [$moved, $refused] = [0, 0];
        foreach ($layout->storeys as $storey) {
            foreach ($storey->walls as $wall) {
                foreach (self::DISTANCES as $number => $distance) {
                    // now and then the person chooses what walls in line do
                    $inLine = [null, CollinearWalls::Follow, CollinearWalls::Stay][($number + count($storey->walls)) % 3];
                    $edited = $this->tried(
                        $layout,
                        new MoveWall($wall->id, $distance, $inLine),
                        $inLine === CollinearWalls::Stay || str_starts_with($case, 'oblique') ? 0.0 : abs($distance),
                    );
                    if ($edited === null) {
                        ++$refused;
                    } else {
                        ++$moved;
                        $this->holds($layout, $edited, $storey, $wall, $distance, "{$wall->id} by {$distance} ".($inLine->value ?? ''));
                    }
                }
            }
        }
        self::assertGreaterThan($refused, $moved);
    }

    #[DataProvider('homes')]
    public function test_typed_distances_come_about_exactly(string $case): void
    {
        $layout = self::layout($case);
        $measured = 0;
        foreach (array_keys((new Home($layout))->plans) as $number => $id) {
            $plan = (new Home($layout))->plans[$id];
            foreach ($plan->storey->walls as $place => $wall) {
                foreach (WallDistances::of($plan, $wall) as $distance) {
                    $wanted = round($distance->of(WallDatum::Finished) + [73.0, -61.3, 10.0][$place % 3], 1);
                    $edited = $this->tried(
                        $layout,
                        $place % 2 === 0
                            ? new MoveWall($wall->id, $distance->moveOwn($wanted, WallDatum::Finished))
                            : new MoveWall($distance->other->id, $distance->moveOther($wanted, WallDatum::Finished)),
                        100.0,
                    );
                    $now = $edited?->layout->storeys[$number];
                    $measured += $now === null ? 0 : 1;
                    self::assertEqualsWithDelta(
                        $now === null ? 0.0 : $wanted,
                        $now === null
                            ? 0.0
                            : WallDatum::Finished->between(
                                $now->wall($wall->id) ?? $wall,
                                $now->wall($distance->other->id) ?? $distance->other,
                            ),
                        0.05,
                        $wall->id,
                    );
                }
            }
        }
        self::assertTrue($measured > 0 || str_starts_with($case, 'oblique'));
    }

    /** @param float $distance 10: it may hardly be refused */
    private function tried(Layout $layout, MoveWall $edit, float $distance): ?Edited
    {
        try {
            return (new Editor())->apply($layout, $edit);
        } catch (RefusedEdit $e) {
            self::assertMatchesRegularExpression('/would (not stay closed|hang over|stand in|be left)|is locked/', $e->getMessage());
            // so little is only refused for an opening's sake, or where a pocket that nobody named is closed by a hair
            self::assertTrue(
                $distance !== 10.0 || preg_match('/would (hang over|stand in)|is locked|^A space would/', $e->getMessage()) === 1,
                $e->getMessage(),
            );

            return null;
        }
    }

    private function holds(Layout $layout, Edited $edited, Storey $storey, Wall $wall, float $distance, string $what): void
    {
        [$before, $after] = [new Home($layout), new Home($edited->layout)];
        $moving = self::moving($storey, $edited->layout, $wall, $distance);
        self::assertContains($wall->id, $moving, $what);
        // where one wall in line goes and the other stays, the wall between is drawn out: as thick as it is; listed rooms have doubled
        // walls, and sides of oblique ones grow and shrink
        $jog = self::leavesBehind($storey, $moving) || preg_match('/^(Listed|Oblique)/', $layout->name) === 1
            ? 2 * abs($distance) * max(0.0, ...array_map(static fn(Wall $one): float => $one->thickness, $storey->walls))
            : 0.0;
        foreach ($before->rooms as $number => $room) {
            $now = $after->rooms[$number];
            self::assertSame($room->outlineProblem() === null, $now->outlineProblem() === null, "{$what}: {$room->id()}");
            if ($room->outline() !== null && $now->outline() !== null) {
                $along = $wall->line()->direction()->left()->times($distance);
                [$least, $most] = self::growth(self::across($room, $moving), self::across($now, $moving), $along);
                [$least, $most] = [$least - $jog, $most + $jog];
                $grown = $now->outline()->area() - $room->outline()->area();
                self::assertTrue(
                    $grown >= $least - 2.0 && $grown <= $most + 2.0,
                    sprintf('%s: %s grew by %.1f, not by %.1f to %.1f', $what, $room->id(), $grown, $least, $most),
                );
            }
        }
        self::assertSame(array_column(self::openings($before, $moving), 'id'), array_column(self::openings($after, $moving), 'id'));
        self::assertEqualsWithDelta(
            array_column(self::openings($before, $moving), 'at'),
            array_column(self::openings($after, $moving), 'at'),
            0.01,
            $what,
        );
        self::assertSame(
            json_encode($layout->toArray()),
            json_encode((new Editor())->apply($edited->layout, $edited->patch->reversed())->layout->toArray()),
            $what,
        );
    }

    /** @return list<string> the wall and those in line that went with it */
    private static function moving(Storey $storey, Layout $after, Wall $wall, float $distance): array
    {
        $across = $wall->line()->direction()->left();
        $now = $after->storey($storey->id) ?? throw new \LogicException('A storey was lost.');
        $moving = [];
        foreach ($storey->walls as $one) {
            $its = $now->wall($one->id) ?? throw new \LogicException('A wall was lost.');
            $isAlong = abs($one->line()->direction()->cross($wall->line()->direction())) < 0.1;
            if (
                $isAlong
                && abs($its->from->minus($one->from)->dot($across) - $distance) < 0.01
                && abs($its->to->minus($one->to)->dot($across) - $distance) < 0.01
            ) {
                $moving[] = $one->id;
            }
        }

        return $moving;
    }

    /**
     * Does a wall in line with one that moves stay?
     *
     * @param list<string> $moving
     */
    private static function leavesBehind(Storey $storey, array $moving): bool
    {
        $meetings = new WallMeetings($storey);
        foreach ($moving as $id) {
            $wall = $storey->wall($id) ?? throw new \LogicException('A wall was lost.');
            foreach (WallMeetings::ENDS as $end) {
                foreach ($meetings->inLine($wall, $end) as [$other]) {
                    if (!in_array($other->id, $moving, true)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * How long a room's sides on the moving walls are, by which way the room lies from them.
     *
     * @param list<string> $moving
     *
     * @return list<Point> for each side, along the outward normal and as long as the side
     */
    private static function across(RoomSpace $room, array $moving): array
    {
        $sides = [];
        foreach ($room->sides() as $side) {
            if (in_array($side->wall->id, $moving, true)) {
                $sides[] = $side->segment->vector()->left()->times(-1);
            }
        }

        return $sides;
    }

    /**
     * @param list<Point> $before
     * @param list<Point> $after
     *
     * @return array{float, float} at least and at most, mm²: from the length that the sides had to the length that they have
     */
    private static function growth(array $before, array $after, Point $by): array
    {
        // what faces the movement and what lies behind it counts for itself
        $bounds = [0.0, 0.0];
        foreach ([1, -1] as $way) {
            $facing = static fn(Point $side): float => max(0.0, $way * $side->dot($by));
            [$was, $is] = [$way * array_sum(array_map($facing, $before)), $way * array_sum(array_map($facing, $after))];
            $bounds = [$bounds[0] + min($was, $is), $bounds[1] + max($was, $is)];
        }

        return $bounds;
    }

    /**
     * @param list<string> $moving
     *
     * @return list<array{id: string, at: float}> two numbers for each opening in a wall that stays, of its middle
     */
    private static function openings(Home $home, array $moving): array
    {
        $places = [];
        foreach ($home->openings as $opening) {
            foreach (in_array($opening->wall->id, $moving, true) ? [] : $opening->middle()->toArray() as $number) {
                $places[] = ['id' => $opening->id(), 'at' => $number];
            }
        }

        return $places;
    }

    private static function layout(string $case): Layout
    {
        [$seed, $kind] = [(int) substr((string) strrchr($case, ' '), 1), (string) preg_replace('/ \d+$/', '', $case)];
        $document = match (true) {
            str_ends_with($case, '.json') => (string) file_get_contents($case),
            $kind === 'list' => self::listed($seed),
            $kind === 'furnished' => FurnishedPlan::document($seed, 8),
            $kind === 'oblique' => RandomPlan::oblique($seed),
            $kind === 'turned' => RandomPlan::document($seed, 9),
            default => self::roughly(RandomPlan::document($seed, 9, $kind === 'rough turned'), $seed),
        };

        return (new LayoutReader())->read(is_string($document) ? $document : json_encode($document, JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    private static function listed(int $seed): array
    {
        mt_srand($seed);
        $lines = array_map(
            static fn(int $number): string => "Bedroom {$number} ".mt_rand(18, 52).'00 x '.mt_rand(18, 52).'00',
            range(1, mt_rand(2, 9)),
        );
        $rooms = (new RoomList(UnitSystem::Metric))->read(implode("\n", $lines));

        return (new RoomArrangement(UnitSystem::Metric, 240, 100))->layout("Listed {$seed}", $rooms)->toArray();
    }

    /**
     * The same home as it is drawn by hand: ends on faces, a little short or beyond, walls cut in two.
     *
     * @param array<string, mixed> $document of one storey
     *
     * @return array<string, mixed>
     */
    private static function roughly(array $document, int $seed): array
    {
        mt_srand($seed);
        /**
         * @var array{
         *     array{walls: list<array{id: string, from: array{float, float}, to: array{float, float}, thickness: float, type: string}>},
         * } $storeys
         *     as RandomPlan makes them
         */
        $storeys = $document['storeys'];
        $drawn = [];
        foreach ($storeys[0]['walls'] as $wall) {
            $line = new Segment(new Point(...$wall['from']), new Point(...$wall['to']));
            $off = static fn(): float => $wall['type'] === 'interior' && $line->length() > 500
                ? [0.0, 4.0, -35.0, 9.0, -20.0][mt_rand(0, 4)]
                : 0.0;
            [$from, $to] = [$line->at($off()), $line->at($line->length() - $off())];
            $cut = $line->length() > 3000 && mt_rand(0, 2) === 0 ? $line->at($line->length() * (0.3 + 0.4 * mt_rand(0, 100) / 100)) : null;
            foreach ($cut === null ? [[$from, $to]] : [[$from, $cut], [$cut, $to]] as $piece => [$start, $end]) {
                $drawn[] = [
                    ...$wall,
                    'id' => $wall['id'].['', 'b'][$piece],
                    'from' => [round($start->x, 4), round($start->y, 4)],
                    'to' => [round($end->x, 4), round($end->y, 4)],
                ];
            }
        }
        $storeys[0]['walls'] = $drawn;

        return [...$document, 'storeys' => $storeys];
    }
}
