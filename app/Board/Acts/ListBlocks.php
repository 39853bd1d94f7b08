<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use App\Board\RefusedValue;
use App\Board\UsualWalls;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\ElementList;
use Heurema\Layout\Intake\ListedRoom;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Intake\RoomList;
use Heurema\Layout\Intake\RoomRows;
use Heurema\Layout\Intake\UnreadableRoomList;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;

/** Typed rooms as blocks, beside what is drawn. */
final readonly class ListBlocks implements DrawingAct
{
    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $storey = $asked->drawnOn($layout);
        try {
            $rooms = (new RoomList($layout->units))->read($asked->string('rooms')->value());
        } catch (UnreadableRoomList $e) {
            throw new RefusedValue('rooms', $e->getMessage());
        }
        $boxes = (new RoomRows(UsualWalls::thicknesses($layout)['interior']))->place($rooms, self::beside($storey));
        $ids = (new NewElements($layout))->nextIds($this->list(), count($rooms));
        $add = static fn(string $id, ListedRoom $room, Box $box): Add => new Add($storey->id, RoomArrangement::block($id, $room, $box));

        return new EditGroup(array_map($add, $ids, $rooms, $boxes), __(':count blocks added', ['count' => count($rooms)]));
    }

    /** A metre to the right of all that is drawn on a storey. */
    private static function beside(Storey $storey): Point
    {
        $points = [];
        foreach ($storey->walls as $wall) {
            array_push($points, $wall->from, $wall->to);
        }
        foreach ($storey->blocks as $block) {
            array_push($points, new Point($block->box()->left, $block->box()->bottom), new Point($block->box()->right, $block->box()->top));
        }
        if ($points === []) {
            return new Point(0, 0);
        }
        $box = Box::around($points);

        return new Point($box->right + 1000.0, $box->bottom);
    }

    public function list(): ElementList
    {
        return ElementList::Blocks;
    }
}
