<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\Svg;
use Heurema\Layout\Layout;
use Heurema\Units\UnitSystem;

/**
 * What a sheet says of itself: whose home, which sheet and state, by whom and when, the scale with its bar, where north is, and the
 * office's own fields. Millimetres of paper.
 */
final readonly class TitleBlock
{
    /** Of the block and of a row of fields; narrower papers have two rows in the block. */
    private const ROW = 18.0;
    private const FIELDS = 6.0;
    private const WIDE = 250.0;

    /**
     * @param string                       $state  which state of the scheme
     * @param string                       $sheet  `sheet 2 of 5`, empty where it is alone
     * @param list<array{string, string}> $fields the office's own, with what they hold
     */
    public function __construct(
        private string $project,
        private string $address,
        private string $name,
        private string $state,
        private string $office,
        private string $date,
        private string $paper,
        private string $dimensions,
        private string $sheet = '',
        private array $fields = [],
    ) {}

    public function heading(): string
    {
        return "{$this->project}, {$this->name}";
    }

    public function height(float $width): float
    {
        return self::ROW * (self::isWide($width) ? 1 : 2) + self::FIELDS * count($this->fieldRows($width));
    }

    /**
     * @param float    $bottom of the block
     * @param int|null $scale  of all that is drawn; null where it differs
     */
    public function draw(float $x, float $bottom, float $width, ?int $scale, Layout $layout): string
    {
        $top = $bottom - $this->height($width);
        $y = $top + self::FIELDS * count($this->fieldRows($width));
        $line = Svg::element('path', ['class' => 'frame-line', 'd' => "M{$x} {$top}h{$width}", 'aria-hidden' => 'true']);
        $isWide = self::isWide($width);
        [$second, $third] = $isWide ? [[$x + $width * 0.33, $y], [$x + $width * 0.55, $y]] : [
            [$x + $width * 0.55, $y], [$x + 4, $y + self::ROW],
        ];
        $scaled = $scale === null ? __('scales as shown') : PlotScale::words($scale, $layout->units);
        $paper = __('on :paper:it', ['paper' => $this->paper, 'it' => $this->sheet === '' ? '' : ", {$this->sheet}"]);
        $signs = ($scale === null ? '' : self::bar($x + $width - 62, $bottom - self::ROW / 2 + 1, $scale, $layout))
            .self::north($x + $width - 9, $bottom - self::ROW / 2, $layout);

        return Svg::element('g', ['class' => 'title-block'], $line
            .self::column($x + 4, $y, [['title', $this->project], ['small', $this->address], ['small', $this->office]])
            .Svg::element(
                'g',
                ['role' => 'heading', 'aria-level' => 1],
                self::column($second[0], $second[1], [['title', $this->name]]),
            )
            .self::column($second[0], $second[1] + 4.6, [['small', $this->state], ['small', $this->date]])
            .self::column($third[0], $third[1], [['title', $scaled], ['small', $paper], ['small', $this->dimensions]])
            .$this->fields($x + 4, $top, $width)
            .Svg::element('g', ['aria-hidden' => 'true'], $signs));
    }

    private static function isWide(float $width): bool
    {
        return $width >= self::WIDE;
    }

    /** @return list<list<array{string, string}>> */
    private function fieldRows(float $width): array
    {
        return $this->fields === [] ? [] : array_chunk($this->fields, self::isWide($width) ? 4 : 2);
    }

    private function fields(float $x, float $top, float $width): string
    {
        $drawn = '';
        foreach ($this->fieldRows($width) as $row => $fields) {
            foreach ($fields as $place => [$label, $value]) {
                $drawn .= Svg::element('text', [
                    'class' => 'small',
                    'x' => (string) round($x + $place * ($width - 8) / (self::isWide($width) ? 4 : 2), 3),
                    'y' => (string) round($top + self::FIELDS * $row + 4.4, 3),
                ], Svg::text("{$label}: {$value}"));
            }
        }

        return $drawn;
    }

    /** @param list<array{string, string}> $lines class and text */
    private static function column(float $x, float $y, array $lines): string
    {
        $drawn = '';
        foreach ($lines as $number => [$class, $text]) {
            $drawn .= Svg::element('text', [
                'class' => $class, 'x' => (string) round($x, 3), 'y' => (string) round($y + 6.2 + 4.6 * $number, 3),
            ], Svg::text($text));
        }

        return $drawn;
    }

    /** A length that is easy to read off, some 30 to 45 mm long on paper, in two halves. */
    private static function bar(float $x, float $y, int $scale, Layout $layout): string
    {
        $isImperial = $layout->units === UnitSystem::Imperial;
        $unit = $isImperial ? 304.8 : 1000.0;
        $length = 1.0;
        foreach ([1, 2, 4, 5, 8, 10, 16, 20, 40] as $units) {
            $length = $units * $unit / $scale <= 45.0 ? $units : $length;
        }
        $long = round($length * $unit / $scale, 3);
        $half = $long / 2;

        return Svg::element('path', ['class' => 'bar', 'd' => "M{$x} {$y}h{$half}v1.6h-{$half}Z"])
            .Svg::element('path', ['class' => 'bar-line', 'd' => "M{$x} {$y}h{$long}v1.6h-{$long}Z"])
            .Svg::element('text', ['class' => 'small middle', 'x' => $x, 'y' => $y - 1.4], '0')
            .Svg::element(
                'text',
                ['class' => 'small middle', 'x' => $x + $long, 'y' => $y - 1.4],
                ((string) $length).($isImperial ? ' ft' : ' m'),
            );
    }

    private static function north(float $x, float $y, Layout $layout): string
    {
        if ($layout->north === null) {
            return '';
        }
        $turn = 90 - $layout->north;

        return Svg::element(
            'g',
            ['transform' => "translate({$x} {$y}) rotate({$turn})"],
            Svg::element('path', ['class' => 'bar', 'd' => 'M0 -4L1.9 4L0 2.8L-1.9 4Z'])
                .Svg::element('text', ['class' => 'small middle', 'y' => -4.8], 'N'),
        );
    }
}
