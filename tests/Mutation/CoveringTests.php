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
     * @return list<string> the files of the tests that run the mutant's line, the quickest first; where it is a line that PHP does
     *     not run (a constant, a default), those that run anything of its file, or else all
     */
    public function of(Mutant $mutant, float $limit): array
    {
        $lines = $this->tests[$mutant->file] ?? [];
        $tests = array_intersect_key($this->seconds, array_flip($lines[$mutant->line] ?? array_merge(...array_values($lines))));
        $tests = $tests === [] ? $this->seconds : $tests;
        asort($tests);
        $chosen = [];
        foreach ($tests as $test => $seconds) {
            $limit -= $seconds;
            if ($limit >= 0 || $chosen === []) {
                $chosen[] = $test;
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
