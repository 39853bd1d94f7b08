<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Heurema\Units\LengthReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use Illuminate\Console\Command;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a typed length and prints how it was understood. Exit 2 when it is refused. */
final class LengthCommand extends Command
{
    use WritesErrors;

    protected $signature = 'heurema:length
        {text? : a length as people type it}
        {--units=imperial : imperial or metric: what a bare number counts}';

    protected $description = 'Read a typed length';

    protected function configure(): void
    {
        // a length typed as `-5` looks like an option to the console; it is ours to refuse
        $this->ignoreValidationErrors();
    }

    public function handle(): int
    {
        [$text, $units] = $this->typed();
        try {
            $system = UnitSystem::tryFrom($units) ?? throw new \InvalidArgumentException('--units is imperial or metric.');
            $read = (new LengthReader($system))->read($text);
        } catch (UnreadableLength|\InvalidArgumentException $e) {
            $this->complain($e->getMessage());

            return 2;
        }
        $this->output->writeln(
            json_encode(
                ['mm' => $read->mm, 'reading' => $read->reading],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @return array{string, string} the text and the units, as they stand on the command line */
    private function typed(): array
    {
        $tokens = $this->input instanceof ArgvInput ? $this->input->getRawTokens(true) : [];
        $texts = array_values(array_filter($tokens, static fn(string $token): bool => !str_starts_with($token, '--')));
        $argument = $this->argument('text');
        $units = $this->option('units');

        return [is_string($argument) ? $argument : ($texts[0] ?? ''), is_string($units) ? $units : ''];
    }
}
