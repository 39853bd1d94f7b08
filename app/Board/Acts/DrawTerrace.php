<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use App\Board\SignedLength;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Terrace;

/** Level ground outside, from a corner to the opposite one or by its corners, as far below the floor in sight as typed. */
final readonly class DrawTerrace implements DrawingAct
{
    public const FIELD = 'below';

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $below = $asked->string(self::FIELD)->trim()->value();
        if ($below === '') {
            throw new RefusedEdit(__('Type how far the terrace lies below the floor.'));
        }
        $id = (new NewElements($layout))->nextId($this->list());
        $level = -SignedLength::read($below, $layout, self::FIELD) + 0.0;

        return new Add($asked->drawnOn($layout)->id, new Terrace($id, __('Terrace'), $asked->outline($layout, __('terrace')), $level));
    }

    public function list(): ElementList
    {
        return ElementList::Terraces;
    }
}
