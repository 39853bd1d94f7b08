<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\Carried;
use Heurema\Drafting\CollinearWalls;
use Heurema\Drafting\MoveWall;
use Heurema\Geometry\Motion;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/**
 * What is chosen, moved: a wall by itself sideways with what meets it, a stair with the opening that it comes up through unless that is to
 * stay, everything else as it is.
 */
final readonly class MoveChosen implements Act
{
    public const STAYS = 'stays';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if ($asked->several() !== []) {
            return new Carried($asked->several(), Motion::by($asked->point('by')), __(':count elements moved', [
                'count' => count($asked->several()),
            ]));
        }
        $chosen = (new Draft($layout))->find($asked->select());

        return match ($chosen->list) {
            ElementList::Walls => new MoveWall(
                $chosen->id(),
                $asked->point('by'),
                CollinearWalls::tryFrom($asked->string('in_line')->value()),
            ),
            ElementList::Rooms => throw new RefusedEdit(__('A room goes with its walls: move one of them.')),
            ElementList::Storeys => throw new RefusedEdit(__('A storey stays where it is.')),
            ElementList::Stairs => new Move(self::withOpening($chosen->id(), $asked, $layout), $asked->point('by')),
            default => new Move([$chosen->id()], $asked->point('by')),
        };
    }

    /** @return list<string> the stair, and the floor opening that goes along */
    private static function withOpening(string $id, ActInput $asked, Layout $layout): array
    {
        $opening = $asked->string('opening')->value() === self::STAYS ? null : (new Home($layout))->stair($id)?->opening();

        return $opening === null ? [$id] : [$id, $opening->id];
    }
}
