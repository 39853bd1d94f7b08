<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Messages about bad input go to standard error, as they are. */
trait WritesErrors
{
    private function complain(string $message): void
    {
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($message, OutputInterface::OUTPUT_RAW);
    }
}
