<?php

declare(strict_types=1);

namespace Heurema\Tests\Brief;

use Heurema\Brief\Brief;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

final class BriefTest extends TestCase
{
    public function test_wishes_are_kept_as_they_were_typed(): void
    {
        $brief = Brief::of([' 3 bedrooms ', 'the Kitchen beside the hall'], '- { id: x }');
        self::assertSame(['3 bedrooms', 'the Kitchen beside the hall'], $brief->sentences());
        self::assertSame(
            '3 bedrooms; the Kitchen beside the hall; rules of its own '.substr(hash('xxh32', '- { id: x }'), 0, 6),
            $brief->words(),
        );
        self::assertTrue(Brief::of([])->isEmpty());
        self::assertSame('none', Brief::of([])->words());
    }

    public function test_the_same_wished_twice_is_told_by_its_number(): void
    {
        self::assertNull(Brief::of(['the kitchen of 9 m2', 'the kitchen beside the hall', 'a kitchen of 12 m2'])->repeated());
        self::assertSame([2, 0], Brief::of(['bedrooms of 10 m2', '3 bedrooms', 'every bedroom of 12 m2'])->repeated());
        self::assertNull(Brief::of(['bedrooms of 10 m2', 'the largest bedroom of 14 m2'])->repeated());
    }

    /** A hall with the front door, a bedroom with a bath room behind it. */
    private static function row(): Sketch
    {
        return (new Sketch())->chain([[-100, -100], [9300, -100], [9300, 3100], [-100, 3100]])
            ->wall([3050, -100], [3050, 3100])->wall([6150, -100], [6150, 3100])
            ->use('h', 'hall', 1500, 1500)->use('b', 'bedroom', 4500, 1500)->use('w', 'bathroom', 7500, 1500)
            ->door('w4', 1600, 900, ['id' => 'front'])->door('w5', 1600, 800, ['id' => 'd1'])->door('w6', 1600, 750, ['id' => 'd2'])
            ->window('w1', 4600, 1200, 1200, ['id' => 'n1'])
            ->fixture('f', 'shower', 8700, 2500, 270, 900, 900);
    }

    public function test_every_kind_of_wish_is_decided_on_a_home(): void
    {
        foreach ([
            // a hall and a bathroom of 3 m by 3 m, a bedroom of the same
            '1 bedroom' => 'met', '2 bedrooms' => 'violated', 'no garage' => 'met', 'a study' => 'violated',
            'bedrooms of 9 m2' => 'met', 'bedrooms of 9.1 m2' => 'violated', 'bedrooms of 5 to 9 m2' => 'met',
            'bedrooms of 5 to 8.9 m2' => 'violated',
            'bedrooms 3 m wide' => 'met', 'bedrooms 3.01 m wide' => 'violated', 'bedrooms 3 m by 3.1 m' => 'violated',
            'the bathroom with a bath or a shower' => 'met', 'the bathroom with a bath' => 'violated',
            'the bathroom with a bath or a bidet' => 'violated', 'bedrooms without a shower' => 'met',
            'no bathroom with a shower' => 'violated',
            'a bathroom with a shower, beside a bedroom' => 'met', 'a bathroom with a shower, beside a hall' => 'violated',
            'a bathroom with a bath or a shower, of 8 to 9 m2' => 'met', 'a bathroom with a bath or a shower, of 5 to 8 m2' => 'violated',
            'the bedroom opening from the hall' => 'met', 'the bathroom opening from the hall' => 'violated',
            'the bedroom with its own bathroom' => 'met', 'the hall with its own bathroom' => 'violated',
            'the bathroom not through a bedroom' => 'violated', 'the bedroom not through a bathroom' => 'met',
            'the hall with its own outside door' => 'met', 'the bedroom with its own outside door' => 'violated',
            'the bedroom facing south' => 'met', 'the bedroom facing north' => 'violated', 'the bedroom facing north or south' => 'met',
            'the bedroom not facing south' => 'violated', 'the hall in the west' => 'met', 'the hall not in the west' => 'violated',
            'the bathroom not beside a hall or a kitchen' => 'met', 'the bedroom not beside a kitchen or a hall' => 'violated',
            'all doors 750 mm wide' => 'met', 'doors 760 mm wide' => 'violated', 'circulation at most 33.4 %' => 'met',
            'circulation 33 %' => 'violated',
            'all rooms together 27 m2' => 'met', 'all rooms together at most 26.9 m2' => 'violated', '1 storey' => 'met',
            '2 storeys' => 'violated',
            'the largest bedroom of 9 m2' => 'met', 'the largest bedroom of 10 m2' => 'violated', 'all rooms 2.4 m high' => 'met',
            'all rooms 2.5 m high' => 'violated',
        ] as $wish => $verdict) {
            self::assertSame($verdict, self::verdict($wish), $wish);
        }
    }

    /** The worst of all that a wish comes to. */
    private static function verdict(string $wish): string
    {
        $book = (new RuleBookReader(Catalogue::standard()))->read(Brief::of([$wish])->book(UnitSystem::Metric), Brief::ID);

        return (new Examiner(Catalogue::standard()))->examine(self::row()->home(), [$book])->worstFirst()[0]->verdict()->value;
    }
}
