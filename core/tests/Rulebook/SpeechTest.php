<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Expression;
use Heurema\Rulebook\Language\Setting;
use Heurema\Rulebook\Vocabulary;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Conditions and limits in words. */
final class SpeechTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function expressions(): iterable
    {
        yield 'a word' => ["room.use == 'walk_in_closet'", 'the use is walk in closet'];
        yield 'another word' => ["room.use != 'hall'", 'the use is not hall'];
        yield 'a list' => ["room.use in ['hall', 'entry', 'stair']", 'the use is hall, entry or stair'];
        yield 'none of a list' => ["not (room.use in ['hall', 'entry'])", 'the use is not hall or entry'];
        yield 'yes and no' => ['door.to_outside and not door.glazed', 'it leads outside and it is not glazed'];
        yield 'both turned round' => ['not (door.to_outside and door.glazed)', 'it does not lead outside or it is not glazed'];
        yield 'either within' => [
            '(room.lit or room.wet) and room.exhaust',
            'either it has electric light or it gets wet and it has an exhaust',
        ];
        yield 'an amount' => ['room.floor_area >= 7 m2', 'the floor area is at least 7 m²'];
        yield 'an amount turned round' => ['not (room.floor_area >= 7 m2)', 'the floor area is less than 7 m²'];
        yield 'a count of none' => ['door.storeys_up == 0', 'it is on the entrance storey'];
        yield 'several' => ['stair.handrails > 1', 'the handrails are more than 1'];
        yield 'a setting' => ['settings.public_way', 'the project says public way'];
        yield 'no setting' => ['not settings.public_way', 'the project says nothing of public way'];
        yield 'a sum' => ['room.least_width + 1 m', 'the least width and 1000 mm'];
        yield 'a difference' => ['room.least_width - 1 m', 'the least width less 1000 mm'];
        yield 'a product' => ['room.least_width * 2', 'the least width times 2'];
        yield 'a quotient' => ['room.least_width / 2', 'the least width divided by 2'];
        yield 'a share' => ['8 % of room.floor_area', '8 % of the floor area'];
        yield 'a branch within a calculation' => [
            '(room.lit ? 10 % : 20 %) * room.floor_area',
            '20 % of the floor area, as it has no electric light',
        ];
        yield 'the branch that is taken, and why' => [
            "room.use == 'hall' ? 1 m : (room.lit ? 2 m : 3 m)",
            '3000 mm, as it has no electric light',
        ];
    }

    #[DataProvider('expressions')]
    public function test_expressions_are_said_as_one_would(string $text, string $words): void
    {
        $vocabulary = new Vocabulary(Catalogue::standard(), [], ['public_way' => new Setting('public_way', 'T', false, 'false')]);
        $facts = ExampleFacts::of(new Example('x', ['room.use' => 'bedroom', 'room.lit' => false], [], [], 'met'), $vocabulary);
        self::assertSame($words, Expression::read($text, $vocabulary)->words($facts, UnitSystem::Metric->notation()));
    }
}
