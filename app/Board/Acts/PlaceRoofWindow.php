<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\RoofWindow;
use Heurema\Layout\SlopedCeiling;
use Heurema\Spatial\Home;

/** A window in the sloped ceiling of the room that was pointed at, its lower edge there, or straight up or down the slope at a height. */
final readonly class PlaceRoofWindow implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        $at = $asked->point('at');
        $ceiling = (new Home($layout))->plans[$storey->id]->roomAt($at)?->ceiling();
        if (!$ceiling instanceof SlopedCeiling) {
            throw new RefusedEdit(__('A roof window lies in a sloped ceiling: say how the ceiling of the room slopes first.'));
        }
        $sill = $asked->lengthIfTyped('sill', $layout);
        $at = $sill === null ? $at : self::atHeight($sill, $at, $ceiling->slopeAt($at));

        return new Add($storey->id, new RoofWindow(
            (new NewElements($layout))->nextId($this->list()),
            new Point(round($at->x, 4) + 0.0, round($at->y, 4) + 0.0),
            $asked->length('width', $layout),
            $asked->length('height', $layout),
        ));
    }

    public function list(): ElementList
    {
        return ElementList::RoofWindows;
    }

    /** @throws RefusedEdit where the ceiling is never as high */
    private static function atHeight(float $height, Point $at, SlopedCeiling $ceiling): Point
    {
        if ($height < $ceiling->low || $height > $ceiling->high || $ceiling->high === $ceiling->low) {
            throw new RefusedEdit(__('The ceiling is nowhere as high as that.'));
        }
        $run = $ceiling->to->minus($ceiling->from);
        $share = ($height - $ceiling->heightAt($at)) / ($ceiling->high - $ceiling->low);

        return $at->plus($run->times($share));
    }
}
