<?php

declare(strict_types=1);

namespace App\Files;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Programs beside this one that turn files into others, held to limits: what they are given may have been made to hurt. */
final class Converter
{
    /** Bytes of memory, bytes of a file that is written, files that are open. */
    private const MEMORY = 1_500_000_000;
    private const FILE = 300_000_000;
    private const FILES = 64;

    /**
     * @param int      $seconds of the processor; by the clock it may take twice as long
     * @param int|null $memory  bytes; null: as much as it takes, for a program that reserves far more than it uses
     */
    public function __construct(private readonly int $seconds, private readonly ?int $memory = self::MEMORY) {}

    /**
     * @param list<string>          $command
     * @param array<string, string> $environment beside what this process has
     *
     * @return string what it wrote on its standard output
     *
     * @throws UnfinishedConversion when it gives up, or goes past a limit
     */
    public function run(array $command, ?string $input = null, array $environment = []): string
    {
        $limits = [
            "--cpu={$this->seconds}", '--fsize='.self::FILE, '--core=0',
            ...($this->memory === null ? [] : ["--as={$this->memory}", '--nofile='.self::FILES]),
        ];
        $process = new Process(['prlimit', ...$limits, '--', ...$command], env: $environment, input: $input, timeout: 2 * $this->seconds);
        try {
            $status = $process->run();
        } catch (ProcessTimedOutException|ProcessSignaledException $e) {
            throw UnfinishedConversion::tooLong($command[0], $e);
        }

        return $status === 0 ? $process->getOutput() : throw UnfinishedConversion::refused($command[0], $process->getErrorOutput());
    }
}
