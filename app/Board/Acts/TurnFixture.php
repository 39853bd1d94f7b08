<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\AgainstWalls;
use Heurema\Drafting\Carried;
use Heurema\Drafting\Selection;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/**
 * What is chosen turned a quarter to the left: several about the middle of all, a fixture about its own, then out of walls, its back to
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
                Motion::turned((new Selection($home, $asked->several()))->middle(), 90),
                __(':count elements turned', ['count' => count($asked->several())]),
            );
        }
        foreach ($home->fixtures as $placed) {
            if ($placed->id() === $asked->select()) {
                [$width, $depth] = [$placed->fixture->width ?? 0.0, $placed->fixture->depth ?? 0.0];
                $middle = $placed->frame->toPlan(new Point(0, $depth / 2));
                $facing = fmod($placed->fixture->facing + 90, 360);

                return new ChangeValues(
                    $placed->id(),
                    ['facing' => $facing, 'at' => (new AgainstWalls($placed->plan))->facing($middle, $facing, $width, $depth)->toArray()],
                );
            }
        }

        foreach ($layout->storey($asked->storey())->blocks ?? [] as $block) {
            if ($block->id === $asked->select()) {
                return new ChangeValues($block->id, ['width' => $block->depth, 'depth' => $block->width]);
            }
        }

        throw new RefusedEdit(__('Choose a fixture or a block.'));
    }
}
