<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Fixture;

/** A thing turned over about the line that runs out of the middle of its back: what was left of it is right. */
final readonly class Mirror implements Edit
{
    public function __construct(private string $id) {}

    public function on(Draft $draft): void
    {
        $thing = $draft->find($this->id);
        $fixture = $thing->element;
        if (!$fixture instanceof Fixture) {
            throw new RefusedEdit('Things are mirrored; doors are hung the other way.');
        }
        $thing->refuseIfLocked();
        if ($fixture->outline === null) {
            throw new RefusedEdit("{$thing->name()} is the same on both sides.");
        }
        $draft->replace($fixture->turnedOver());
    }

    public function words(): string
    {
        return "{$this->id} mirrored";
    }
}
