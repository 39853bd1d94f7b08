<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\AgainstWalls;
use Heurema\Drafting\Carried;
use Heurema\Drafting\Several;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/**
 * What is chosen turned a quarter to the left: several about the middle of all, a thing about its own, then out of walls, its back against
 * the one behind it; a block about its own.
 */
final readonly class TurnFixture implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $home = new Home($layout);
        if ($asked->several() !== []) {
            return new Carried(
                $asked->several(),
                Motion::turned((new Several($home, $asked->several()))->middle(), 90),
                count($asked->several()).' elements turned',
            );
        }
        foreach ($home->fixtures as $thing) {
            if ($thing->id() === $asked->select()) {
                [$width, $depth] = [$thing->fixture->width ?? 0.0, $thing->fixture->depth ?? 0.0];
                $middle = $thing->frame->toPlan(new Point(0, $depth / 2));
                $facing = fmod($thing->fixture->facing + 90, 360);

                return new ChangeValues(
                    $thing->id(),
                    ['facing' => $facing, 'at' => (new AgainstWalls($thing->plan))->facing($middle, $facing, $width, $depth)->toArray()],
                );
            }
        }

        foreach ($layout->storey($asked->storey())->blocks ?? [] as $block) {
            if ($block->id === $asked->select()) {
                return new ChangeValues($block->id, ['width' => $block->depth, 'depth' => $block->width]);
            }
        }

        throw new RefusedEdit('Choose a thing or a block.');
    }
}
