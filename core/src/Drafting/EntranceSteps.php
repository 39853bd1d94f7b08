<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Layout\Flight;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;

/** Steps from the ground up to a door: as few as the highest riser allows, centred on it, a landing's depth before it. In mm. */
final readonly class EntranceSteps
{
    /**
     * @param float $highest a riser at the most
     * @param float $tread
     * @param float $landing from the face of the wall to the last nosing
     * @param float $margin  how far the steps reach beyond each jamb
     */
    public function __construct(public float $highest, public float $tread, public float $landing, public float $margin) {}

    /** As some are that come up to a door; null where a size of them is not known or they do not run straight up to it. */
    public static function like(PlacedStair $steps, PlacedOpening $door): ?self
    {
        $flight = count($steps->stair->parts) === 1 ? $steps->stair->parts[0] : null;
        [$rise, $width, $head] = [$steps->totalRise(), $steps->stair->width, $steps->shape->head];
        if (!$flight instanceof Flight || $flight->tread === null || $rise === null || $width === null || $head === null) {
            return null;
        }

        return new self(
            round($rise / $flight->risers, 4),
            $flight->tread,
            round(max(0.0, abs($door->wall->line()->leftOf($head->middle())) - $door->wall->thickness / 2), 4),
            round(max(0.0, ($width - ($door->opening->width ?? $width)) / 2), 4),
        );
    }

    /** Those of a door, else of another one of the home that lead up from the ground; null where there are none. */
    public static function nearest(PlacedOpening $door, Home $home): ?self
    {
        $elsewhere = null;
        foreach ($home->stairs as $steps) {
            $owner = $steps->from === null ? OutsideLevel::doorOf($steps, $home) : null;
            $like = $owner === null ? null : self::like($steps, $owner);
            if ($like !== null && $owner === $door) {
                return $like;
            }
            $elsewhere ??= $like;
        }

        return $elsewhere;
    }

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
            throw new RefusedEdit(Text::of('Steps from the ground lead to a door to the outside.'));
        }
        if ($this->highest <= 0.0 || $this->tread <= 0.0) {
            throw new RefusedEdit(Text::of('A step has a riser and a tread.'));
        }
        $values = $this->values($door, ClimbToDoor::of($door, $home, Text::of('no steps are')));
        $steps = OutsideLevel::of($door, $home)->steps;

        return $steps === null
            ? Add::of(
                null,
                ElementList::Stairs,
                ['id' => $id, 'name' => Text::of('Steps'), 'kind' => 'straight', 'to_storey' => $door->storey(), ...$values],
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
            'width' => round(($door->opening->width ?? throw new RefusedEdit(Text::of(
                'Say how wide the door is first.',
            ))) + 2 * $this->margin, 4),
            'parts' => [['flight' => ['risers' => $risers, 'tread' => $this->tread]]],
        ];
    }
}
