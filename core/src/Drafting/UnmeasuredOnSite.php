<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/**
 * What of a storey is still to be taped on site: of each room both its sides and its ceiling, of each door its head, of each window its
 * sill and its head.
 */
final readonly class UnmeasuredOnSite
{
    /** A distance counts for a side of a room when it is at least so much of it and runs so nearly along it. */
    private const SHARE = 0.6;
    private const ALONG = 0.98;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return array<string, list<string>> by the name of the room or opening */
    public function list(): array
    {
        $list = [];
        foreach ($this->plan->rooms as $room) {
            $list[$room->name()] = $this->ofRoom($room);
        }
        foreach ($this->home->openingsOn($this->plan->storey->id) as $opening) {
            $list[$opening->name()] = $this->ofOpening($opening);
        }

        return array_filter($list, static fn(array $lacks): bool => $lacks !== []);
    }

    /** @return list<string> */
    private function ofRoom(RoomSpace $room): array
    {
        $outline = $room->outline();

        return [
            ...($outline === null ? [] : $this->sides($room, $outline)),
            ...($this->isTaped($room->id(), TapedHeight::Ceiling) ? [] : ['ceiling']),
        ];
    }

    /** @return list<string> */
    private function sides(RoomSpace $room, Polygon $outline): array
    {
        [$along, $across] = $room->wayDirections();
        $lacks = [];
        foreach (['length' => $along, 'width' => $across] as $side => $way) {
            $places = array_map(static fn(Point $corner): float => $corner->dot($way), $outline->outer->points);
            if (!$this->isTapedAlong($outline, $way, max($places) - min($places))) {
                $lacks[] = $side;
            }
        }

        return $lacks;
    }

    private function isTapedAlong(Polygon $outline, Point $way, float $length): bool
    {
        foreach ($this->home->layout->survey as $taped) {
            $line = new Segment($taped->from, $taped->to);
            if (
                $taped->storey === $this->plan->storey->id
                && $taped->height === null
                && $line->length() >= self::SHARE * $length
                && $line->length() > 0.0
                && abs($line->direction()->dot($way)) >= self::ALONG
                && $outline->contains($line->middle())
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private function ofOpening(PlacedOpening $opening): array
    {
        $heights = $opening->opening->kind === OpeningKind::Window ? [TapedHeight::Sill, TapedHeight::Head] : [TapedHeight::Head];

        return array_map(
            static fn(TapedHeight $height): string => $height->value,
            array_values(array_filter($heights, fn(TapedHeight $height): bool => !$this->isTaped($opening->id(), $height))),
        );
    }

    private function isTaped(string $id, TapedHeight $height): bool
    {
        return array_filter(
            $this->home->layout->survey,
            static fn(TapedDistance $taped): bool => $taped->of === $id && $taped->height === $height,
        ) !== [];
    }
}
