<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Language\Text;
use Heurema\Layout\Fixture;

/** A fixture turned over about the line that runs out of the middle of its back: what was left of it is right. */
final readonly class Mirror implements Edit
{
    public function __construct(private string $id) {}

    public function on(Draft $draft): void
    {
        $placed = $draft->find($this->id);
        $fixture = $placed->element;
        if (!$fixture instanceof Fixture) {
            throw new RefusedEdit(Text::of('Fixtures are mirrored; doors are hung the other way.'));
        }
        $placed->refuseIfLocked();
        if ($fixture->outline === null) {
            throw new RefusedEdit(Text::of('{placed} is the same on both sides.', placed: $placed->name()));
        }
        $draft->replace($fixture->turnedOver());
    }

    public function words(): string
    {
        return Text::of('{it} mirrored', it: $this->id);
    }
}
