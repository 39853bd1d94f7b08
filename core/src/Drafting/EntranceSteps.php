<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;

/** Steps from the ground up to a door: as few as the highest riser allows, centred on it, a landing's depth before it. In mm. */
final readonly class EntranceSteps
{
    /**
     * @param float $highest a riser at the most
     * @param float $tread
     * @param float $landing from the face of the wall to the last nosing
     * @param float $margin  how far the steps reach beyond each jamb
     */
    public function __construct(private float $highest, private float $tread, private float $landing, private float $margin) {}

    /**
     * The door's steps set anew where it has some.
     *
     * @param string $id of new steps
     *
     * @throws RefusedEdit where the door leads nowhere outside, or a height is not known
     */
    public function to(PlacedOpening $door, Home $home, string $id): Edit
    {
        if ($door->isToOutside() !== true) {
            throw new RefusedEdit('Steps from the ground lead to a door to the outside.');
        }
        if ($this->highest <= 0.0 || $this->tread <= 0.0) {
            throw new RefusedEdit('A step has a riser and a tread.');
        }
        $values = $this->values($door, ClimbToDoor::of($door, $home, 'no steps are'));
        $steps = OutsideLevel::of($door, $home)->steps;

        return $steps === null
            ? Add::of(
                null,
                ElementList::Stairs,
                ['id' => $id, 'name' => 'Steps', 'kind' => 'straight', 'to_storey' => $door->storey(), ...$values],
            )
            : new ChangeValues($steps->id(), $values);
    }

    /** @return array<string, mixed> as the document has them */
    private function values(PlacedOpening $door, ClimbToDoor $climb): array
    {
        $risers = $climb->parts($this->highest);

        return [
            'rise' => round($climb->rise, 4),
            'start' => $climb->start($this->landing + ($risers - 1) * $this->tread)->toArray(),
            'facing' => $climb->facing(),
            'width' => round(($door->opening->width ?? throw new RefusedEdit('Say how wide the door is first.')) + 2 * $this->margin, 4),
            'parts' => [['flight' => ['risers' => $risers, 'tread' => $this->tread]]],
        ];
    }
}
