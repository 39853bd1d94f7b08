<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Heurema\Units\LengthReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a typed length and prints how it was understood. Exit 2 when it is refused. */
final class LengthCommand extends Command
{
    use Complains;

    protected $signature = 'heurema:length
        {text : a length as people type it}
        {--units=imperial : imperial or metric: what a bare number counts}';

    protected $description = 'Read a typed length';

    public function handle(): int
    {
        $units = UnitSystem::tryFrom($this->option('units') ?? '');
        try {
            $read = (new LengthReader($units ?? throw new \InvalidArgumentException('--units is imperial or metric.')))->read($this->argument('text'));
        } catch (UnreadableLength|\InvalidArgumentException $e) {
            $this->complain($e->getMessage());

            return 2;
        }
        $this->output->writeln(json_encode(['mm' => $read->mm, 'reading' => $read->reading], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
