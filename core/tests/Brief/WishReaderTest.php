<?php

declare(strict_types=1);

namespace Heurema\Tests\Brief;

use Heurema\Brief\Brief;
use Heurema\Brief\UnreadableWish;
use Heurema\Brief\WishReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Wishes as people say them: how they are understood, and the rules that they come to. */
final class WishReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> sentence, reading, ids of its rules */
    public static function sentences(): iterable
    {
        $all = [
            ['3 bedrooms', '3 bedrooms', ['bedroom-count']],
            ['two bathrooms', '2 bathrooms', ['bathroom-count']],
            ['1 study', '1 study', ['study-count']],
            ['at least 2 wcs', 'at least 2 toilet rooms', ['wc-count']],
            ['up to 4 bedrooms', 'at most 4 bedrooms', ['bedroom-count']],
            ['2 to 4 bedrooms', '2 to 4 bedrooms', ['bedroom-count']],
            ['no garage', 'no garages', ['garage-count']],
            ['the laundry', 'at least one laundry room', ['laundry-one']],
            ['a pantry', 'at least one pantry', ['pantry-one']],
            [
                '3 bedrooms of 10-14 m², each with a wardrobe',
                '3 bedrooms; each: 10 m² to 14 m² large; at least 1 wardrobe',
                ['bedroom-count', 'bedroom-area', 'bedroom-has-wardrobe'],
            ],
            ['bedrooms from 10 to 14 square metres', 'every bedroom: 10 m² to 14 m² large', ['bedroom-area']],
            ['bedrooms of 10 m2 or more', 'every bedroom: at least 10 m² large', ['bedroom-area']],
            ['bedrooms of at most 20 m2', 'every bedroom: at most 20 m² large', ['bedroom-area']],
            ['bedrooms not more than 20 m2', 'every bedroom: at most 20 m² large', ['bedroom-area']],
            ['bedrooms of no less than 10 m2', 'every bedroom: at least 10 m² large', ['bedroom-area']],
            ['bedrooms with no more than 2 windows', 'every bedroom: at most 2 windows', ['bedroom-has-window']],
            ['walk-in closets of 2 m2', 'every walk-in closet: at least 2 m² large', ['walk-in-closet-area']],
            ['2 to 3 storage rooms', '2 to 3 storage rooms', ['storage-count']],
            ['storage rooms of 3 m2', 'every storage room: at least 3 m² large', ['storage-area']],
            ['an entry beside a utility room', 'at least one entry; with all of this: beside a utility room', ['entry-one-beside-utility']],
            ['at least one bathroom', 'at least 1 bathroom', ['bathroom-count']],
            ['bedrooms with at least one window', 'every bedroom: at least 1 window', ['bedroom-has-window']],
            ['every bedroom at least 2.7 m wide', 'every bedroom: at least 2700 mm wide', ['bedroom-side']],
            ['each bedroom 2.7 to 4 m wide', 'every bedroom: 2700 mm to 4000 mm wide', ['bedroom-side']],
            [
                'each bedroom is 3 m by 4 m',
                'every bedroom: at least 3000 mm wide; at least 4000 mm long',
                ['bedroom-side', 'bedroom-length'],
            ],
            ['each bedroom is 4 x 3 m', 'every bedroom: at least 3000 mm wide; at least 4000 mm long', ['bedroom-side', 'bedroom-length']],
            ['all rooms at least 2.4 m high', 'every room: at least 2400 mm high', ['every-ceiling']],
            ['ceilings of 2.4 m', 'every room: at least 2400 mm high', ['every-ceiling']],
            ['every bedroom has doors at least 800 mm wide', 'every bedroom: doors at least 800 mm wide', ['bedroom-door']],
            ['the living room with 2 to 4 windows', 'at least one living room; each: 2 to 4 windows', ['living-one', 'living-has-window']],
            [
                'a bathroom with a bath or a shower',
                'at least one bathroom; with all of this: at least 1 bath or at least 1 shower',
                ['bathroom-one-has-bath-shower'],
            ],
            ['every bedroom without a television', 'every bedroom: no television', ['bedroom-no-television']],
            [
                'the kitchen beside the dining room, not beside the garage or a bathroom',
                'at least one kitchen; each: beside a dining room; not beside a garage or a bathroom',
                ['kitchen-one', 'kitchen-beside-dining', 'kitchen-not-beside-garage-bathroom'],
            ],
            [
                'the study opens from the hall and has its own outside door',
                'at least one study; each: opening from a hall; an outside door of its own',
                ['study-one', 'study-opens-hall', 'study-outside-door'],
            ],
            ['no bathroom opening from the kitchen', 'every bathroom: not opening from a kitchen', ['bathroom-not-opens-kitchen']],
            ['bedrooms not through the kitchen', 'every bedroom: reached without crossing a kitchen', ['bedroom-not-through-kitchen']],
            [
                'the main bedroom with a bathroom of its own',
                'at least one bedroom; the largest: a bathroom of its own',
                ['bedroom-one', 'bedroom-largest-own-bathroom'],
            ],
            ['bedrooms with their own walk-in closet', 'every bedroom: a walk-in closet of its own', ['bedroom-own-walk-in-closet']],
            [
                'the living room overlooking the terrace, facing south or west',
                'at least one living room; each: overlooking a terrace; a window to the south or west',
                ['living-one', 'living-overlooks-terrace', 'living-faces-south-west'],
            ],
            ['bedrooms not facing north', 'every bedroom: no window to the north', ['bedroom-not-faces-north']],
            [
                'the lounge in the south-east or the centre',
                'at least one living room; each: in the south-east or centre of the home',
                ['living-one', 'living-sector'],
            ],
            ['bathrooms not in the southwest', 'every bathroom: not in the south-west of the home', ['bathroom-sector']],
            [
                'home office of 8 m2 with a desk',
                'at least one study; each: at least 8 m² large; at least 1 desk',
                ['study-one', 'study-area', 'study-has-desk'],
            ],
            ['all rooms together 90 to 120 m2', 'all rooms together 90 m² to 120 m²', ['total']],
            ['120 m2 in all', 'all rooms together at least 120 m²', ['total']],
            [
                'the home: 90 to 120 m2, circulation 15 percent, storage of 4 m2, on 2 storeys',
                'all rooms together 90 m² to 120 m²; circulation at most 15 % of the floor of all rooms; '
                .'storage rooms, pantries and closets at least 4 m² together; 2 storeys',
                ['total', 'circulation', 'storage', 'storeys'],
            ],
        ];
        foreach ($all as $one) {
            yield $one[0] => $one;
        }
    }

    /** @param list<string> $ids */
    #[DataProvider('sentences')]
    public function test_it_is_understood(string $sentence, string $reading, array $ids): void
    {
        $wish = (new WishReader())->read($sentence);
        self::assertSame($reading, implode('; ', $wish->says(UnitSystem::Metric)));
        self::assertSame($ids, array_column($wish->rules(), 'id'));
        $book = (new RuleBookReader(Catalogue::standard()))->read((new Brief([$wish]))->book(UnitSystem::Metric), Brief::ID);
        self::assertCount(count($ids), $book->rules, 'its rules are read');
    }

    public function test_feet_and_inches_are_read_however_they_are_written(): void
    {
        foreach (['8\'-6"', '8 ft 6 in', '8’ 6”', '8 feet 6 inches', '102 in'] as $length) {
            $wish = (new WishReader())->read("every bedroom at least {$length} wide");
            self::assertSame(['every bedroom: at least 8\'-6" wide'], $wish->says(UnitSystem::Imperial), $length);
        }
        foreach (['120 sq ft', '120 square feet', '120 sqft'] as $area) {
            self::assertSame(
                ['every bedroom: at least 120 sq ft large'],
                (new WishReader())->read("bedrooms of {$area}")->says(UnitSystem::Imperial),
            );
        }
        self::assertSame(
            ['every bedroom: 100 sq ft to 140 sq ft large'],
            (new WishReader())->read('bedrooms of 100 to 140 sq ft')->says(UnitSystem::Imperial),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $all = [
            ['', 'Nothing is wished.'],
            ['3 bedroms', '“bedroms” is no room that can be wished for. Nearest: bedrooms.'],
            ['3', 'Say of which rooms, or of the home.'],
            ['bedrooms', 'What is wished of the bedrooms? How many, how large, with what, beside which room …'],
            ['all rooms', 'What is wished of all rooms? How high, how wide, with how many windows …'],
            ['the kitchen with a dragon', '“dragon” is not understood. Nearest: basin.'],
            ['3 bedrooms and 2 bathrooms', 'Is “bathrooms” beside it, opening from it, its own? Other rooms have a line of their own.'],
            ['the kitchen beside', 'Which room?'],
            ['the kitchen beside the moon', '“moon” is no room. Nearest: lounge.'],
            ['bedrooms of 14 to 10 m2', '“14 m2 to 10 m2” ends before it begins.'],
            ['bedrooms of 3 m to 10 m2', '“3 m” and “10 m2” are not of one kind.'],
            ['bedrooms of 3 m', 'Is that wide, long or high? Say 3 m wide, or 3 m by 4 m.'],
            ['bedrooms of 10 %', 'A room has an area, a width, a length and a height.'],
            ['10 m2 bedrooms', '“bedrooms” is nothing that can be wished of the home as a whole.'],
            ['4 to 2 bedrooms', '“4 to 2” ends before it begins.'],
            ['the home', 'Of the home one wishes an area in all, a share of circulation, storage, or storeys.'],
            ['circulation of 12 m2', 'Circulation: a share, such as at most 15 %.'],
            ['bedrooms of 10 m2 and of 12 m2', 'Area: wished twice.'],
            [
                'bedrooms in the kitchen',
                '“kitchen” is no side of a home: north, north-east, east, south-east, south, south-west, west, north-west, centre.',
            ],
            ['no bedroom of 10 m2', 'Sizes are wished without “no” and “not”: at least so much, or at most so much.'],
            ['bedrooms not 3 m wide', 'Sizes are wished without “no” and “not”: at least so much, or at most so much.'],
            ['bedrooms without doors of 800 mm', 'Sizes are wished without “no” and “not”: at least so much, or at most so much.'],
            ['no bedroom facing north beside the hall', 'One thing at a time after “no”.'],
        ];
        foreach ($all as $one) {
            yield "“{$one[0]}”" => $one;
        }
    }

    #[DataProvider('refused')]
    public function test_what_is_no_wish_is_refused_with_the_word_that_is_not_understood(string $sentence, string $message): void
    {
        $this->expectExceptionObject(new UnreadableWish($message));
        (new WishReader())->read($sentence);
    }
}
