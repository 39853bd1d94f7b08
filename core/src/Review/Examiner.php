<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Catalogue;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;

/** Holds every rule of the chosen books against every subject of its kind. The same home and books give the same report. */
final readonly class Examiner
{
    public function __construct(private Catalogue $measures) {}

    /**
     * @param list<RuleBook>                    $books
     * @param array<string, Amount|bool|string> $settings the project's choices, by the name of the setting
     */
    public function examine(Home $home, array $books, array $settings = []): Report
    {
        $answers = new Answers($this->measures);
        $findings = [];
        foreach ($books as $book) {
            $check = new RuleCheck($book);
            foreach ($book->rules as $rule) {
                foreach ($home->subjects($rule->subject) as $subject) {
                    $facts = new HomeFacts($subject, $home, $answers, $book, $settings);
                    $findings[] = new Finding($book, $rule, $subject, $check->check($rule, $facts));
                }
            }
        }

        return new Report($home, $books, $findings);
    }
}
