<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\HingeSide;
use Heurema\Spatial\PlacedFixture;

/** A fixture in thin line: its outline, and the few strokes by which it is known. Shares of its width (−1 to 1) and depth (0 to 1). */
final readonly class FixtureSymbol
{
    /** What hangs this high, mm, is drawn dashed. */
    private const ABOVE_HEAD = 1200.0;

    public function __construct(private PlacedFixture $fixture) {}

    public function draw(): string
    {
        $outline = $this->fixture->outline;
        $class = 'fixture fixture-'.str_replace('_', '-', $this->fixture->fixture->kind->value)
            .($this->fixture->base() >= self::ABOVE_HEAD ? ' overhead' : '');
        $content = $outline === null
            ? Svg::pinned($this->fixture->fixture->at, 'unsized', Svg::element('circle', ['r' => 4]))
            : Svg::element('path', ['class' => 'fixture-outline', 'd' => Svg::path($outline)])
            .Svg::element('path', ['class' => 'fixture-detail', 'd' => $this->detail()]);

        return Svg::element(
            'g',
            [
                'class' => $class,
                'data-subject' => $this->fixture->id(),
                'data-at' => Svg::number($this->fixture->fixture->at->x).' '.Svg::number($this->fixture->fixture->at->y),
            ],
            $content,
        );
    }

    private function detail(): string
    {
        return match ($this->fixture->fixture->kind) {
            FixtureKind::WaterCloset => $this->line([-1, 0.27], [1, 0.27]).$this->oval(0, 0.63, 0.72, 0.34),
            FixtureKind::Bidet => $this->oval(0, 0.55, 0.72, 0.4),
            FixtureKind::Urinal => $this->oval(0, 0.5, 0.6, 0.4),
            FixtureKind::Lavatory => $this->oval(0, 0.55, 0.72, 0.32),
            FixtureKind::Vanity => $this->basins(),
            FixtureKind::ShowerCurtain => $this->line([-1, 0.5], [1, 0.5]),
            FixtureKind::CeilingAccess => $this->line([-1, 0], [1, 1]).$this->line([-1, 1], [1, 0]),
            FixtureKind::Bath, FixtureKind::ShowerBath => $this->box(-0.8, 0.06, 0.8, 0.94).$this->oval(0, 0.86, 0.08, 0.03),
            FixtureKind::Shower => $this->line([-1, 0], [1, 1]).$this->line([-1, 1], [1, 0]).$this->oval(0, 0.5, 0.12, 0.06),
            FixtureKind::Sink => $this->box(-0.9, 0.2, -0.06, 0.86).$this->box(0.06, 0.2, 0.9, 0.86),
            FixtureKind::Cooktop, FixtureKind::Range => $this->oval(-0.5, 0.3, 0.26, 0.14).$this->oval(0.5, 0.3, 0.26, 0.14)
                .$this->oval(-0.5, 0.7, 0.26, 0.14).$this->oval(0.5, 0.7, 0.26, 0.14),
            FixtureKind::Refrigerator => $this->line([-1, 0.86], [1, 0.86]).$this->handles(),
            FixtureKind::Washer, FixtureKind::Dryer => $this->oval(0, 0.52, 0.62, 0.3),
            FixtureKind::Dishwasher => $this->line([-1, 0.88], [1, 0.88]),
            FixtureKind::Bed => $this->box(-0.86, 0.05, -0.08, 0.24).$this->box(0.08, 0.05, 0.86, 0.24).$this->line([-1, 0.36], [1, 0.36]),
            FixtureKind::Sofa, FixtureKind::Armchair => $this->line([-0.82, 1], [-0.82, 0.28], [0.82, 0.28], [0.82, 1]),
            FixtureKind::Wardrobe => $this->line([-1, 0.5], [1, 0.5]),
            FixtureKind::Column => $this->line([-1, 0], [1, 1]).$this->line([-1, 1], [1, 0]),
            FixtureKind::Duct => $this->line([-1, 0], [1, 1]),
            FixtureKind::Oven => $this->line([-1, 0.88], [1, 0.88]).$this->box(-0.7, 0.2, 0.7, 0.75),
            FixtureKind::Hood => $this->box(-0.6, 0.2, 0.6, 0.8),
            FixtureKind::TallCabinet => $this->line([-1, 0], [1, 1]),
            FixtureKind::WaterHeater => $this->oval(0, 0.5, 0.9, 0.45),
            FixtureKind::Lamp => $this->oval(0, 0.5, 0.5, 0.25),
            FixtureKind::SmokeAlarm => $this->oval(0, 0.5, 0.9, 0.45).$this->line([-0.4, 0.5], [0.4, 0.5]),
            FixtureKind::CoAlarm => $this->oval(0, 0.5, 0.9, 0.45).$this->line([0, 0.3], [0, 0.7]),
            FixtureKind::Radiator => implode(
                '',
                array_map(fn(int $fin): string => $this->line([$fin / 5, 0], [$fin / 5, 1]), range(-4, 4)),
            ),
            FixtureKind::Television => $this->line([-0.9, 1], [0.9, 1]).$this->line([-0.3, 0], [0.3, 0]),
            FixtureKind::Socket => $this->line([-0.5, 0], [-0.5, 1]).$this->line([0.5, 0], [0.5, 1]),
            FixtureKind::Switch => $this->line([0, 0], [0, 1]),
            default => '',
        };
    }

    /** Away from the hinges; the symbol's x axis runs to the left as one faces it. */
    private function handles(): string
    {
        $at = static fn(float $side): array => [[0.7 * $side, 0.93], [0.3 * $side, 0.93]];

        return match ($this->fixture->fixture->hinge) {
            HingeSide::Left => $this->line(...$at(-1.0)),
            HingeSide::Both => $this->line([0.25, 0.93], [0.05, 0.93]).$this->line([-0.25, 0.93], [-0.05, 0.93]),
            default => $this->line(...$at(1.0)),
        };
    }

    /** One oval a basin, not wider than the top is deep. */
    private function basins(): string
    {
        $width = max(1.0, $this->fixture->fixture->width ?? 1.0);
        $places = $this->fixture->places();
        $across = min(0.8 / count($places), 0.9 * ($this->fixture->fixture->depth ?? $width) / $width);

        return implode('', array_map(fn(float $x): string => $this->oval(2 * $x / $width, 0.52, $across, 0.32), $places));
    }

    /** @param array{float|int, float|int} ...$points */
    private function line(array ...$points): string
    {
        return Svg::line(array_values(array_map(fn(array $point): Point => $this->at((float) $point[0], (float) $point[1]), $points)));
    }

    private function box(float $left, float $back, float $right, float $front): string
    {
        return Svg::path(new Ring([
            $this->at($left, $back),
            $this->at($right, $back),
            $this->at($right, $front),
            $this->at($left, $front),
        ]));
    }

    /** An ellipse in four arcs, turned with the fixture. */
    private function oval(float $x, float $y, float $across, float $along): string
    {
        $fixture = $this->fixture->fixture;
        $radii = Svg::number($across * ($fixture->width ?? 0.0) / 2).' '.Svg::number($along * ($fixture->depth ?? 0.0)).' '
            .Svg::number(90 - $fixture->facing);
        $start = Svg::at($this->at($x - $across, $y));
        $end = Svg::at($this->at($x + $across, $y));

        return "M{$start}A{$radii} 0 1 {$end}A{$radii} 0 1 {$start}";
    }

    private function at(float $x, float $y): Point
    {
        $fixture = $this->fixture->fixture;

        return $this->fixture->frame->toPlan(new Point($x * ($fixture->width ?? 0.0) / 2, $y * ($fixture->depth ?? 0.0)));
    }
}
