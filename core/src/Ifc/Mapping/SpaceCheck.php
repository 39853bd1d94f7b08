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
        [$ours, $body, $told] = [$area / 1_000_000, $space->outline->area() / 1_000_000, $this->told($space->element)];
        if (self::differ($body, $ours)) {
            $this->model->report->simplify(
                $space->element,
                Message::of('ifc.space.body_differs', theirs: Amount::area($body), ours: Amount::area($ours)),
            );
        }
        if ($told !== null && self::differ($told, $ours)) {
            $this->model->report->simplify(
                $space->element,
                Message::of('ifc.space.figure_differs', theirs: Amount::area($told), ours: Amount::area($ours)),
            );
        }
    }

    /** What the file says that its floor measures, in m2. */
    private function told(Instance $space): ?float
    {
        foreach (self::QUANTITIES as $name) {
            $quantity = $this->model->relations->quantity($space, $name);
            $area = $quantity === null ? null : $this->model->units->area($quantity);
            if ($area !== null && $area > 0.0) {
                return $area;
            }
        }

        return null;
    }

    private static function differ(float $theirs, float $ours): bool
    {
        return abs($theirs - $ours) > self::DIFFERENCE * $theirs;
    }
}
