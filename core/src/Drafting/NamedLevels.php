<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Storey;
use Heurema\Words\Message;

/** The heights of a home that people speak of, as far as they are known and belong to a view. */
final readonly class NamedLevels
{
    /** Heights that agree, mm. */
    private const SAME = 0.5;

    public function __construct(private UprightView $view) {}

    /** @return list<NamedLevel> from the lowest up, each height of one name once */
    public function levels(): array
    {
        $levels = [...$this->ground(), ...$this->openings()];
        foreach ($this->view->home->layout->storeys as $storey) {
            array_push($levels, ...$this->storey($storey));
        }
        array_push($levels, ...$this->highest());
        usort($levels, static fn(NamedLevel $a, NamedLevel $b): int => $a->height <=> $b->height);
        $kept = [];
        foreach ($levels as $level) {
            $key = json_encode([$level->name, round($level->height / self::SAME)]);
            $kept[$key] ??= $level;
        }

        return array_values($kept);
    }

    /** @return list<NamedLevel> the lowest and the highest of its line, or the only one */
    private function ground(): array
    {
        $heights = array_map(static fn(Point $one): float => $one->y, $this->view->ground);
        if ($heights === []) {
            return [];
        }

        return max($heights) - min($heights) <= self::SAME
            ? [new NamedLevel(Message::of('level.ground'), $heights[0])]
            : [
                new NamedLevel(Message::of('level.lowest_ground'), min($heights)),
                new NamedLevel(Message::of('level.highest_ground'), max($heights)),
            ];
    }

    /** @return list<NamedLevel> */
    private function storey(Storey $storey): array
    {
        if ($storey->elevation === null) {
            return [];
        }
        $called = $storey->name;

        return [
            new NamedLevel(Message::of('level.floor', storey: $called), $storey->elevation),
            ...$storey->floorThickness === null ? [] : [
                new NamedLevel(Message::of('level.under_floor', storey: $called), $storey->elevation - $storey->floorThickness),
            ],
            ...$storey->ceiling === null ? [] : [
                new NamedLevel(Message::of('level.ceiling', storey: $called), $storey->elevation + $storey->ceiling),
            ],
            ...$this->parapets($storey, $storey->elevation),
        ];
    }

    /** @return list<NamedLevel> tops of walls that are told to go on above the ceiling */
    private function parapets(Storey $storey, float $floor): array
    {
        $levels = [];
        foreach ($storey->standingWalls() as $wall) {
            if ($wall->height !== null && $storey->ceiling !== null && $wall->height > $storey->ceiling + self::SAME) {
                $levels[] = new NamedLevel(Message::of('level.parapet', storey: $storey->name), $floor + $wall->height);
            }
        }

        return $levels;
    }

    /** @return list<NamedLevel> sills and lintels of what is seen from the front, where they were said */
    private function openings(): array
    {
        $levels = [];
        foreach ($this->view->openings as $seen) {
            $storey = $seen->opening->plan->storey;
            $sill = $seen->opening->sill();
            if ($storey->elevation !== null && $sill !== null && $sill > self::SAME) {
                $levels[] = new NamedLevel(Message::of('level.sill', storey: $storey->name), $seen->sill);
            }
            if ($storey->elevation !== null && $seen->opening->head() !== null) {
                $levels[] = new NamedLevel(Message::of('level.lintel', storey: $storey->name), $seen->head);
            }
        }

        return $levels;
    }

    /** @return list<NamedLevel> */
    private function highest(): array
    {
        return $this->view->highest === -INF ? [] : [new NamedLevel(Message::of('level.highest'), $this->view->highest)];
    }
}
