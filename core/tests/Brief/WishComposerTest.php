<?php

declare(strict_types=1);

namespace Heurema\Tests\Brief;

use Heurema\Brief\FixtureWords;
use Heurema\Brief\RoomWords;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\WishComposer;
use Heurema\Brief\WishReader;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Compass;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

final class WishComposerTest extends TestCase
{
    public function test_whatever_is_chosen_makes_a_sentence_that_is_understood(): void
    {
        $read = 0;
        $uses = array_map(static fn(RoomUse $use): string => $use->value, RoomUse::cases());
        foreach (UnitSystem::cases() as $units) {
            $composer = new WishComposer($units);
            foreach (array_keys(WishComposer::OF_ROOMS) as $about) {
                foreach (self::others($about) as $number => $other) {
                    foreach ([
                        [$uses[$number % count($uses)], 'every'],
                        ['study', 'one'],
                        ['entry', 'largest'],
                        ['every', 'every'],
                    ] as [$of, $which]) {
                        if ($about === 'count' && $of === 'every') {
                            continue;
                        }
                        foreach ([['2', '3', $other, false], ['2', '', '', true]] as [$from, $to, $or, $isNot]) {
                            $sentence = $composer->compose($of, $which, $about, $isNot, $from, $to, $other, $or);
                            $ids = array_column((new WishReader())->read($sentence)->rules(), 'id');
                            self::assertSame(array_unique($ids), $ids, $sentence);
                            ++$read;
                        }
                    }
                }
            }
            foreach (array_keys(WishComposer::OF_HOME) as $about) {
                $sentence = $composer->compose('home', '', $about, false, '', '12', '', '');
                self::assertCount(1, (new WishReader())->read($sentence)->rules(), $sentence);
            }
        }
        self::assertGreaterThan(2000, $read);
    }

    public function test_what_it_makes_of_bare_numbers_and_of_choices(): void
    {
        $metric = new WishComposer(UnitSystem::Metric);
        $imperial = new WishComposer(UnitSystem::Imperial);
        self::assertSame('every bedroom with 10 m2 to 14 m2', $metric->compose('bedroom', 'every', 'area', false, '10', '14', '', ''));
        self::assertSame('every bedroom with at least 9 ft wide', $imperial->compose('bedroom', 'every', 'side', false, '9', '', '', ''));
        self::assertSame('2 to 3 bedrooms', $metric->compose('bedroom', 'every', 'count', false, '2', '3', '', ''));
        self::assertSame('a bathroom with a bath or a shower', $metric->compose('bathroom', 'one', 'has', false, '', '', 'bath', 'shower'));
        self::assertSame(
            'the largest bedroom with its own bathroom',
            $metric->compose('bedroom', 'largest', 'own', false, '', '', 'bathroom', ''),
        );
        self::assertSame('every kitchen not beside the garage', $metric->compose('kitchen', 'every', 'beside', true, '', '', 'garage', ''));
        self::assertSame('circulation at most 15 %', $metric->compose('home', '', 'circulation', false, '', '15', '', ''));
    }

    public function test_what_is_missing_is_asked_for(): void
    {
        $composer = new WishComposer(UnitSystem::Metric);
        foreach ([
            ['bedroom', 'area', ''],
            ['bedroom', 'beside', ''],
            ['bedroom', 'has', ''],
            ['bedroom', 'faces', ''],
            ['every', 'count', '2'],
            ['home', 'beside', ''],
            ['bedroom', 'nothing', ''],
        ] as [$of, $about, $from]) {
            try {
                $composer->compose($of, 'every', $about, false, $from, '', '', '');
                self::fail("{$about} of {$of} was taken.");
            } catch (UnreadableWish $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    /** @return list<string> */
    private static function others(string $about): array
    {
        return match ($about) {
            'has' => array_keys(FixtureWords::choices()),
            'own', 'opens', 'beside', 'through', 'overlooks' => array_keys(RoomWords::choices()),
            'sector' => WishComposer::places(),
            'faces' => Compass::SIDES,
            default => array_fill(0, 30, ''),
        };
    }
}
