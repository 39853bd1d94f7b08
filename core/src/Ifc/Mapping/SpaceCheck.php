<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Spatial\Home;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Holds the rooms that were drawn against the spaces of the file: their outlines, and what the file says of their areas. */
final readonly class SpaceCheck
{
    /** A difference of more than this share is told. */
    private const DIFFERENCE = 0.01;

    /** Of the floor between the walls, the likelier one first. */
    private const QUANTITIES = ['NetFloorArea', 'GrossFloorArea', 'NetArea', 'Area'];

    public function __construct(private Model $model, private Home $home) {}

    public function check(DrawnSpace $space): void
    {
        $room = $this->home->room($space->id);
        $area = $room?->outline()?->area();
        if ($area === null) {
            $this->model->report->simplify($space->element, Message::of('ifc.space.not_closed'));

            return;
        }
        $this->compare($space->element, $space->outline->area() / 1_000_000, $area / 1_000_000, 'ifc.space.body_differs');
        $told = $this->told($space->element);
        if ($told !== null) {
            $this->compare($space->element, $told, $area / 1_000_000, 'ifc.space.figure_differs');
        }
    }

    /** What the file says that its floor measures, in m2. */
    private function told(Instance $space): ?float
    {
        foreach (self::QUANTITIES as $name) {
            $area = $this->model->relations->quantity($space, $name);
            if ($area !== null && $area > 0.0) {
                return $area * $this->model->units->m2;
            }
        }

        return null;
    }

    private function compare(Instance $space, float $theirs, float $ours, string $key): void
    {
        if (abs($theirs - $ours) > self::DIFFERENCE * $theirs) {
            $this->model->report->simplify($space, Message::of($key, theirs: Amount::area($theirs), ours: Amount::area($ours)));
        }
    }
}
