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
        self::assertSame(['South window of R', 'East window of R', 'North window of R', 'West window of R'], $names(90));
        self::assertSame(
            ['East window of R', 'North window of R', 'West window of R', 'South window of R'],
            $names(0),
            'north is to the right',
        );
        self::assertSame(
            ['South-east window of R', 'North-east window of R', 'North-west window of R', 'South-west window of R'],
            $names(45),
        );
        self::assertSame(['Lower window of R', 'Right window of R', 'Upper window of R', 'Left window of R'], $names(null));
    }

    public function test_what_would_be_called_the_same_is_counted_from_the_left(): void
    {
        $home = Sketch::room(6000, 3000)
            ->window('w3', 1500, 900, 1200, ['id' => 'right'])
            ->window('w3', 4500, 900, 1200, ['id' => 'left'])
            ->document(['north' => 90])
            ->home();
        self::assertSame(
            ['right' => 'Second north window of R', 'left' => 'First north window of R'],
            self::names($home, SubjectType::Window),
        );
        $many = Sketch::room(20000, 3000);
        foreach (range(1, 22) as $number) {
            $many = $many->fixture("c{$number}", 'chair', $number * 800, 1500, 90, 450, 450);
        }
        $names = array_values(self::names($many->home(), SubjectType::Fixture));
        self::assertSame(
            ['First chair in R', 'Tenth chair in R', '11th chair in R', '21st chair in R', '22nd chair in R'],
            [$names[0], $names[9], $names[10], $names[20], $names[21]],
        );
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
        self::assertSame(['d' => 'Door between H and R'], self::names($home, SubjectType::Door));
        $walls = self::names($home, SubjectType::Wall);
        self::assertSame('Wall between H and R', $walls['w5']);
        self::assertSame(['South wall of H, R', 'East wall of R', 'West wall of H'], [$walls['w1'], $walls['w2'], $walls['w4']]);
        self::assertSame(['f' => 'Bath outside the rooms of Ground'], self::names($home, SubjectType::Fixture));
    }

    public function test_what_is_missing_is_said_in_words(): void
    {
        $home = Sketch::room(4000, 3000)->window('w1', 2000, 900, 1200)->document(['north' => 90])->home();
        self::assertSame(
            [
                'the sill of the south window of R',
                'the ceiling of R or the ceiling of Ground',
                'a row of the table',
                'the width of the well of the south window of R',
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
