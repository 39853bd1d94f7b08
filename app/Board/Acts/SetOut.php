<?php

declare(strict_types=1);

namespace App\Board\Acts;

use App\Board\ActInput;
use App\Board\DrawingAct;
use App\Board\NewElements;
use Heurema\Geometry\Segment;
use Heurema\Layout\Axis;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Layout;
use Heurema\Layout\Wall;

/** A setting-out line beside a face of the chosen wall, or beside the chosen axis, at a typed distance. */
final readonly class SetOut implements DrawingAct
{
    /** It goes on so far beyond the ends of a wall, mm. */
    private const BEYOND = 1000.0;

    public function edit(ActInput $asked, Layout $layout): Edit
    {
        $beside = (new Draft($layout))->find($asked->select())->element;
        $half = $beside instanceof Wall ? $beside->thickness / 2 : 0.0;
        $away = $asked->length('distance', $layout) + $half;
        $line = match (true) {
            $beside instanceof Wall => new Segment(
                $beside->line()->at(-self::BEYOND),
                $beside->line()->at($beside->line()->length() + self::BEYOND),
            ),
            $beside instanceof Axis => $beside->line(),
            default => throw new RefusedEdit(__('Choose a wall or an axis.')),
        };
        $line = $line->offset($asked->string('side')->value() === 'right' ? -$away : $away);

        return new Add(null, new Axis((new NewElements($layout))->nextId($this->list()), self::name($layout), $line->from, $line->to));
    }

    public function list(): ElementList
    {
        return ElementList::Axes;
    }

    /** `S1`, `S2`: the first that is not taken. */
    private static function name(Layout $layout): string
    {
        $names = array_map(static fn(Axis $axis): string => $axis->name, $layout->axes);
        $number = 1;
        while (in_array("S{$number}", $names, true)) {
            ++$number;
        }

        return "S{$number}";
    }
}
