<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Review\MissingWords;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** Elements are called by what they are, their room and its side. */
final class NamesTest extends TestCase
{
    public function test_windows_of_all_four_walls_by_the_compass(): void
    {
        $home = static fn(?float $north): Home => Sketch::room(4000, 3000)->window(
            'w1',
            2000,
            900,
            1200,
            ['id' => 'a'],
        )->window('w2', 1500, 900, 1200, ['id' => 'b'])
            ->window('w3', 2000, 900, 1200, ['id' => 'c'])
            ->window('w4', 1500, 900, 1200, ['id' => 'd'])
            ->document(['north' => $north])
            ->home();
        $names = static fn(?float $north): array => array_values(self::names($home($north), SubjectType::Window));
        self::assertSame(['South window W4 of R', 'East window W3 of R', 'North window W1 of R', 'West window W2 of R'], $names(90));
        self::assertSame(
            ['East window W4 of R', 'North window W3 of R', 'West window W1 of R', 'South window W2 of R'],
            $names(0),
            'north is to the right',
        );
        self::assertSame(
            ['South-east window W4 of R', 'North-east window W3 of R', 'North-west window W1 of R', 'South-west window W2 of R'],
            $names(45),
        );
        self::assertSame(
            ['Lower window W4 of R', 'Right window W3 of R', 'Upper window W1 of R', 'Left window W2 of R'],
            $names(null),
        );
    }

    public function test_what_would_be_called_the_same_has_its_mark(): void
    {
        $home = Sketch::room(6000, 3000)
            ->add('soffits', ['id' => 's', 'outline' => [[2500, 2000], [3000, 2000], [3000, 2500], [2500, 2500]]])
            ->add('soffits', ['id' => 't', 'outline' => [[3500, 2000], [4000, 2000], [4000, 2500], [3500, 2500]]])
            ->document(['north' => 90])
            ->home();
        self::assertSame(['s' => 'Soffit SP1 in R', 't' => 'Soffit SP2 in R'], self::names($home, SubjectType::Soffit));
        $stubs = Sketch::room(6000, 3000)->wall([0, 1000], [500, 1000])->wall([0, 2000], [500, 2000]);
        $walls = self::names($stubs->home(), SubjectType::Wall);
        self::assertSame(['Wall W-104 in R', 'Wall W-103 in R'], [$walls['w5'], $walls['w6']]);
        self::assertSame('Upper wall of R', $walls['w3']);
    }

    public function test_rooms_of_one_name_are_told_apart_by_their_numbers(): void
    {
        $home = Sketch::room(6000, 3000)
            ->wall([2000, -100], [2000, 3100])
            ->use('s', 'bedroom', 1000, 1500, ['name' => 'r'])
            ->window('w3', 1500, 900, 1200, ['id' => 'n'])
            ->home();
        self::assertSame(['r' => 'R (102)', 's' => 'r (101)'], self::names($home, SubjectType::Room));
        self::assertSame(['n' => 'Upper window W1 of R (102)'], self::names($home, SubjectType::Window));
    }

    public function test_a_room_and_a_stair_that_nobody_named_are_called_by_their_marks(): void
    {
        $home = Sketch::room(6000, 3000)->sized('rooms', 'r', ['name' => 'r'])->home();
        self::assertSame(['r' => 'Room 101'], self::names($home, SubjectType::Room));
    }

    public function test_doors_walls_and_what_is_in_no_room(): void
    {
        $home = Sketch::room(6000, 3000)
            ->wall([2000, -100], [2000, 3100])
            ->use('h', 'hall', 1000, 1500)
            ->door('w5', 1500, 800)
            ->fixture('f', 'bath', 20000, 0, 90, 1700, 750)
            ->document(['north' => 90])
            ->home();
        self::assertSame(['d' => 'Door D1 between H and R'], self::names($home, SubjectType::Door));
        $walls = self::names($home, SubjectType::Wall);
        self::assertSame('Wall between H and R', $walls['w5']);
        self::assertSame(['South wall of H, R', 'East wall of R', 'West wall of H'], [$walls['w1'], $walls['w2'], $walls['w4']]);
        self::assertSame(['f' => 'Bath B1 outside the rooms of Ground'], self::names($home, SubjectType::Fixture));
    }

    public function test_what_is_missing_is_said_in_words(): void
    {
        $home = Sketch::room(4000, 3000)->window('w1', 2000, 900, 1200)->document(['north' => 90])->home();
        self::assertSame(
            [
                'the sill of the south window W1 of R',
                'the ceiling of R or the ceiling of Ground',
                'a row of the table',
                'the width of the well of the south window W1 of R',
            ],
            (new MissingWords($home))->of(['n.sill', 'r.ceiling or G.ceiling', 'a row of the table', 'n.well.width']),
        );
    }

    /** @return array<string, string> by id, in the order of the drawing */
    private static function names(Home $home, SubjectType $type): array
    {
        $subjects = $home->subjects($type);

        return array_combine(
            array_map(static fn(Subject $subject): string => $subject->id(), $subjects),
            array_map(static fn(Subject $subject): string => $subject->name(), $subjects),
        );
    }
}
