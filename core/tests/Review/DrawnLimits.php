<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Homes drawn just under, at and just over the limits of rule books, through the whole core. */
abstract class DrawnLimits extends TestCase
{
    protected const INCH = 25.4;
    protected const LEAST = false;
    protected const MOST = true;

    /** Of what is drawn, in mm. */
    protected const STEP = 0.1;

    /** @var array<string, RuleBook> */
    private static array $books = [];

    /**
     * @return iterable<string, array{
     *     0: string,
     *     1: string,
     *     2: \Closure(float): Sketch,
     *     3: float,
     *     4: bool,
     *     5?: float,
     *     6?: array<string, Amount|bool|string>,
     * }>
     *     rule, subject, drawing, limit, whether it is the most, step, settings
     */
    abstract public static function limits(): iterable;

    /**
     * @param \Closure(float): Sketch            $drawn
     * @param array<string, Amount|bool|string> $settings
     */
    #[DataProvider('limits')]
    public function test_just_under_at_and_just_over(
        string $rule,
        string $subject,
        \Closure $drawn,
        float $limit,
        bool $isMost,
        float $step = self::STEP,
        array $settings = [],
    ): void {
        $kept = [Verdict::Met, Verdict::Advised];
        $within = $isMost ? -$step : $step;
        self::assertContains(self::verdict($rule, $drawn($limit), $subject, $settings), $kept, 'at the limit');
        self::assertContains(self::verdict($rule, $drawn($limit + $within), $subject, $settings), $kept, 'within the limit');
        self::assertSame(Verdict::Violated, self::verdict($rule, $drawn($limit - $within), $subject, $settings), 'beyond the limit');
    }

    /**
     * @return iterable<string, array{0: string, 1: string, 2: \Closure(float): Sketch, 3: float, 4?: bool}>
     *     what is only recommended: rule, subject, drawing, limit, whether it is the most
     */
    abstract public static function advice(): iterable;

    /** @param \Closure(float): Sketch $drawn */
    #[DataProvider('advice')]
    public function test_advice_just_under_at_and_just_over(
        string $rule,
        string $subject,
        \Closure $drawn,
        float $limit,
        bool $isMost = self::LEAST,
    ): void {
        $within = $isMost ? -self::STEP : self::STEP;
        $verdicts = array_map(
            static fn(float $drawnAt): Verdict => self::verdict($rule, $drawn($drawnAt), $subject),
            [$limit - $within, $limit, $limit + $within],
        );
        self::assertSame([Verdict::Advised, Verdict::Met, Verdict::Met], $verdicts);
    }

    /** @param array<string, Amount|bool|string> $settings */
    protected static function verdict(string $rule, Sketch $drawn, string $subject, array $settings = []): Verdict
    {
        $measures = Catalogue::standard();
        $name = (string) strstr($rule, '/', true);
        $book = self::$books[$name] ??= (new RuleBookReader($measures))->readFile(__DIR__."/../../rulebooks/{$name}.yaml");
        $finding = (new Examiner($measures))->examine($drawn->home(), [$book], $settings)->finding("{$rule}/{$subject}");
        self::assertNotNull($finding, "{$rule} says nothing of {$subject}.");

        return $finding->verdict();
    }
}
