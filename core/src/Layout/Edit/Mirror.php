<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;

/** A thing turned over about the line that runs out of the middle of its back: what was left of it is right. */
final readonly class Mirror implements Edit
{
    public function __construct(private string $id) {}

    public function on(Draft $draft): void
    {
        $thing = $draft->find($this->id);
        if ($thing->list !== 'fixtures') {
            throw new RefusedEdit('Things are mirrored; doors are hung the other way.');
        }
        $thing->refuseIfLocked();
        $outline = $thing->values['outline'] ?? null;
        if (!is_array($outline)) {
            throw new RefusedEdit("{$thing->name()} is the same on both sides.");
        }
        $mirrored = array_map(static fn(mixed $point): array => is_array($point) && is_numeric($point[0] ?? null) && is_numeric($point[1] ?? null) ? (new Point(-(float) $point[0], (float) $point[1]))->toArray() : [], array_reverse($outline));
        $draft->change($thing, ['outline' => array_values($mirrored)]);
    }

    public function words(): string
    {
        return "{$this->id} mirrored";
    }
}
