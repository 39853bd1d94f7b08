<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Examination\ChosenSettings;
use App\Intake\HomeFile;
use App\Intake\ImportedElement;
use App\Intake\UnreadableHomeFile;
use Heurema\Layout\Layout;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Spatial\Home;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Checks a home in a file without any database. Exit 0: nothing violated; 1: something violated; 2: the input cannot be read. */
final class CheckCommand extends Command
{
    use WritesErrors;

    private const DEFAULT_BOOK = 'us-irc-2021';
    private const UNREADABLE = 2;

    protected $signature = 'heurema:check
        {file? : a layout document or a building model (.ifc, .ifczip), or - for standard input}
        {--book=* : a rule book by its id, several times for several}
        {--set=* : a setting of the books, NAME=VALUE}
        {--format=text : text or json}
        {--only= : verdicts to show, with commas between}
        {--import : tell what became of each element of a building model}';

    protected $description = 'Check a layout file against rule books';

    public function handle(Examiner $examiner, RuleBookLibrary $library): int
    {
        $start = hrtime(true);
        try {
            $only = $this->only();
            $format = $this->format();
            $books = array_map($library->book(...), $this->books());
            $settings = (new ChosenSettings($books))->read($this->settings());
            $home = new Home($this->layout());
        } catch (UnreadableHomeFile|UnreadableLayout|UnreadableRuleBook|\InvalidArgumentException $e) {
            $this->complain($e->getMessage());

            return self::UNREADABLE;
        }
        $report = $examiner->examine($home, $books, $settings);
        $format === 'json' ? $this->writeJson($report, $only) : $this->writeText($report, $only, (hrtime(true) - $start) / 1e6);

        return $report->counts()[Verdict::Violated->value] > 0 ? 1 : 0;
    }

    /** Of a building model, what became of its elements goes to standard error. */
    private function layout(): Layout
    {
        $file = HomeFile::read($this->content());
        $elements = $file->imported() ?? [];
        $isWanted = $this->option('import') === true;
        foreach ($isWanted ? $elements : [] as $element) {
            $this->complain("{$element->type} {$element->name}: {$element->words()}");
        }
        if ($elements !== []) {
            $this->complain(ImportedElement::summary($elements).($isWanted ? '' : ' --import tells of each.'));
        }

        return $file->layout;
    }

    private function content(): string
    {
        $file = $this->argument('file') ?? throw new \InvalidArgumentException('Name a layout file, or - for standard input.');
        $source = $file === '-' ? 'php://stdin' : $file;
        $content = $file === '-' || is_file($file) ? file_get_contents($source, length: HomeFile::LARGEST_BYTES + 1) : false;

        return $content === false ? throw new \InvalidArgumentException("Cannot read the file {$file}.") : $content;
    }

    /** @return list<string> */
    private function books(): array
    {
        $books = $this->texts('book');

        return $books === [] ? [self::DEFAULT_BOOK] : $books;
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        $settings = [];
        foreach ($this->texts('set') as $text) {
            [$name, $value] = [...explode('=', $text, 2), ''];
            $settings[$name] = $value;
        }

        return $settings;
    }

    /** @return list<Verdict> */
    private function only(): array
    {
        $words = array_filter(explode(',', $this->option('only') ?? ''), static fn(string $word): bool => trim($word) !== '');

        return array_values(array_map(
            static fn(string $word): Verdict => Verdict::tryFrom(trim($word))
                ?? throw new \InvalidArgumentException("There is no verdict \"{$word}\"."),
            $words,
        ));
    }

    private function format(): string
    {
        $format = $this->option('format');

        return in_array($format, ['text', 'json'], true) ? $format : throw new \InvalidArgumentException('--format is text or json.');
    }

    /** @return list<string> */
    private function texts(string $option): array
    {
        $given = $this->option($option);

        return array_values(array_filter(is_array($given) ? $given : [], is_string(...)));
    }

    /** @param list<Verdict> $only */
    private function writeJson(Report $report, array $only): void
    {
        $this->output->writeln(
            json_encode($report->toArray($only), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );
    }

    /** @param list<Verdict> $only */
    private function writeText(Report $report, array $only, float $milliseconds): void
    {
        foreach ($report->worstFirst() as $finding) {
            if ($only === [] ? $finding->verdict()->isOpen() : in_array($finding->verdict(), $only, true)) {
                $this->writeFinding($finding);
            }
        }
        $counts = array_map(
            static fn(Verdict $verdict): string => "{$report->counts()[$verdict->value]} {$verdict->words()}",
            Verdict::cases(),
        );
        $this->output->writeln($report->home->layout->name.': '.implode(', ', $counts).'.', OutputInterface::OUTPUT_RAW);
        $this->output->writeln(sprintf('Checked in %.0f ms.', $milliseconds), OutputInterface::OUTPUT_RAW);
    }

    private function writeFinding(Finding $finding): void
    {
        $lines = [
            sprintf('%-13s %s  %s', strtoupper($finding->verdict()->words()), $finding->rule->clause, $finding->rule->title),
            "    {$finding->subject->name()}",
        ];
        if ($finding->measuredText() !== null) {
            $short = $finding->missedText() === null ? '' : ", {$finding->missedText()} {$finding->missedWay()}";
            $lines[] = "    measured {$finding->measuredText()}, limit {$finding->limitText()}{$short}";
        }
        foreach ([$finding->reason(), ...$finding->working()] as $text) {
            $lines[] = $text === null ? null : "    {$text}";
        }
        if ($finding->outcome->missing !== []) {
            $lines[] = '    missing: '.implode(', ', $finding->outcome->missing);
        }
        foreach ($finding->assumptions() as $assumption) {
            $lines[] = "    assumed: {$assumption}";
        }
        $this->output->writeln([...array_filter($lines, is_string(...)), ''], OutputInterface::OUTPUT_RAW);
    }
}
