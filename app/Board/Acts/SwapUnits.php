<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Kitchen\UnitChange;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** A unit of a run in the place of the one beside it, and that in its own. */
final readonly class SwapUnits implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        return self::unit($asked, $layout)->swapped($asked->string('side')->value() !== 'left');
    }

    /** @throws RefusedEdit when nothing that stands in a run is chosen */
    public static function unit(ActInput $asked, Layout $layout): UnitChange
    {
        $home = new Home($layout);
        foreach ($home->fixtures as $one) {
            $unit = $one->id() === $asked->select() ? UnitChange::of($one, $home) : null;
            if ($unit !== null) {
                return $unit;
            }
        }

        throw new RefusedEdit(__('Choose a unit that stands in a run of units.'));
    }
}
