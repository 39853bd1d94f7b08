<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;

/** A railing along a line of points; `largestGap` is the largest ball that passes through it, in mm; `climbable`: children find footholds in it. */
final readonly class Guard
{
    /** @param list<Point> $line */
    public function __construct(public string $id, public array $line, public ?float $height = null, public ?float $largestGap = null, public ?bool $climbable = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'line', 'height', 'largest_gap', 'climbable']);

        return new self(
            $place->get('id')->identifier(),
            $place->get('line')->points(2),
            $place->optional('height')?->size(),
            $place->optional('largest_gap')?->length(),
            $place->optional('climbable')?->boolean(),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'line' => Document::points($this->line),
            'height' => $this->height,
            'largest_gap' => $this->largestGap,
            'climbable' => $this->climbable,
        ]);
    }
}
