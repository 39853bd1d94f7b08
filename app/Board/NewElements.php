<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Drafting\AgainstWalls;
use Heurema\Drafting\PlacedAgainstWall;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\StoreyPlan;
use Heurema\Units\UnitSystem;

/** What is newly drawn on the board, with usual sizes and an id of its own. */
final readonly class NewElements
{
    /** What does not go to a wall from the middle of a room. */
    private const FREE = [
        FixtureKind::Table, FixtureKind::Chair, FixtureKind::Armchair, FixtureKind::Island, FixtureKind::Column, FixtureKind::SmokeAlarm,
        FixtureKind::CoAlarm, FixtureKind::Lamp, FixtureKind::CeilingAccess,
    ];

    public function __construct(private Layout $layout) {}

    /**
     * @param non-empty-list<float> $middles from the wall's start, mm
     */
    public function openings(Storey $storey, string $wall, OpeningKind $kind, OpeningSize $size, array $middles): Edit
    {
        $ids = $this->nextIds(ElementList::Openings, 3 * count($middles));
        $added = [];
        foreach ($middles as $number => $at) {
            $added[] = Add::of(
                $storey->id,
                ElementList::Openings,
                [
                    'id' => $ids[$number], 'kind' => $kind->value, 'wall' => $wall, 'at' => round($at, 4), 'width' => $size->width,
                    ...$size->others,
                ],
            );
        }
        foreach ($size->sideLight > 0 ? $middles : [] as $number => $at) {
            foreach ([-1, 1] as $light => $side) {
                $added[] = Add::of($storey->id, ElementList::Openings, [
                    'id' => $ids[count($middles) + 2 * $number + $light],
                    'kind' => OpeningKind::Window->value,
                    'wall' => $wall,
                    'at' => round($at + $side * ($size->width + $size->sideLight) / 2, 4),
                    'width' => $size->sideLight,
                    'height' => $size->others['height'] ?? null,
                    'sill' => 0.0,
                    'operation' => 'fixed',
                ]);
            }
        }

        return count($added) === 1 ? $added[0] : new EditGroup($added, __(':count openings added', ['count' => count($added)]));
    }

    /**
     * With its back against the face nearest to a point; what stands free may do so.
     *
     * @param array{width?: float, depth?: float, height?: float, base?: float} $sizes mm
     * @param Fixture|null $like what is said of it is said of the new one too, but its name
     */
    public function fixture(Storey $storey, FixtureKind $kind, Point $near, array $sizes, ?Fixture $like = null): Edit
    {
        $sizes = array_map(static fn(float $size): float => round($size, 4), $sizes);
        $reach = in_array($kind, self::FREE, true) ? AgainstWalls::REACH : INF;
        $settled = (new AgainstWalls(new StoreyPlan($storey)))->of($near, $sizes['width'] ?? 0.0, $sizes['depth'] ?? 0.0, $reach)
            ?? new PlacedAgainstWall($near->minus(new Point(0, ($sizes['depth'] ?? 0.0) / 2)), 90.0);

        $fixture = $like?->copied($this->nextId(ElementList::Fixtures))->unnamed()
            ?? new Fixture($this->nextId(ElementList::Fixtures), $kind, $settled->at, $settled->facing);

        return new Add($storey->id, $fixture->placed($settled->at, $settled->facing)->sized(
            $sizes['width'] ?? null,
            $sizes['depth'] ?? null,
            $sizes['height'] ?? null,
            $sizes['base'] ?? null,
        ));
    }

    /** On top of the highest storey, as high as it, with its outer walls. */
    public function storeyAbove(): Edit
    {
        $top = $this->layout->storeys[count($this->layout->storeys) - 1];
        $thickness = $top->floorThickness ?? 300.0;
        $elevation = $top->elevation === null || $top->ceiling === null ? null : $top->elevation + $top->ceiling + $thickness;

        return $this->storeyLike($top, __('Storey :count', ['count' => count($this->layout->storeys) + 1]), $elevation, $thickness, null);
    }

    /** Under the lowest storey, as high as it, with its outer walls. */
    public function storeyBelow(): Edit
    {
        $lowest = $this->layout->storeys[0];
        $elevation = $lowest->elevation === null || $lowest->ceiling === null
            ? null
            : $lowest->elevation - ($lowest->floorThickness ?? 300.0) - $lowest->ceiling;

        return $this->storeyLike($lowest, __('Storey below :name', [
            'name' => mb_strtolower($lowest->name),
        ]), $elevation, $lowest->floorThickness ?? 300.0, 0);
    }

    /** @param int|null $position among the storeys, null: at the top */
    private function storeyLike(Storey $like, string $name, ?float $elevation, float $thickness, ?int $position): Edit
    {
        $id = $this->nextId(ElementList::Storeys);
        $edits = [new Add(null, new Storey($id, $name, $elevation, $like->ceiling, $thickness), $position)];
        foreach ($like->walls as $wall) {
            if (in_array($wall->type, [WallType::Exterior, WallType::Party], true) && $wall->stands()) {
                $edits[] = new Add($id, new Wall("{$id}-{$wall->id}", $wall->from, $wall->to, $wall->thickness, $wall->type));
            }
        }

        return new EditGroup($edits, __('Storey added'));
    }

    /**
     * A straight flight from a storey to the next one up, of the fewest risers that are not too high, its first nosing at a point.
     *
     * @param float $towards direction of climb, degrees
     */
    public function stair(Storey $from, Point $at, float $towards): Edit
    {
        $to = $this->layout->storeys[(int) array_search($from, $this->layout->storeys, true) + 1]
            ?? throw new RefusedEdit(__('There is no storey above: add it first.'));
        if ($from->elevation === null || $to->elevation === null) {
            throw new RefusedEdit(__('Say how high both storeys lie first.'));
        }
        $isImperial = $this->layout->units === UnitSystem::Imperial;
        $risers = (int) ceil(($to->elevation - $from->elevation) / ($isImperial ? 190.5 : 180.0));

        return Add::of(null, ElementList::Stairs, [
            'id' => $this->nextId(ElementList::Stairs),
            'name' => __('Stair'),
            'kind' => 'straight',
            'from_storey' => $from->id,
            'to_storey' => $to->id,
            'start' => $at->toArray(),
            'facing' => round($towards, 4),
            'width' => $isImperial ? 914.4 : 900.0,
            'nosing' => $isImperial ? 25.4 : 20.0,
            'parts' => [['flight' => ['risers' => max(2, $risers), 'tread' => $isImperial ? 254.0 : 260.0]]],
        ]);
    }

    /** The id of what is chosen after an act: what it draws, else what was chosen before. */
    public function chosenAfter(Act $act, ActInput $asked): string
    {
        return $act instanceof DrawingAct ? $this->nextId($act->list()) : $asked->select();
    }

    /** The id that the next element of a kind gets. */
    public function nextId(ElementList $list): string
    {
        return $this->nextIds($list, 1)[0];
    }

    /** @return non-empty-list<string> */
    public function nextIds(ElementList $list, int $count): array
    {
        $letter = $list->letter();
        $json = json_encode($this->layout->toArray(), JSON_THROW_ON_ERROR);
        $number = 0;
        $next = static function () use ($json, $letter, &$number): string {
            do {
                ++$number;
            } while (str_contains($json, "\"{$letter}{$number}\""));

            return $letter.$number;
        };

        return array_map($next, range(1, max(1, $count)));
    }
}
