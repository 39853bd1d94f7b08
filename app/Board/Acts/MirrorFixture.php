<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\Carried;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Segment;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Mirror;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;

/** The chosen fixture turned over, or all that is chosen mirrored about a line that was pointed at. */
final readonly class MirrorFixture implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        if (!$asked->has('from')) {
            return new Mirror($asked->select());
        }
        $axis = new Segment($asked->point('from'), $asked->point('to'));
        if ($axis->length() < 1.0) {
            throw new RefusedEdit(__('Point at two places of the line to mirror about.'));
        }
        $ids = $asked->several() === [] ? [$asked->select()] : $asked->several();

        return new Carried($ids, Motion::mirrored($axis), __(':count elements mirrored', ['count' => count($ids)]));
    }
}
