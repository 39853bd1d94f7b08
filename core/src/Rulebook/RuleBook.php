<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** The rules of one code and edition, or of an office, or of a client. */
final readonly class RuleBook
{
    /**
     * @param Amount      $tolerance what a builder may be off by; a finding met by less is slim
     * @param list<Rule>  $rules
     * @param bool        $isAdvice what it wants is recommended, not required
     * @param string|null $amends id of the book it is laid over
     * @param Exemption|null $existing where it holds, what stands already is not asked
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $scope,
        public string $source,
        public UnitSystem $units,
        public Amount $tolerance,
        public Vocabulary $vocabulary,
        public array $rules,
        public bool $isAdvice,
        public ?string $amends,
        public ?Exemption $existing,
    ) {}
}
