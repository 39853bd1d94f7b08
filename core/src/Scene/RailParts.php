<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Handrail;
use Heurema\Layout\Handrails;
use Heurema\Layout\RampRun;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\StoreyPlan;

/** Handrails of stairs and ramps where the drawing has them, with what they go on beyond foot and head. In mm. */
final readonly class RailParts
{
    /** A rail is so thick and so wide, and stands in so far from its side where nobody said how far. Common practice, no source. */
    private const THICK = 45.0;
    private const INSIDE = 60.0;

    /** The side of a step lies on its outline, or there is none. */
    private const ON_OUTLINE = 1.0;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->home->stairs as $stair) {
            $climb = $stair->storey() === $this->plan->storey->id ? Climb::of($stair) : null;
            $prisms = $climb instanceof Climb ? $this->ofStair($stair, $climb) : [];
            $parts = [...$parts, ...$this->part($stair->id(), $stair->name(), $prisms)];
        }
        foreach ($this->home->ramps as $ramp) {
            $prisms = $ramp->storey() === $this->plan->storey->id ? $this->ofRamp($ramp) : [];
            $parts = [...$parts, ...$this->part($ramp->id(), $ramp->name(), $prisms)];
        }

        return $parts;
    }

    /**
     * @param list<Prism> $prisms
     *
     * @return list<Part>
     */
    private function part(string $id, string $name, array $prisms): array
    {
        return $prisms === [] ? [] : [new Part($id, Text::of(
            '{name}, handrail',
            name: $name,
        ), $this->plan->storey->id, Material::Guard, $prisms)];
    }

    /** @return list<Prism> */
    private function ofStair(PlacedStair $stair, Climb $climb): array
    {
        $foot = $climb->foot();
        $prisms = [];
        foreach (self::known($stair->stair->handrails) as $side => $rail) {
            $stretches = [];
            foreach ($stair->shape->steps as $step) {
                $edge = self::side($step, $side);
                if ($edge !== null) {
                    [$low, $high] = [$climb->nosingLine($step, $step->front->middle()), $climb->nosingLine($step, $step->back->middle())];
                    $stretches[] = [$edge, $foot + $low, $foot + $high];
                }
            }
            array_push($prisms, ...self::along($stretches, $rail, $side === 'left' ? -1.0 : 1.0));
        }

        return $prisms;
    }

    /** @return Segment|null where a step has that side at all */
    private static function side(Step $step, string $side): ?Segment
    {
        $edge = $side === 'left' ? new Segment($step->front->from, $step->back->from) : new Segment($step->front->to, $step->back->to);
        if ($edge->length() < self::THICK) {
            return null;
        }
        foreach ($step->outline->edges() as $border) {
            if ($border->distanceTo($edge->middle()) < self::ON_OUTLINE) {
                return $edge;
            }
        }

        return null;
    }

    /** @return list<Prism> */
    private function ofRamp(PlacedRamp $ramp): array
    {
        $prisms = [];
        foreach (self::known($ramp->ramp->handrails) as $side => $rail) {
            $level = ($this->plan->storey->elevation ?? 0.0) + ($ramp->ramp->base ?? 0.0);
            $stretches = [];
            foreach ($ramp->shape->parts as $part) {
                $rise = $part->part instanceof RampRun ? $part->part->rise ?? 0.0 : 0.0;
                if ($part->way->length() >= self::THICK && $ramp->ramp->width !== null) {
                    $aside = $ramp->ramp->width / 2 * ($side === 'left' ? 1.0 : -1.0);
                    $stretches[] = [$part->way->offset($aside), $level, $level + $rise];
                }
                $level += $rise;
            }
            array_push($prisms, ...self::along($stretches, $rail, $side === 'left' ? -1.0 : 1.0));
        }

        return $prisms;
    }

    /** @return array<'left'|'right', Handrail> */
    private static function known(?Handrails $rails): array
    {
        return array_filter($rails->sides ?? [], static fn(?Handrail $rail): bool => $rail !== null);
    }

    /**
     * @param list<array{Segment, float, float}> $stretches what it runs along, and how high the nosings lie at both ends
     * @param float                              $inward    1: the way in is to the left of the climb, -1: to the right
     *
     * @return list<Prism>
     */
    private static function along(array $stretches, Handrail $rail, float $inward): array
    {
        if ($stretches === []) {
            return [];
        }
        [[$first, $low], [$last, , $high]] = [$stretches[0], $stretches[count($stretches) - 1]];
        $ends = [
            ...($rail->foot ?? 0.0) > 0.0 ? [[new Segment($first->at(-$rail->foot), $first->from), $low, $low]] : [],
            ...($rail->head ?? 0.0) > 0.0 ? [[new Segment($last->to, $last->at($last->length() + $rail->head)), $high, $high]] : [],
        ];

        return array_map(
            static fn(array $stretch): Prism => self::bar($stretch[0], $stretch[1], $stretch[2], $rail, $inward),
            [...$stretches, ...$ends],
        );
    }

    private static function bar(Segment $edge, float $low, float $high, Handrail $rail, float $inward): Prism
    {
        $in = $edge->direction()->left()->times($inward);
        $outer = $edge->from->plus($in->times(max(0.0, ($rail->projection ?? self::INSIDE) - self::THICK)));
        $outline = Ring::rectangle($outer, $edge->vector(), $in->times(self::THICK))->counterClockwise();
        $slope = abs($high - $low) < 1e-9
            ? Surface::level($low)
            : Surface::sloped($low, $edge->from, $edge->direction()->times(($high - $low) / $edge->length()));

        return new Prism(new Polygon($outline), $slope->raised($rail->height - self::THICK), $slope->raised($rail->height));
    }
}
