<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\Svg;
use Heurema\Layout\Layout;
use Heurema\Units\UnitSystem;

/** What a sheet says of itself: whose home, which storey and state, by whom and when, the scale with its bar, and where north is. */
final readonly class TitleBlock
{
    public function __construct(
        private string $project,
        private string $address,
        private string $storey,
        private string $state,
        private string $office,
        private string $date,
        private string $paper,
        private string $dimensions,
    ) {}

    public function heading(): string
    {
        return "{$this->project}, {$this->storey}";
    }

    public function draw(float $x, float $y, float $width, float $height, int $scale, Layout $layout): string
    {
        $line = Svg::element('path', ['class' => 'frame-line', 'd' => "M{$x} {$y}h{$width}"]);
        $columns = [
            self::column($x + 4, $y, [['title', $this->project], ['small', $this->address], ['small', $this->office]]),
            self::column($x + $width * 0.33, $y, [['title', $this->storey], ['small', $this->state], ['small', $this->date]]),
            self::column(
                $x + $width * 0.55,
                $y,
                [['title', PlotScale::words($scale, $layout->units)], ['small', "on {$this->paper}"], ['small', $this->dimensions]],
            ),
        ];

        return Svg::element(
            'g',
            ['class' => 'title-block'],
            $line.implode('', $columns).self::bar($x + $width - 62, $y + $height / 2 + 1, $scale, $layout)
                .self::north($x + $width - 9, $y + $height / 2, $layout),
        );
    }

    /** @param list<array{string, string}> $lines class and text */
    private static function column(float $x, float $y, array $lines): string
    {
        $drawn = '';
        foreach ($lines as $number => [$class, $text]) {
            $drawn .= Svg::element('text', ['class' => $class, 'x' => $x, 'y' => $y + 6.2 + 4.6 * $number], Svg::text($text));
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
