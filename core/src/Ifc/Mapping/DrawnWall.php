<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Words\WallType;

/** A wall of a file along its centre line, in mm; its ends are moved until they meet the walls that they run into. */
final class DrawnWall
{
    /**
     * @param Instance|null $element null: a boundary between two spaces where no wall is
     * @param float|null    $height  of a low wall, above the floor
     * @param array<string, mixed>|null $kept as a layout had it
     */
    public function __construct(
        public readonly ?Instance $element,
        public readonly string $id,
        public Segment $line,
        public readonly float $thickness,
        public WallType $type,
        public readonly ?float $height = null,
        public readonly ?float $fireMinutes = null,
        private readonly ?array $kept = null,
    ) {}

    /** Stays it where it is, whatever it runs into? */
    public function isKept(): bool
    {
        return $this->kept !== null;
    }

    /** Does a place lie in it, or no farther off than so many mm? */
    public function holds(Point $point, float $slack = 0.0): bool
    {
        $along = $this->line->along($point);

        return abs($this->line->leftOf($point)) <= $this->thickness / 2 + $slack
            && $along >= -$slack
            && $along <= $this->line->length() + $slack;
    }

    /** @return array<string, mixed> as a document writes it */
    public function toArray(): array
    {
        return $this->kept ?? array_filter([
            'id' => $this->id,
            'from' => self::place($this->line->from),
            'to' => self::place($this->line->to),
            'thickness' => round($this->thickness, 4),
            'type' => $this->type->value,
            'height' => $this->height,
            'fire_minutes' => $this->fireMinutes,
        ], static fn(mixed $value): bool => $value !== null);
    }

    /** @return array{float, float} */
    public static function place(Point $point): array
    {
        return [round($point->x, 4) + 0.0, round($point->y, 4) + 0.0];
    }
}
