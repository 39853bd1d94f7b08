<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Edit\Together;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Units\UnitSystem;

/** What is newly drawn on the board, with usual sizes and an id of its own. */
final readonly class NewElements
{
    public function __construct(private Layout $layout, private Storey $storey) {}

    /** @param float $thickness mm */
    public function wall(Point $from, Point $to, float $thickness, WallType $type): Edit
    {
        $thickness = $type === WallType::Divider ? 0.0 : $thickness;

        return $this->add('walls', 'w', ['from' => $from->toArray(), 'to' => $to->toArray(), 'thickness' => $thickness, 'type' => $type->value]);
    }

    /** In the middle of its wall, or of the first stretch that holds it. */
    public function opening(string $wallId, OpeningKind $kind): Edit
    {
        $wall = $this->storey->wall($wallId) ?? throw new RefusedEdit("There is no wall \"{$wallId}\" on this storey.");
        $isImperial = $this->layout->units === UnitSystem::Imperial;
        $sizes = match ($kind) {
            OpeningKind::Door => ['width' => $isImperial ? 812.8 : 800.0, 'height' => $isImperial ? 2032.0 : 2040.0, 'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'],
            OpeningKind::Window => ['width' => $isImperial ? 914.4 : 1000.0, 'height' => $isImperial ? 1219.2 : 1200.0, 'sill' => $isImperial ? 914.4 : 900.0, 'operation' => 'casement'],
            OpeningKind::Gap => ['width' => $isImperial ? 914.4 : 900.0, 'height' => $isImperial ? 2032.0 : 2040.0],
        };

        return $this->add('openings', $kind === OpeningKind::Window ? 'n' : 'd', ['kind' => $kind->value, 'wall' => $wallId, 'at' => round($wall->line()->length() / 2, 4), ...$sizes]);
    }

    /** With its back settled against the wall nearest to a point. */
    public function fixture(FixtureKind $kind, Point $near): Edit
    {
        $nearest = (new Home($this->layout))->plans[$this->storey->id]->obstructions()->nearest($near);
        $isSettled = $nearest !== null && $nearest->distance > 1.0;
        $out = $isSettled ? $near->minus($nearest->line->to)->unit() : new Point(0, 1);
        $at = $isSettled ? $nearest->line->to : $near;

        return $this->add('fixtures', 'f', [
            'kind' => $kind->value,
            'at' => $at->toArray(),
            'facing' => round(rad2deg(atan2($out->y, $out->x)), 4),
            ...array_map(static fn(float $size): float => round($size, 4), Library::sizes($kind, $this->layout->units)),
        ]);
    }

    public function room(Point $at, string $name, RoomUse $use): Edit
    {
        return $this->add('rooms', 'r', ['name' => $name, 'use' => $use->value, 'at' => $at->toArray()]);
    }

    /** On top of the highest storey, as high as it, with its outer walls. */
    public function storeyAbove(): Edit
    {
        $top = $this->layout->storeys[count($this->layout->storeys) - 1];
        $thickness = $top->floorThickness ?? 300.0;
        $id = $this->nextId('s');
        $edits = [new Add(null, 'storeys', [
            'id' => $id,
            'name' => 'Storey '.(count($this->layout->storeys) + 1),
            ...($top->elevation === null || $top->ceiling === null ? [] : ['elevation' => round($top->elevation + $top->ceiling + $thickness, 4)]),
            ...($top->ceiling === null ? [] : ['ceiling' => $top->ceiling]),
            'floor_thickness' => $thickness,
        ])];
        foreach ($top->walls as $wall) {
            if (in_array($wall->type, [WallType::Exterior, WallType::Party], true) && $wall->stands()) {
                $edits[] = new Add($id, 'walls', ['id' => "{$id}-{$wall->id}", 'from' => $wall->from->toArray(), 'to' => $wall->to->toArray(), 'thickness' => $wall->thickness, 'type' => $wall->type->value]);
            }
        }

        return new Together($edits, 'Storey added');
    }

    /** The id that the next element of a kind gets. */
    public function nextId(string $letter): string
    {
        $json = json_encode($this->layout->toArray(), JSON_THROW_ON_ERROR);
        $number = 1;
        while (str_contains($json, "\"{$letter}{$number}\"")) {
            ++$number;
        }

        return $letter.$number;
    }

    /** @param array<string, mixed> $values */
    private function add(string $list, string $letter, array $values): Edit
    {
        return new Add($this->storey->id, $list, ['id' => $this->nextId($letter), ...$values]);
    }
}
