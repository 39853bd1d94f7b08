<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\StoreyPlan;

/** Tiles on the walls of rooms, as high as the drawing says, openings left out. In mm. */
final readonly class TileParts
{
    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> of the wall that they are on */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->plan->rooms as $room) {
            foreach ($room->sides() as $side) {
                $prisms = $side->isOpen() ? [] : $this->prisms($room, $side);
                $name = Text::of('Tiles in {room}', room: $room->name());
                $parts = [...$parts, ...$prisms === [] ? [] : [
                    new Part($side->wall->id, $name, $this->plan->storey->id, Material::WallTiles, $prisms),
                ]];
            }
        }

        return $parts;
    }

    /** @return list<Prism> */
    private function prisms(RoomSpace $room, SpaceSide $side): array
    {
        $top = $room->tilesUpTo($side->wall, $side->isLeftOfWall()) ?? 0.0;
        $floor = ($this->plan->storey->elevation ?? 0.0) + $room->level();
        $segment = $side->segment;
        $inward = $segment->direction()->left()->times(UsualSize::TILE);
        $holes = $this->holes($room, $side);
        $ends = [0.0, $segment->length()];
        foreach ($holes as [$from, $to]) {
            array_push($ends, $from, $to);
        }
        sort($ends);
        $prisms = [];
        foreach (array_slice($ends, 1) as $number => $to) {
            $from = $ends[$number];
            $along = $segment->direction()->times($to - $from);
            $within = array_filter($holes, static fn(array $hole): bool => $hole[0] < ($from + $to) / 2 && $hole[1] > ($from + $to) / 2);
            foreach ($to - $from < 1.0 ? [] : self::upright($top, $within) as [$low, $high]) {
                $strip = Ring::rectangle($segment->at($from), $along, $inward)->counterClockwise();
                $prisms[] = Prism::box($strip, $floor + $low, $floor + $high);
            }
        }

        return $prisms;
    }

    /**
     * @param array<array{float, float, float, float}> $holes over one another
     *
     * @return list<array{float, float}> what is left of the height
     */
    private static function upright(float $top, array $holes): array
    {
        $left = [];
        $from = 0.0;
        usort($holes, static fn(array $a, array $b): int => $a[2] <=> $b[2]);
        foreach ($holes as [, , $sill, $head]) {
            $left = [...$left, ...min($sill, $top) - $from < 1.0 ? [] : [[$from, min($sill, $top)]]];
            $from = max($from, $head);
        }

        return $top - $from < 1.0 ? $left : [...$left, [$from, $top]];
    }

    /** @return list<array{float, float, float, float}> openings from and to along the side, sill and head above the floor of the room */
    private function holes(RoomSpace $room, SpaceSide $side): array
    {
        $on = array_filter(
            $this->home->openingsOn($this->plan->storey->id),
            static fn(PlacedOpening $one): bool => $one->wall === $side->wall,
        );
        $holes = [];
        foreach ($on as $opening) {
            [$width, $sill, $height] = UsualSize::ofOpening($opening->opening);
            $middle = $side->segment->along($side->wall->line()->at($opening->opening->at));
            [$from, $to] = [max(0.0, $middle - $width / 2), min($side->segment->length(), $middle + $width / 2)];
            $holes = [...$holes, ...$to <= $from ? [] : [[$from, $to, $sill - $room->level(), $sill + $height - $room->level()]]];
        }

        return $holes;
    }
}
