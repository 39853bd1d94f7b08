<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;
use App\Sheets\Extent;

/** Notes, each on a line of its own or wrapped onto several. In mm of paper; its anchor is the middle. */
final readonly class NotesView implements SheetView
{
    private const ROW = 4.6;
    private const LETTER = 1.6;
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

    public function caption(): string
    {
        return '';
    }

    public function scale(): ?int
    {
        return null;
    }

    public function extent(): Extent
    {
        $longest = max([10, ...array_map(mb_strlen(...), $this->lines)]);

        [$across, $up] = [self::LETTER * $longest / 2, self::ROW * (count($this->lines) + 1) / 2];

        return new Extent($across, $across, $up, $up);
    }

    public function draw(float $x, float $y): string
    {
        $extent = $this->extent();
        [$x, $y] = [$x - $extent->left, $y - $extent->up];
        $drawn = Svg::element(
            'g',
            ['role' => 'heading', 'aria-level' => 2],
            Svg::element('text', ['class' => 'list-title', 'x' => (string) round($x, 3), 'y' => (string) round($y + 3.4, 3)], 'Notes'),
        );
        foreach ($this->lines as $number => $line) {
            $drawn .= Svg::element(
                'text',
                ['class' => 'list-cell', 'x' => (string) round($x, 3), 'y' => (string) round($y + self::ROW * ($number + 1) + 3.4, 3)],
                Svg::text($line),
            );
        }

        return $drawn;
    }
}
