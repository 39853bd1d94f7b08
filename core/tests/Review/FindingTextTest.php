<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\MissingWords;
use Heurema\Review\Report;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Proof\Redrawn;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What findings say is said to designers: no ids, pointers, expressions or words of the format, by whatever book. */
final class FindingTextTest extends TestCase
{
    /** Ids of the tried homes begin so, see Redrawn::name(): a letter, a hyphen, and the id. */
    private const ID = '/\b[a-z]-(?:[a-z]{1,3}\d+|st\d|r\d+)(?:-\d)?\b/';

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function homes(): iterable
    {
        $files = glob(__DIR__.'/../../../database/demo/*.json');
        foreach ($files === false ? [] : $files as $file) {
            /** @var array<string, mixed> $document it is a layout */
            $document = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
            yield basename($file) => [$document];
        }
        foreach ([3, 71] as $seed) {
            yield "made home {$seed}" => [FurnishedPlan::document($seed)];
        }
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('homes')]
    public function test_findings_are_sentences_without_ids_and_expressions(array $document): void
    {
        $wrong = [];
        $report = self::report(Redrawn::of($document)->renamed()->document());
        $missing = new MissingWords($report->home);
        foreach ($report->findings as $finding) {
            foreach ([...self::texts($finding), ...$missing->of($finding->outcome->missing)] as $text) {
                foreach (['==', '?', '_', 'null', '/storeys', '->'] as $sign) {
                    $wrong[] = str_contains($text, $sign) ? "{$finding->ruleName()} says \"{$sign}\": {$text}" : null;
                }
                $wrong[] = preg_match(self::ID, $text) === 1 ? "{$finding->ruleName()} names an id: {$text}" : null;
            }
        }
        self::assertSame([], array_values(array_unique(array_filter($wrong, is_string(...)))));
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function report(array $document): Report
    {
        $measures = Catalogue::standard();
        $files = glob(__DIR__.'/../../rulebooks/*.yaml');
        $books = array_map((new RuleBookReader($measures))->readFile(...), $files === false ? [] : $files);

        return (new Examiner($measures))->examine(
            new Home((new LayoutReader())->read(json_encode($document, JSON_THROW_ON_ERROR))),
            $books,
        );
    }

    /** @return list<string> all that a page says of a finding; questions of doubtful sizes are asked and may end so */
    private static function texts(Finding $finding): array
    {
        $isQuestion = str_ends_with($finding->rule->id, '-sizes');

        return array_values(array_filter([
            $finding->subject->name(),
            $finding->reason(),
            $finding->measuredText(),
            $finding->limitText(),
            ...$finding->assumptions(),
            ...($isQuestion ? [] : $finding->working()),
        ], is_string(...)));
    }
}
