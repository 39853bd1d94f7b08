<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\KnownWords;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableExpression;
use Heurema\Rulebook\UnreadableRuleBook;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A word that nobody knows is refused with the one that was meant. */
final class KnownWordsTest extends TestCase
{
    private const USES = ['bedroom', 'bathroom', 'kitchen', 'living_room', 'store'];

    #[TestWith(['bedrom', 'bedroom'])]
    #[TestWith(['bathroms', 'bathroom'])]
    #[TestWith(['living', 'living_room'])]
    #[TestWith(['storeroom', 'store'])]
    #[TestWith(['', 'store'])]
    public function test_the_nearest_one(string $word, string $nearest): void
    {
        self::assertSame($nearest, KnownWords::nearest($word, self::USES));
    }

    /** Of what is longer than sixty letters the beginning is compared. */
    public function test_a_very_long_word(): void
    {
        self::assertSame('kitchen', KnownWords::nearest('kitchen'.str_repeat(' ', 500).'store', self::USES));
    }

    public function test_any_word_where_none_is_known(): void
    {
        KnownWords::check('anything', [], 'room.use');
        KnownWords::check('store', self::USES, 'room.use');
        $this->expectException(UnreadableExpression::class);
        $this->expectExceptionMessage('room.use is never "stor"; did you mean "store"?');
        KnownWords::check('stor', self::USES, 'room.use');
    }

    /** A quantity that a book names knows the words of its measure. */
    public function test_words_of_a_quantity_with_a_name(): void
    {
        $book = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\n"
            ."quantities:\n  door.way_up: { measure: door.hall_approach }\nrules:\n"
            ."  - { id: a, clause: '1', title: T, subject: door, when: \"door.way_up == '%s'\", measure: door.width, at_least: 1 m,"
            ." why: w, source: s }\n";
        $reader = new RuleBookReader(Catalogue::standard());
        self::assertCount(1, $reader->read(sprintf($book, 'side_on'), 'b.yaml')->rules);
        $this->expectException(UnreadableRuleBook::class);
        $this->expectExceptionMessage('did you mean "side_on"?');
        $reader->read(sprintf($book, 'side_one'), 'b.yaml');
    }
}
