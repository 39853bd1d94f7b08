<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Symfony\Component\Process\Process;

/**
 * Notes which lines of the core each file of tests runs, and how long it takes. Kept in a folder, until the core or the file changes. Needs
 * PHP's extension pcov.
 */
final class LinesRun
{
    /** @var array<string, array{Process, float}> by file of tests, with when it began */
    private array $running = [];

    /** @param string $state of all that tests depend on besides their own file */
    public function __construct(private readonly string $folder, private readonly string $state) {}

    /**
     * @param list<string> $tests files
     *
     * @throws \RuntimeException a test fails
     */
    public function note(array $tests, int $workers): CoveringTests
    {
        $missing = array_values(array_filter($tests, fn(string $test): bool => !is_file($this->file($test))));
        while ($missing !== [] || $this->running !== []) {
            while ($missing !== [] && count($this->running) < $workers) {
                $this->begin(array_shift($missing));
            }
            foreach ($this->running as $test => [$process, $start]) {
                if (!$process->isRunning()) {
                    $this->end($test, $process, microtime(true) - $start);
                }
            }
            usleep(10_000);
        }
        $kept = glob("{$this->folder}/*.json");
        array_map(unlink(...), array_diff($kept === false ? [] : $kept, array_map($this->file(...), $tests)));
        $found = new CoveringTests();
        foreach ($tests as $test) {
            /** @var array{seconds: float, lines: array<string, list<int>>} $noted */
            $noted = json_decode((string) file_get_contents($this->file($test)), true, flags: JSON_THROW_ON_ERROR);
            $found->add($test, $noted['seconds'], $noted['lines']);
        }

        return $found;
    }

    private function begin(string $test): void
    {
        $command = [
            PHP_BINARY, ...(extension_loaded('pcov') ? [] : ['-d', 'extension=pcov']), '-d', 'memory_limit=2G',
            '-d', 'pcov.enabled=1', '-d', 'pcov.directory=core/src', 'vendor/bin/phpunit',
            '--bootstrap', 'tests/Mutation/noting.php', '--do-not-cache-result', '--no-output', $test,
        ];
        $process = new Process($command, env: ['HEUREMA_LINES_RUN' => $this->file($test).'.part'], timeout: null);
        $process->start();
        $this->running[$test] = [$process, microtime(true)];
    }

    private function end(string $test, Process $process, float $seconds): void
    {
        unset($this->running[$test]);
        if ($process->getExitCode() !== 0) {
            throw new \RuntimeException("Tests fail without any change: vendor/bin/phpunit {$test}");
        }
        $part = $this->file($test).'.part';
        $lines = (string) file_get_contents($part);
        file_put_contents($part, "{\"seconds\":{$seconds},\"lines\":{$lines}}");
        rename($part, $this->file($test));
    }

    private function file(string $test): string
    {
        return "{$this->folder}/".hash('xxh128', $this->state.$test.hash_file('xxh128', $test)).'.json';
    }
}
