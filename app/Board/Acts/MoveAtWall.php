<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Fixture;
use Heurema\Layout\Layout;

/** The chosen fixture moved along the wall that it has its back to, to the right as one faces it, and up; in mm. */
final readonly class MoveAtWall implements Act
{
    private const NOTHING = 0.001;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $fixture = (new Draft($layout))->get($asked->select(), Fixture::class);
        [$right, $up] = [self::distance($asked, 'right'), self::distance($asked, 'higher')];
        $edits = [];
        if (abs($right) > self::NOTHING) {
            $along = Point::towards($fixture->facing)->left()->times($right);
            $edits[] = new Move([$fixture->id], new Point(round($along->x, 4), round($along->y, 4)));
        }
        if (abs($up) > self::NOTHING) {
            $edits[] = new ChangeValues($fixture->id, ['base' => round($this->raised($fixture, $up), 4)]);
        }

        return $edits === []
            ? throw new RefusedEdit(__('It is where it was.'))
            : new EditGroup($edits, __(':fixture moved at its wall', ['fixture' => $fixture->id]));
    }

    private function raised(Fixture $fixture, float $up): float
    {
        if ($fixture->base === null && $fixture->kind->hangs()) {
            throw new RefusedEdit(__('Nobody said how high it hangs: say that first.'));
        }
        $base = ($fixture->base ?? 0.0) + $up;

        return $base < -self::NOTHING ? throw new RefusedEdit(__('It would hang below the floor.')) : max(0.0, $base);
    }

    private static function distance(ActInput $asked, string $key): float
    {
        $said = $asked->string($key, '0')->value();

        return is_numeric($said) && abs((float) $said) < 1e6 ? (float) $said : throw new RefusedEdit(__('Point at a place at the wall.'));
    }
}
