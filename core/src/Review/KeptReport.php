<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;

/**
 * A report as JSON, to be read again on the same home and books: every outcome by its finding's fingerprint.
 *
 * @phpstan-import-type KeptOutcome from OutcomeRecord
 */
final class KeptReport
{
    public static function write(Report $report): string
    {
        $outcomes = [];
        foreach ($report->findings as $finding) {
            $outcomes[$finding->fingerprint()] = OutcomeRecord::write($finding->outcome);
        }

        return json_encode($outcomes, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * The report again; what the books ask now and did not then is left out, and what they do not ask any more.
     *
     * @param list<RuleBook> $books
     *
     * @throws \JsonException
     */
    public static function read(string $json, Home $home, array $books): Report
    {
        /** @var array<string, KeptOutcome> $kept as it was written */
        $kept = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        $findings = [];
        foreach ($books as $book) {
            foreach ($book->rules as $rule) {
                foreach ($home->subjects($rule->subject) as $subject) {
                    $outcome = $kept["{$book->id}/{$rule->id}/{$subject->id()}"] ?? null;
                    if ($outcome !== null) {
                        $findings[] = new Finding($book, $rule, $subject, OutcomeRecord::read($outcome));
                    }
                }
            }
        }

        return new Report($home, $books, $findings);
    }
}
