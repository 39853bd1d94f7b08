<?php

declare(strict_types=1);

namespace App\Pages;

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
     * @param list<Finding> $findings
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
        return ucfirst(implode('; ', $this->says));
    }

    /** The worst of what was found; null: there is nothing to check. */
    public function verdict(): ?Verdict
    {
        foreach (Verdict::cases() as $verdict) {
            if ($verdict !== Verdict::NotApplicable && in_array($verdict, $this->verdicts(), true)) {
                return $verdict;
            }
        }

        return null;
    }

    /** @return array<string, non-empty-list<Finding>> the findings of each rule, by what it is about, the worst first */
    public function byRule(): array
    {
        $byRule = [];
        foreach ($this->findings as $finding) {
            if ($finding->verdict() !== Verdict::NotApplicable) {
                $byRule[Str::before($finding->rule->title, ':')][] = $finding;
            }
        }

        return array_map(self::worstFirst(...), $byRule);
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

    /** @return list<Verdict> */
    private function verdicts(): array
    {
        return array_map(static fn(Finding $finding): Verdict => $finding->verdict(), $this->findings);
    }

    /**
     * @param non-empty-list<Finding> $findings
     *
     * @return non-empty-list<Finding>
     */
    private static function worstFirst(array $findings): array
    {
        $order = static fn(Finding $finding): int => (int) array_search($finding->verdict(), Verdict::cases(), true);
        usort($findings, static fn(Finding $a, Finding $b): int => $order($a) <=> $order($b));

        return $findings;
    }
}
