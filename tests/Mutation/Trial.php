<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Symfony\Component\Process\Process;

/** Runs the tests that cover a mutant against it, until one fails. */
final readonly class Trial
{
    private Process $process;

    /**
     * @param list<string> $tests   files of tests, in the order in which they are run
     * @param float        $seconds after which a mutant that is still being tried never ends
     */
    public function __construct(public Mutant $mutant, string $copy, array $tests, float $seconds)
    {
        file_put_contents($copy, $mutant->code((string) file_get_contents($mutant->file)));
        $class = 'Heurema\\'.strtr(substr($mutant->file, strlen('core/src/'), -strlen('.php')), '/', '\\');
        $this->process = new Process(
            [
                PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'pcov.enabled=0', 'vendor/bin/phpunit',
                '--bootstrap', 'tests/Mutation/loaded.php', '--do-not-cache-result', '--stop-on-defect', '--no-output', ...$tests,
            ],
            env: ['HEUREMA_MUTANT_CLASS' => $class, 'HEUREMA_MUTANT_FILE' => $copy],
            timeout: $seconds,
        );
        $this->process->start();
    }

    /**
     * @return bool|null whether a test failed; null while that is not known
     *
     * @throws \Symfony\Component\Process\Exception\ProcessTimedOutException
     */
    public function isKilled(): ?bool
    {
        if ($this->process->isRunning()) {
            $this->process->checkTimeout();

            return null;
        }

        return $this->process->getExitCode() !== 0;
    }
}
