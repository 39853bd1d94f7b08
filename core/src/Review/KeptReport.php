<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Language;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;

/**
 * A report as JSON, to be read again on the same home and books: its outcomes, each once, which of them every finding has, by its
 * fingerprint, and the language that it was worked out in.
 *
 * @phpstan-import-type KeptOutcome from OutcomeRecord
 */
final class KeptReport
{
    private const VERSION = 3;

    /** With sentences as they were worded; what was decided then is read for ever. */
    private const IN_WORDS = 2;

    /** The same, and without the parties of an outcome. */
    private const BEFORE_PARTIES = 1;

    public static function write(Report $report): string
    {
        $outcomes = $numbers = $findings = [];
        foreach ($report->findings as $finding) {
            $written = self::json(OutcomeRecord::write($finding->outcome));
            $numbers[$written] ??= count($numbers);
            $outcomes[$numbers[$written]] = $written;
            $findings[$finding->fingerprint()] = $numbers[$written];
        }

        $language = self::json($report->language->value);

        return '{"version":'.self::VERSION.',"language":'.$language.',"outcomes":['.implode(',', $outcomes).'],"findings":'
            .self::json((object) $findings).'}';
    }

    /**
     * The report again; what the books ask now and did not then is left out, and what they do not ask any more.
     *
     * @param list<RuleBook> $books
     *
     * @throws \JsonException
     * @throws \UnexpectedValueException when it was written in another way
     */
    public static function read(string $json, Home $home, array $books): Report
    {
        $kept = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        if (!is_array($kept) || !in_array($kept['version'] ?? null, [self::BEFORE_PARTIES, self::IN_WORDS, self::VERSION], true)) {
            throw new \UnexpectedValueException('A report that was kept in another way.');
        }
        /** @var array{version: int, language?: string, outcomes: list<KeptOutcome>, findings: array<string, int>} $kept */
        $outcomes = array_map(
            static fn(array $outcome): Outcome => OutcomeRecord::read($outcome, $kept['version'] !== self::BEFORE_PARTIES),
            $kept['outcomes'],
        );
        // names and conditions stand in its sentences as they were said then
        $language = Language::tryFrom($kept['language'] ?? '') ?? Language::English;
        $findings = [];
        foreach ($books as $book) {
            $wording = $home->wording($book->units, $language);
            foreach ($book->rules as $rule) {
                foreach ($home->subjects($rule->subject) as $subject) {
                    $number = $kept['findings']["{$book->id}/{$rule->id}/{$subject->id()}"] ?? null;
                    if ($number !== null) {
                        $findings[] = new Finding($book, $rule, $subject, $outcomes[$number], $wording);
                    }
                }
            }
        }

        return new Report($home, $books, $findings, $language);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
