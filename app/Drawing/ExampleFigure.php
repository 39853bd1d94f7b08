<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Review\Outcome;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\Figure;
use Heurema\Rulebook\RuleBook;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Units\ImperialNotation;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;

/**
 * A worked example as a small plan: its subject as large as the facts say, and below it what is measured against the limit, to one scale.
 */
final readonly class ExampleFigure
{
    private const WIDTH = 168.0;
    private const HEIGHT = 124.0;
    private const SKETCH_HEIGHT = 78.0;
    private const MARGIN = 8.0;

    /** Where the bars of what is measured and of the limit lie. */
    private const BARS = [94.0, 112.0];

    public function __construct(private RuleBook $book, private SubjectType $subject, private Example $example, private Outcome $outcome) {}

    public function draw(): string
    {
        $sketch = ExampleSketch::of($this->subject, $this->lengths(), $this->area());
        $lengths = array_filter([$this->length($this->outcome->measured), $this->length($this->outcome->limit)], is_float(...));
        $scale = min(
            (self::WIDTH - 2 * self::MARGIN) / max([$sketch->width, ...$lengths]),
            (self::SKETCH_HEIGHT - self::MARGIN) / $sketch->height,
        );
        $left = (self::WIDTH - $sketch->width * $scale) / 2;
        $top = (self::SKETCH_HEIGHT - $sketch->height * $scale) / 2 + self::MARGIN / 2;
        $drawing = Svg::element(
            'g',
            ['class' => 'example-sketch', 'transform' => sprintf('translate(%.1f %.1f) scale(%.5f)', $left, $top, $scale)],
            $sketch->content,
        );

        return Svg::element('svg', [
            'viewBox' => '0 0 '.self::WIDTH.' '.self::HEIGHT,
            'class' => "example-figure witness-{$this->verdictWord()}",
            'aria-hidden' => 'true',
        ], $drawing.$this->bar($this->outcome->measured, 'example-measured', self::BARS[0], $scale)
            .$this->bar($this->outcome->limit, 'example-limit', self::BARS[1], $scale));
    }

    /** A length as a dimension line to the sketch's scale; anything else, and what is not known, in words alone. */
    private function bar(?Amount $amount, string $class, float $y, float $scale): string
    {
        $text = $amount === null
            ? ($class === 'example-measured' && $this->outcome->verdict === Verdict::Undetermined ? '?' : '')
            : $this->write($amount);
        $length = $this->length($amount);
        if ($length === null) {
            return Svg::element('text', ['class' => $class, 'x' => self::WIDTH / 2, 'y' => $y + 4], Svg::text($text));
        }
        $half = $length * $scale / 2;
        [$from, $to] = [self::WIDTH / 2 - $half, self::WIDTH / 2 + $half];
        // a short line has its words beside it
        $text = Svg::element(
            'text',
            $half > 30 ? ['x' => self::WIDTH / 2, 'y' => $y + 4] : ['x' => $to + 6, 'y' => $y + 4, 'class' => 'beside'],
            Svg::text($text),
        );
        $line = Svg::element('path', ['d' => sprintf('M%1$.1f %3$.1fH%2$.1fM%1$.1f %4$.1fv6M%2$.1f %4$.1fv6', $from, $to, $y, $y - 3)]);

        return Svg::element('g', ['class' => $class], $line.$text);
    }

    private function length(?Amount $amount): ?float
    {
        return $amount !== null && $amount->quantity === Quantity::Length && $amount->number > 1 ? $amount->number : null;
    }

    private function write(Amount $amount): string
    {
        $notation = $this->book->units === UnitSystem::Imperial && $this->outcome->inInches
            ? new ImperialNotation(feet: false)
            : $this->book->units->notation();

        return $notation->write($amount);
    }

    private function verdictWord(): string
    {
        return str_replace('_', '-', $this->outcome->verdict->value);
    }

    /** @return array<string, float> the stated lengths in mm, by the quantity's name */
    private function lengths(): array
    {
        $lengths = [];
        foreach ($this->example->facts as $name => $value) {
            $amount = is_bool($value) ? null : Figure::read((string) $value)?->amount;
            if ($amount?->quantity === Quantity::Length) {
                $lengths[substr((string) strstr($name, '.'), 1)] = $amount->number;
            }
        }

        return $lengths;
    }

    private function area(): ?float
    {
        $stated = $this->example->facts['room.floor_area'] ?? $this->example->facts['dwelling.internal_area'] ?? null;
        $amount = $stated === null || is_bool($stated) ? null : Figure::read((string) $stated)?->amount;

        return $amount?->quantity === Quantity::Area ? $amount->number : null;
    }
}
