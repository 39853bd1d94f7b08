<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Language\Text;
use Heurema\Review\Finding;
use Heurema\Review\Verdict;
use Heurema\Units\Quantity;
use Illuminate\Support\Str;

/** A wish as it was typed, how it is understood, and what a home has of it. */
final readonly class ReadWish
{
    /** More rooms of a rule are only counted. */
    public const LISTED = 8;

    /**
     * @param list<string>  $says     who it is of, then each thing that is wished
     * @param list<Finding> $findings the worst first
     * @param string|null   $problem  why it is not understood
     */
    public function __construct(
        public string $typed,
        public array $says = [],
        public array $findings = [],
        public ?string $problem = null,
    ) {}

    /** As it is understood, in one sentence. */
    public function reading(): string
    {
        return Text::capital(implode('; ', $this->says));
    }

    /** The worst of what was found; null: there is nothing to check. */
    public function verdict(): ?Verdict
    {
        return ($this->applying()[0] ?? null)?->verdict();
    }

    /** @return array<string, non-empty-list<Finding>> the findings of each rule, by what it is about, the worst first */
    public function byRule(): array
    {
        $byRule = [];
        foreach ($this->applying() as $finding) {
            $byRule[Str::before($finding->rule->title, ':')][] = $finding;
        }

        return $byRule;
    }

    /** @return list<Finding> */
    private function applying(): array
    {
        return array_values(array_filter(
            $this->findings,
            static fn(Finding $finding): bool => $finding->verdict() !== Verdict::NotApplicable,
        ));
    }

    /** What a finding came to: `9.1 m², 0.9 m² short`. */
    public static function figure(Finding $finding): string
    {
        $missed = $finding->missedBriefly();
        $measured = $finding->measuredBriefly() ?? $finding->reason() ?? $finding->verdict()->words();
        $isNone = $finding->outcome->measured?->quantity === Quantity::Count && $measured === '0';

        return match (true) {
            $isNone => 'none',
            $missed === null => $measured,
            default => "{$measured}, {$missed} {$finding->missedWay()}",
        };
    }
}
