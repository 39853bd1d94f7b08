<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** The slope of a room's ceiling on the plan: an arrow the way it rises, and the lines where it is as high as codes count floor from. */
final readonly class CeilingSlope
{
    /** Below the lower no floor is counted, below the higher none of what a room needs (R304.3, R305.1; 1.5 m in the space standard). */
    private const IMPERIAL = [1524.0, 2133.6];
    private const METRIC = [1500.0, 2000.0];

    /** How much of its run the arrow takes. */
    private const ARROW = 0.3;
    private const HEAD = 150.0;

    /** @param bool $hasSlopes what each slope is stands by its arrow */
    public function __construct(private RoomSpace $room, private Home $home, private bool $hasSlopes = false) {}

    public function draw(): string
    {
        [$ceiling, $outline] = [$this->room->room->ceiling, $this->room->outline()];
        if (!$ceiling instanceof SlopedCeiling || $outline === null) {
            return '';
        }

        return implode('', [
            ...array_map($this->arrow(...), $ceiling->slopes()),
            ...array_map(
                static fn(PlanText $text): string => Svg::pinned($text->at, 'ceiling-slope', $text->element()),
                $this->slopes(),
            ),
            ...array_map(fn(array $level): string => self::level($level[0], $this->height(...$level)), $this->levels()),
        ]);
    }

    /** @return list<PlanText> what is written on it */
    public function texts(): array
    {
        return [...array_map(fn(array $level): PlanText => $this->height(...$level), $this->levels()), ...$this->slopes()];
    }

    /** @return list<PlanText> how steep each slope is, beside the middle of its arrow */
    private function slopes(): array
    {
        $ceiling = $this->room->room->ceiling;
        if (!$this->hasSlopes || !$ceiling instanceof SlopedCeiling || $this->room->outline() === null) {
            return [];
        }
        $steep = array_filter($ceiling->slopes(), static fn(SlopedCeiling $one): bool => $one->high > $one->low);

        return array_values(array_map(static fn(SlopedCeiling $one): PlanText => new PlanText(
            (new Segment($one->from, $one->to))->middle(),
            sprintf('+%.1f°', rad2deg(atan2($one->high - $one->low, $one->from->distanceTo($one->to)))),
            11.0,
            -7.0,
        ), $steep));
    }

    /** @return list<array{Segment, float}> where the ceiling is as high as codes count floor from, and how high that is */
    private function levels(): array
    {
        [$ceiling, $outline] = [$this->room->room->ceiling, $this->room->outline()];
        $levels = [];
        if (!$ceiling instanceof SlopedCeiling || $outline === null) {
            return [];
        }
        foreach ($this->home->layout->units === UnitSystem::Imperial ? self::IMPERIAL : self::METRIC as $height) {
            foreach ($ceiling->levelLines($height) as $line) {
                array_push($levels, ...array_map(static fn(Segment $chord): array => [$chord, $height], $outline->chords($line)));
            }
        }

        return $levels;
    }

    private function height(Segment $line, float $height): PlanText
    {
        return new PlanText($line->from->towardsPoint($line->to, 0.15), $this->home->write(Amount::length($height)), 11.0);
    }

    private static function level(Segment $line, PlanText $height): string
    {
        return Svg::element('path', ['class' => 'ceiling-level', 'd' => Svg::line([$line->from, $line->to])])
            .Svg::pinned($height->at, 'ceiling-height', $height->element());
    }

    private function arrow(SlopedCeiling $ceiling): string
    {
        if ($ceiling->high <= $ceiling->low) {
            return '';
        }
        $middle = (new Segment($ceiling->from, $ceiling->to))->middle();
        $along = $ceiling->to->minus($ceiling->from)->times(self::ARROW / 2);
        [$from, $to] = [$middle->minus($along), $middle->plus($along)];
        $unit = (new Segment($from, $to))->direction();
        $barb = static fn(int $side): Point => $to->minus($unit->times(self::HEAD))->plus($unit->left()->times($side * self::HEAD / 2));

        return Svg::element('path', ['class' => 'ceiling-rise', 'd' => Svg::line([$from, $to]).Svg::line([$barb(1), $to, $barb(-1)])]);
    }
}
