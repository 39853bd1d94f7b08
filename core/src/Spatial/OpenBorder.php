<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;
use Heurema\Layout\Words\OpeningKind;

/** The border of a room with another one that it is open to, over dividers and bare openings. */
final readonly class OpenBorder
{
    /**
     * @param float|null    $wall    area of wall and divider between the two, mm²; null where the ceiling is not known
     * @param list<Segment> $gaps    where it is open
     * @param float|null    $area    of the openings, mm²; null where a height is not known
     * @param list<string>  $missing the heights that are not known
     */
    private function __construct(
        public RoomSpace $beyond,
        public ?float $wall,
        public array $gaps,
        public ?float $area,
        public array $missing,
    ) {}

    /** The one that the room is most open to. */
    public static function widest(RoomSpace $room, Home $home): ?self
    {
        $neighbours = [];
        foreach ($home->plans[$room->storey()]->neighbours($room) as $neighbour) {
            if ($neighbour->beyond->room !== null && !$neighbour->beyond->isRoom($room)) {
                $neighbours[$neighbour->beyond->room->id()][] = $neighbour;
            }
        }
        $borders = array_filter(
            array_map(static fn(array $along): self => self::with($room, $along, $home), $neighbours),
            static fn(self $border): bool => $border->gaps !== [],
        );
        // of two that it is as open to the larger, however they were drawn
        $order = static fn(self $border): array => [
            -round($border->open()),
            -round(($border->beyond->outline()?->area() ?? 0.0) / 1e4),
            $border->beyond->name(),
        ];
        uasort($borders, static fn(self $a, self $b): int => $order($a) <=> $order($b));

        return array_values($borders)[0] ?? null;
    }

    /** @return float in mm */
    public function open(): float
    {
        return array_sum(array_map(static fn(Segment $gap): float => $gap->length(), $this->gaps));
    }

    /** Of the area of wall between the two, from 0 to 1; null where a height is not known. */
    public function share(): ?float
    {
        return $this->area === null || $this->wall === null ? null : min(1.0, $this->area / max(1.0, $this->wall));
    }

    /** @param non-empty-list<Neighbour> $along */
    private static function with(RoomSpace $room, array $along, Home $home): self
    {
        /** @var RoomSpace $beyond they were sorted by it */
        $beyond = $along[0]->beyond->room;
        $openings = [];
        $wall = 0.0;
        foreach ($along as $neighbour) {
            // under a slope the wall is as high as the ceiling is in the middle of the stretch
            $ceiling = UnderCeiling::over([$neighbour->stretch->middle()], $room);
            $wall = $ceiling === null || $wall === null ? null : $wall + $neighbour->stretch->length() * $ceiling;
            if ($neighbour->wall->isOpenBoundary()) {
                $openings[] = [$neighbour->stretch, $ceiling, $room->ceilingKey()];
            }
        }
        foreach ($home->openingsOf($room) as $opening) {
            if ($opening->opening->kind === OpeningKind::Bare && $opening->across($room)->isRoom($beyond)) {
                $openings[] = [$opening->span(), $opening->opening->height, "{$opening->id()}.height"];
            }
        }
        $missing = $wall === null ? [$room->ceilingKey()] : [];
        array_push($missing, ...array_column(array_filter($openings, static fn(array $opening): bool => $opening[1] === null), 2));
        $area = array_sum(array_map(static fn(array $opening): float => $opening[0]->length() * ($opening[1] ?? 0.0), $openings));

        return new self(
            $beyond,
            $wall,
            array_column($openings, 0),
            $missing === [] ? $area : null,
            array_values(array_unique($missing)),
        );
    }
}
