<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** The files of tests that run a line, and how long each takes. */
final class CoveringTests
{
    /** @var array<string, float> seconds by file of tests */
    private array $seconds = [];

    /** @var array<string, array<int, list<string>>> files of tests by file of the core and line */
    private array $tests = [];

    /** @param array<string, list<int>> $lines by file of the core */
    public function add(string $test, float $seconds, array $lines): void
    {
        $this->seconds[$test] = $seconds;
        foreach ($lines as $file => $run) {
            foreach ($run as $line) {
                $this->tests[$file][$line][] = $test;
            }
        }
    }

    /**
     * @param float $limit seconds that they may take together
     *
     * @return list<string> the files of the tests that run the mutant's lines, those of its folder first and among them the quickest; where
     *     they are lines that PHP does not run (a constant, a default), those that run anything of its file, or else all
     */
    public function of(Mutant $mutant, float $limit): array
    {
        $lines = $this->tests[$mutant->file] ?? [];
        $own = array_intersect_key($lines, array_flip(range($mutant->line, $mutant->lastLine)));
        $tests = array_keys(array_intersect_key($this->seconds, array_flip(array_merge(...array_values($own === [] ? $lines : $own)))));
        $tests = $tests === [] ? array_keys($this->seconds) : $tests;
        $folder = 'core/tests/'.explode('/', $mutant->file)[2].'/';
        usort($tests, fn(string $a, string $b): int => [!str_starts_with($a, $folder), $this->seconds[$a]]
            <=> [!str_starts_with($b, $folder), $this->seconds[$b]]);
        $chosen = [];
        foreach ($tests as $test) {
            if ($chosen === [] || $this->seconds[$test] <= $limit) {
                $chosen[] = $test;
                $limit -= $this->seconds[$test];
            }
        }

        return $chosen;
    }

    /** @param list<string> $tests */
    public function seconds(array $tests): float
    {
        return array_sum(array_intersect_key($this->seconds, array_flip($tests)));
    }
}
