<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Heurema\Review\RuleCheck;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads a rule book and runs its examples. Exit 0: all say what they should; 1: some do not; 2: the book cannot be read. */
final class BookCommand extends Command
{
    use WritesErrors;

    private const UNREADABLE = 2;

    protected $signature = 'heurema:book {file : a rule book, YAML, beside the books that it amends}';

    protected $description = 'Read a rule book and run its examples';

    public function handle(RuleBookReader $reader): int
    {
        $file = $this->argument('file');
        try {
            $book = $reader->readFile($file);
        } catch (UnreadableRuleBook $e) {
            $this->complain($e->getMessage());

            return self::UNREADABLE;
        }
        $lines = self::lines((string) file_get_contents($file));
        $examples = $wrong = 0;
        foreach ($book->rules as $rule) {
            foreach ($rule->layer === $book->id && $rule->off === null ? $rule->examples : [] as $example) {
                ++$examples;
                $wrong += $this->agrees($book, $rule, $example, $lines) ? 0 : 1;
            }
        }
        $this->output->writeln(
            "{$book->title}: ".count($book->rules)." rules, {$examples} examples, {$wrong} of them wrong.",
            OutputInterface::OUTPUT_RAW,
        );

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** @param array<string, int> $lines where rules begin, by id */
    private function agrees(RuleBook $book, Rule $rule, Example $example, array $lines): bool
    {
        $verdict = (new RuleCheck($book))->check($rule, ExampleFacts::of($example, $book->vocabulary))->verdict->value;
        if ($verdict !== $example->verdict) {
            $this->output->writeln(
                'Line '.($lines[$rule->id] ?? '?').", rule {$rule->id}, \"{$example->says}\": wanted {$example->verdict}, got {$verdict}.",
                OutputInterface::OUTPUT_RAW,
            );
        }

        return $verdict === $example->verdict;
    }

    /** @return array<string, int> */
    private static function lines(string $yaml): array
    {
        $lines = [];
        foreach (explode("\n", $yaml) as $number => $line) {
            if (preg_match('/^\s*-\s*(?:\{\s*)?(?:id|rule):\s*["\']?([\w-]+)/', $line, $found) === 1) {
                $lines[$found[1]] ??= $number + 1;
            }
        }

        return $lines;
    }
}
