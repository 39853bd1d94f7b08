<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Layout\Words\Scope;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Holds every rule of the chosen books against every subject of its kind. The same home and books give the same report. */
final readonly class Examiner
{
    /** What can be told of a whole home alone. */
    private const OF_THE_WHOLE = [SubjectType::Dwelling, SubjectType::Storey];

    public function __construct(private Catalogue $measures) {}

    /**
     * @param list<RuleBook>                    $books
     * @param array<string, Amount|bool|string> $settings the project's choices, by the name of the setting
     */
    public function examine(Home $home, array $books, array $settings = []): Report
    {
        // all that a check finds is kept: looking for garbage in it takes a fifth of the time
        $collects = gc_enabled();
        gc_disable();
        try {
            return new Report($home, $books, $this->findings($home, $books, $settings));
        } finally {
            if ($collects) {
                gc_enable();
            }
        }
    }

    /**
     * @param list<RuleBook>                    $books
     * @param array<string, Amount|bool|string> $settings
     *
     * @return list<Finding>
     */
    private function findings(Home $home, array $books, array $settings): array
    {
        $answers = new MeasurementCache($this->measures);
        $findings = [];
        foreach ($books as $book) {
            $wording = $home->wording($book->units);
            $check = new RuleCheck($book);
            $facts = array_map(
                static fn(SubjectType $type): array => array_map(
                    static fn(Subject $subject): HomeFacts => new HomeFacts($subject, $home, $answers, $book, $settings),
                    $home->subjects($type),
                ),
                self::subjectTypes($book),
            );
            foreach ($book->rules as $rule) {
                $isAside = $home->layout->scope === Scope::Part && in_array($rule->subject, self::OF_THE_WHOLE, true);
                foreach ($facts[$rule->subject->value] as $ofSubject) {
                    $findings[] = new Finding(
                        $book,
                        $rule,
                        $ofSubject->subject,
                        $isAside
                            ? Outcome::notApplicable(Message::of('review.examiner.only_part_of_home'))
                            : $check->check($rule, $ofSubject),
                        $wording,
                    );
                }
            }
        }

        return $findings;
    }

    /** @return array<string, SubjectType> those that its rules speak of */
    private static function subjectTypes(RuleBook $book): array
    {
        $types = [];
        foreach ($book->rules as $rule) {
            $types[$rule->subject->value] = $rule->subject;
        }

        return $types;
    }
}
