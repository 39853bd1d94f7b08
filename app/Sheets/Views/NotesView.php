<?php

declare(strict_types=1);

namespace App\Sheets\Views;

/** Notes, each on a line of its own or wrapped onto several. */
final readonly class NotesView extends ListView
{
    private const LONGEST = 64;

    /** @var list<string> */
    private array $lines;

    public function __construct(string $text)
    {
        $notes = array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn(string $note): bool => $note !== ''));
        $lines = [];
        foreach ($notes as $number => $note) {
            foreach (explode("\n", wordwrap($note, self::LONGEST, "\n", true)) as $part => $line) {
                $lines[] = ($part === 0 ? ($number + 1).'. ' : '    ').$line;
            }
        }
        $this->lines = $lines;
    }

    protected function title(): string
    {
        return __('Notes');
    }

    protected function rows(): int
    {
        return count($this->lines);
    }

    protected function rowHeight(): float
    {
        return 4.6;
    }

    protected function width(): float
    {
        return self::LETTER * max([10, ...array_map(mb_strlen(...), $this->lines)]);
    }

    protected function body(float $left, float $top): string
    {
        return implode('', array_map(
            fn(string $line, int $number): string => self::text('list-cell', $left, $top + $this->rowHeight() * $number, $line),
            $this->lines,
            array_keys($this->lines),
        ));
    }
}
