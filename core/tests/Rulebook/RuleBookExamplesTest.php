<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\RuleCheck;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule of every book is held to the examples that stand beside it in the book. */
final class RuleBookExamplesTest extends TestCase
{
    /** @return iterable<string, array{RuleBook, Rule}> */
    public static function rules(): iterable
    {
        $library = new RuleBookLibrary(__DIR__.'/../../rulebooks', new RuleBookReader(Catalogue::standard()));
        foreach ($library->ids() as $id) {
            foreach ($library->book($id)->rules as $rule) {
                // what an amendment leaves as it is has its examples in the book below, what it switches off has none
                if ($rule->layer === $id && $rule->off === null) {
                    yield "{$id}/{$rule->id}" => [$library->book($id), $rule];
                }
            }
        }
    }

    #[DataProvider('rules')]
    public function test_gives_the_verdicts_of_its_examples(RuleBook $book, Rule $rule): void
    {
        $expected = array_map(static fn(Example $example): string => "{$example->says}: {$example->verdict}", $rule->examples);
        $given = array_map(static function (Example $example) use ($book, $rule): string {
            $outcome = (new RuleCheck($book))->check($rule, ExampleFacts::of($example, $book->vocabulary));

            return "{$example->says}: {$outcome->verdict->value}";
        }, $rule->examples);
        self::assertSame($expected, $given);
    }

    #[DataProvider('rules')]
    public function test_has_examples_on_both_sides_of_its_limit(RuleBook $book, Rule $rule): void
    {
        $verdicts = array_map(static fn(Example $example): string => $example->verdict, $rule->examples);
        $isAdvice = $book->isAdvice || $rule->isAdvice;
        self::assertNotSame([], array_intersect($isAdvice ? ['met'] : ['met', 'advised'], $verdicts));
        self::assertContains($isAdvice ? 'advised' : 'violated', $verdicts);
        self::assertContains('undetermined', $verdicts);
    }
}
