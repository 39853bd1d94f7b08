<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** An element in its list while a layout is edited. */
final readonly class DraftElement
{
    /** @param array<string, mixed> $values */
    public function __construct(public ?string $storey, public string $list, public int $position, public array $values) {}

    public function id(): string
    {
        return is_string($this->values['id'] ?? null) ? $this->values['id'] : '';
    }

    /** `Wall w5`, `Water closet f3` */
    public function name(): string
    {
        $kind = $this->list === 'openings' || $this->list === 'fixtures' ? ($this->values['kind'] ?? null) : null;

        return ucfirst(str_replace('_', ' ', is_string($kind) ? $kind : rtrim($this->list, 's'))).' '.$this->id();
    }

    public function number(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @throws RefusedEdit when it has no such point */
    public function point(string $key): Point
    {
        return self::toPoint($this->values[$key] ?? null) ?? throw new RefusedEdit("{$this->name()} has no {$key}.");
    }

    /** The line from its `from` to its `to`. */
    public function line(): Segment
    {
        return new Segment($this->point('from'), $this->point('to'));
    }

    /** @throws RefusedEdit when it is locked */
    public function refuseIfLocked(): void
    {
        if (($this->values['locked'] ?? false) === true) {
            throw new RefusedEdit("{$this->name()} is locked in its place.");
        }
    }

    /**
     * All its points moved: by key, as the document writes them.
     *
     * @param callable(Point): Point $move
     *
     * @return array<string, mixed>
     */
    public function moved(callable $move): array
    {
        $moved = [];
        foreach (['from', 'to', 'at', 'start'] as $key) {
            $point = self::toPoint($this->values[$key] ?? null);
            if ($point !== null) {
                $moved[$key] = $move($point)->toArray();
            }
        }
        foreach ($this->list === 'fixtures' ? [] : ['outline', 'line'] as $key) {
            $points = $this->values[$key] ?? null;
            if (is_array($points)) {
                $moved[$key] = array_values(array_map(static fn(mixed $point): array => $move(self::toPoint($point) ?? new Point(0, 0))->toArray(), $points));
            }
        }

        return $moved;
    }

    private static function toPoint(mixed $value): ?Point
    {
        return is_array($value) && is_numeric($value[0] ?? null) && is_numeric($value[1] ?? null) ? new Point((float) $value[0], (float) $value[1]) : null;
    }
}
