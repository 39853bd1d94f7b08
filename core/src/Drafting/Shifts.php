<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Fixture;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;

/**
 * What lies elsewhere on a storey than it did before, by its id: walls sideways, or their ends where they became longer or shorter;
 * openings and fixtures by their middles.
 */
final readonly class Shifts
{
    public function __construct(private Storey $before, private Storey $after) {}

    /** @return list<Shift> those of some distance */
    public function all(): array
    {
        $shifts = [...$this->ofWalls(), ...$this->ofOpenings(), ...$this->ofFixtures()];

        return array_values(array_filter($shifts, static fn(Shift $one): bool => $one->distance() > Tolerance::TOUCH));
    }

    /** @return list<Shift> */
    private function ofWalls(): array
    {
        $shifts = [];
        foreach ($this->after->walls as $wall) {
            $before = $this->before->wall($wall->id);
            array_push($shifts, ...$before === null ? [] : self::ofWall($before, $wall));
        }

        return $shifts;
    }

    /** @return list<Shift> */
    private static function ofWall(Wall $before, Wall $after): array
    {
        [$from, $to] = [$after->from->minus($before->from), $after->to->minus($before->to)];
        $across = $before->line()->direction()->left();
        if (abs($from->dot($across) - $to->dot($across)) < Tolerance::TOUCH && abs($from->dot($across)) > Tolerance::TOUCH) {
            $middle = $after->line()->middle();

            return [new Shift($after->id, $middle->minus($across->times($from->dot($across))), $middle)];
        }

        return [new Shift($after->id, $before->from, $after->from), new Shift($after->id, $before->to, $after->to)];
    }

    /** @return list<Shift> what goes along with its wall is not told again */
    private function ofOpenings(): array
    {
        $shifts = [];
        foreach ($this->after->openings as $opening) {
            foreach ($this->before->openings as $before) {
                $walls = [$this->before->wall($before->wall), $this->after->wall($opening->wall)];
                if ($before->id !== $opening->id || $walls[0] === null || $walls[1] === null) {
                    continue;
                }
                [$was, $is] = [$walls[0]->line()->at($before->at), $walls[1]->line()->at($opening->at)];
                $along = $walls[1]->line()->direction();
                $isSameWall = $before->wall === $opening->wall;
                $shifts[] = new Shift($opening->id, $isSameWall ? $is->minus($along->times($is->minus($was)->dot($along))) : $was, $is);
            }
        }

        return $shifts;
    }

    /** @return list<Shift> */
    private function ofFixtures(): array
    {
        $before = array_column($this->before->fixtures, null, 'id');
        $shifts = [];
        foreach (array_filter($this->after->fixtures, static fn(Fixture $one): bool => isset($before[$one->id])) as $fixture) {
            $shifts[] = new Shift($fixture->id, self::middle($before[$fixture->id]), self::middle($fixture));
        }

        return $shifts;
    }

    private static function middle(Fixture $fixture): Point
    {
        return $fixture->at->plus(Point::towards($fixture->facing)->times(($fixture->depth ?? 0.0) / 2));
    }
}
