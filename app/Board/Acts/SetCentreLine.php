<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\WallOffsets;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;

/** The centre line of the chosen fixture brought to a typed distance from the wall at one of its sides. */
final readonly class SetCentreLine implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $wanted = $asked->length('distance', $layout);
        foreach ((new Home($layout))->fixtures as $fixture) {
            if ($fixture->id() === $asked->select()) {
                $toWall = $this->side($fixture, $asked->string('side')->value() === 'left' ? -1 : 1);

                return new Move([$fixture->id()], $toWall->direction()->times($toWall->length() - $wanted));
            }
        }

        throw new RefusedEdit(__('Choose a fixture.'));
    }

    private function side(PlacedFixture $fixture, int $side): Segment
    {
        foreach ((new WallOffsets($fixture))->sides() as $toWall) {
            if ($toWall->length() > 0 && $toWall->direction()->dot($fixture->frame->xAxis) * $side > 0) {
                return $toWall;
            }
        }

        throw new RefusedEdit(__('There is no wall near on that side.'));
    }
}
