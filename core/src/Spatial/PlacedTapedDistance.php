<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\TapedDistance;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\TapedHeight;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A distance taped on site, beside the drawn one. */
final readonly class PlacedTapedDistance implements Subject
{
    public function __construct(public TapedDistance $distance, public StoreyPlan $plan) {}

    public function type(): SubjectType
    {
        return SubjectType::Survey;
    }

    public function id(): string
    {
        return $this->distance->id;
    }

    public function name(): string
    {
        return $this->plan->called($this);
    }

    public function storey(): string
    {
        return $this->distance->storey;
    }

    /**
     * What is drawn where it was taped, mm; or what the drawing lacks for it.
     *
     * @return float|list<string>
     */
    public function expected(Home $home): float|array
    {
        $of = $this->distance->of ?? '';

        return match ($this->distance->height) {
            null => $this->drawn()->length(),
            TapedHeight::Ceiling => self::ceiling($home->room($of), $this->distance->from, $of),
            TapedHeight::Sill => $this->sill($home->opening($of), $of),
            TapedHeight::Head => $this->head($home->opening($of), $of),
        };
    }

    /** @return float|list<string> */
    private static function ceiling(?RoomSpace $room, Point $at, string $id): float|array
    {
        $ceiling = $room?->ceiling();

        return match (true) {
            $room === null => [$id],
            $ceiling === null => [$room->ceilingKey()],
            $ceiling instanceof SlopedCeiling => $ceiling->heightAt($at),
            default => $ceiling,
        };
    }

    /** @return float|list<string> */
    private function sill(?PlacedOpening $opening, string $id): float|array
    {
        return $opening === null ? [$id] : $opening->opening->sill ?? ["{$id}.sill"];
    }

    /** @return float|list<string> */
    private function head(?PlacedOpening $opening, string $id): float|array
    {
        if ($opening === null) {
            return [$id];
        }
        $sill = $opening->opening->sill ?? ($opening->opening->kind === OpeningKind::Window ? null : 0.0);
        $height = $opening->opening->height;

        return $sill !== null && $height !== null
            ? $sill + $height
            : [...($sill === null ? ["{$id}.sill"] : []), ...($height === null ? ["{$id}.height"] : [])];
    }

    public function drawn(): Segment
    {
        return new Segment($this->distance->from, $this->distance->to);
    }
}
