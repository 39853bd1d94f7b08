<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Symfony\Component\Process\Process;

/** Runs the tests against a mutant: those of its folder first, then all of the core's, until one fails. */
final class Trial
{
    private int $stage = 0;
    private Process $process;

    /**
     * @param list<array{list<string>, float}> $stages the folders of tests, nearest first, and the seconds after which a mutant that is
     *     still being tried never ends
     */
    public function __construct(public readonly Mutant $mutant, private readonly string $copy, private readonly array $stages)
    {
        file_put_contents($copy, $mutant->code((string) file_get_contents($mutant->file)));
        $this->process = $this->start();
    }

    /** @return bool|null whether a test failed; null while that is not known */
    public function isKilled(): ?bool
    {
        if ($this->process->isRunning()) {
            $this->process->checkTimeout();

            return null;
        }
        if ($this->process->getExitCode() !== 0) {
            return true;
        }
        if (++$this->stage === count($this->stages)) {
            return false;
        }
        $this->process = $this->start();

        return null;
    }

    private function start(): Process
    {
        [$tests, $seconds] = $this->stages[$this->stage];
        $class = 'Heurema\\'.strtr(substr($this->mutant->file, strlen('core/src/'), -strlen('.php')), '/', '\\');
        $process = new Process(
            [
                PHP_BINARY, '-d', 'memory_limit=1G', 'vendor/bin/phpunit', '--bootstrap', 'tests/Mutation/loaded.php',
                '--do-not-cache-result', '--stop-on-defect', '--no-output', ...$tests,
            ],
            env: ['HEUREMA_MUTANT_CLASS' => $class, 'HEUREMA_MUTANT_FILE' => $this->copy],
            timeout: $seconds,
        );
        $process->start();

        return $process;
    }
}
