<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Spatial\Subject\SubjectType;

/** One requirement of a rule book. */
final readonly class Rule
{
    /**
     * @param list<Preference>            $prefer
     * @param list<Exemption>             $unless
     * @param list<Example>               $examples
     * @param string                      $layer       id of the book that decided it last
     * @param string|null                 $off         why it was switched off
     * @param bool                        $isAdvice    what it wants is recommended, not required
     * @param bool                        $isDoubtful  its values are less certain than the others; the note says how
     */
    public function __construct(
        public string $id,
        public string $clause,
        public string $title,
        public SubjectType $subject,
        public ?Expression $when,
        public Comparison|Between|WordRequirement|AllOf|AnyOf|Existence $requirement,
        public array $prefer,
        public array $unless,
        public string $why,
        public string $source,
        public ?string $note,
        public array $examples,
        public string $layer,
        public ?string $off = null,
        public bool $isAdvice = false,
        public bool $isDoubtful = false,
    ) {}
}
