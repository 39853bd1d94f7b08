<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

/** Where a frame stands in another: its three axes and its origin. */
final readonly class Transform
{
    public function __construct(public Vector $x, public Vector $y, public Vector $z, public Vector $origin) {}

    public static function identity(): self
    {
        return new self(new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(0, 0, 1), new Vector(0, 0, 0));
    }

    public function point(Vector $point): Vector
    {
        return $this->direction($point)->plus($this->origin);
    }

    public function direction(Vector $direction): Vector
    {
        return $this->x->times($direction->x)->plus($this->y->times($direction->y))->plus($this->z->times($direction->z));
    }

    /** A frame that stands in this one, in the frame that this one stands in. */
    public function then(self $inner): self
    {
        return new self(
            $this->direction($inner->x),
            $this->direction($inner->y),
            $this->direction($inner->z),
            $this->point($inner->origin),
        );
    }
}
