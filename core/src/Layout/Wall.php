<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\WallType;

/** A straight wall or divider along its centre line. */
final readonly class Wall
{
    private const KEYS = ['id', 'from', 'to', 'thickness', 'type', 'height', 'lining', 'status', 'locked'];

    /**
     * @param float|null                 $height null: as high as the storey's ceiling
     * @param array{float, float}|null   $lining finish layers inside the thickness, left and right of the line
     */
    public function __construct(
        public string $id,
        public Point $from,
        public Point $to,
        public float $thickness,
        public WallType $type,
        public ?float $height = null,
        public ?array $lining = null,
        public Status $status = Status::New,
        public bool $locked = false,
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(self::KEYS);
        $type = $place->get('type')->word(WallType::class);
        $from = $place->get('from')->point();
        $to = $place->get('to')->point();
        if ($from->distanceTo($to) < Tolerance::TOUCH) {
            throw $place->get('to')->refuse('expected a wall of some length, its two ends are the same');
        }

        return new self(
            $place->get('id')->identifier(),
            $from,
            $to,
            self::readThickness($place, $type),
            $type,
            $place->optional('height')?->size(),
            self::readLining($place->optional('lining')),
            $place->optional('status')?->word(Status::class) ?? Status::New,
            $place->optional('locked')?->boolean() ?? false,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'from' => $this->from->toArray(),
            'to' => $this->to->toArray(),
            'thickness' => $this->thickness,
            'type' => $this->type->value,
            'height' => $this->height,
            'lining' => $this->lining,
            'status' => Document::unless($this->status, Status::New),
            'locked' => $this->locked ? true : null,
        ]);
    }

    public function line(): Segment
    {
        return new Segment($this->from, $this->to);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    public function isDivider(): bool
    {
        return $this->type === WallType::Divider;
    }

    private static function readThickness(JsonCursor $place, WallType $type): float
    {
        if ($type !== WallType::Divider) {
            return $place->get('thickness')->size();
        }
        $thickness = $place->optional('thickness')?->length() ?? 0.0;
        if ($thickness > 0.0) {
            throw $place->get('thickness')->refuse('expected 0, a divider has no thickness');
        }

        return 0.0;
    }

    /** @return array{float, float}|null */
    private static function readLining(?JsonCursor $place): ?array
    {
        if ($place === null) {
            return null;
        }
        [$left, $right] = $place->pair();

        return [$left->length(), $right->length()];
    }
}
