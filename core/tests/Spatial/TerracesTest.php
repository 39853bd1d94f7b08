<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Point;
use Heurema\Spatial\Home;
use Heurema\Spatial\OpenEdge;
use Heurema\Spatial\OutsideLevel;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ground that is made level before a room of 4 by 3 m whose floor lies 1 m above it. */
final class TerracesTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{int, int}>}> a door in the middle of each wall, and a terrace of 2 m before it */
    public static function sides(): iterable
    {
        yield 'front' => ['w1', [[0, -2200], [4000, -2200], [4000, -200], [0, -200]]];
        yield 'right' => ['w2', [[4200, 0], [6200, 0], [6200, 3000], [4200, 3000]]];
        yield 'back' => ['w3', [[0, 3200], [4000, 3200], [4000, 5200], [0, 5200]]];
        yield 'left' => ['w4', [[-2200, 0], [-200, 0], [-200, 3000], [-2200, 3000]]];
    }

    /** @param list<array{int, int}> $outline */
    #[DataProvider('sides')]
    public function test_a_door_leads_onto_it(string $wall, array $outline): void
    {
        $with = self::home($wall, [self::terrace($outline, -150)]);
        self::assertSame(850.0, OutsideLevel::of($with->openings[0], $with)->elevation);
        foreach (['w1', 'w2', 'w3', 'w4'] as $other) {
            $home = self::home($other, [self::terrace($outline, -150)]);
            self::assertSame($other === $wall ? 850.0 : 0.0, OutsideLevel::of($home->openings[0], $home)->elevation, $other);
        }
        // drawn clockwise it is the same
        $turned = self::home($wall, [self::terrace(array_reverse($outline), -150)]);
        self::assertSame(850.0, OutsideLevel::of($turned->openings[0], $turned)->elevation);
    }

    /** @param list<array{int, int}> $outline */
    #[DataProvider('sides')]
    public function test_three_of_its_edges_are_open_and_the_wall_closes_the_fourth(string $wall, array $outline): void
    {
        $edges = self::edges(self::home($wall, [self::terrace($outline, -150)]));
        self::assertCount(3, $edges);
        self::assertSame([850.0], array_values(array_unique(array_map(static fn(OpenEdge $one): float => $one->drop, $edges))));
        self::assertSame([], self::edges(self::home($wall, [self::terrace($outline, -980)])), 'no more than a step');
        self::assertCount(3, self::edges(self::home($wall, [self::terrace($outline, -979)])));
    }

    /** A lower terrace before half of the upper one's edge. */
    public function test_beside_another_terrace_one_falls_less_far(): void
    {
        $upper = [[0, -2200], [4000, -2200], [4000, -200], [0, -200]];
        $lower = [[0, -4200], [2000, -4200], [2000, -2200], [0, -2200]];
        $edges = self::edges(self::home('w1', [self::terrace($upper, -100), [...self::terrace($lower, -500), 'id' => 'te2']]));
        $front = array_values(array_filter(
            $edges,
            static fn(OpenEdge $one): bool => abs($one->line->from->y + 2200) < 1 && abs($one->line->to->y + 2200) < 1,
        ));
        usort($front, static fn(OpenEdge $a, OpenEdge $b): int => $a->drop <=> $b->drop);
        self::assertSame(
            [[2000.0, 400.0], [2000.0, 900.0]],
            array_map(static fn(OpenEdge $one): array => [$one->line->length(), $one->drop], $front),
        );
        self::assertCount(7, $edges);
    }

    public function test_of_two_that_overlap_the_higher_one_counts(): void
    {
        $outline = [[0, -2200], [4000, -2200], [4000, -200], [0, -200]];
        foreach ([[-150, -300], [-300, -150]] as [$one, $other]) {
            $home = self::home('w1', [self::terrace($outline, $one), [...self::terrace($outline, $other), 'id' => 'te2']]);
            self::assertSame(850.0, $home->ground()->at(new Point(2000, -1000)));
        }
        $one = self::home('w1', [self::terrace($outline, -150)]);
        self::assertSame(0.0, $one->ground()->at(new Point(2000, -3000)));
    }

    public function test_its_level_is_missing_by_its_name(): void
    {
        $outline = [[0, -2200], [4000, -2200], [4000, -200], [0, -200]];
        $home = self::home('w1', [['id' => 'te1', 'outline' => $outline]]);
        self::assertSame(['te1.level'], $home->openEdges($home->plans['G'])->missing);
        self::assertSame(0.0, $home->ground()->at(new Point(2000, -1000)));
    }

    /**
     * @param list<array{int, int}> $outline
     *
     * @return array<string, mixed>
     */
    private static function terrace(array $outline, float $level): array
    {
        return ['id' => 'te1', 'name' => 'Terrace', 'outline' => $outline, 'level' => $level];
    }

    /** @param list<array<string, mixed>> $terraces */
    private static function home(string $wall, array $terraces): Home
    {
        return Sketch::room(4000, 3000, 'living')
            ->with(['elevation' => 1000, 'terraces' => $terraces])
            ->door($wall, in_array($wall, ['w1', 'w3'], true) ? 2100 : 1600, 900)
            ->home();
    }

    /** @return list<OpenEdge> */
    private static function edges(Home $home): array
    {
        return $home->openEdges($home->plans['G'])->found;
    }
}
