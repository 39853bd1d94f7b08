<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\Act;
use App\Board\ActInput;
use Heurema\Drafting\Surroundings;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;

/** The chosen fixture centred between what stands at its left and right, or as wide as the gap between them. */
final readonly class FitBetween implements Act
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $home = new Home($layout);
        foreach ($home->fixtures as $fixture) {
            if ($fixture->id() === $asked->select()) {
                $around = new Surroundings($fixture, $home);

                return $asked->string('how')->value() === 'fill' ? $around->filled() : $around->centred();
            }
        }

        throw new RefusedEdit(__('Choose a fixture.'));
    }
}
