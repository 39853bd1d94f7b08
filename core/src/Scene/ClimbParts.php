<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Language\Text;
use Heurema\Layout\Guard;
use Heurema\Layout\RampRun;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\RampPart;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\StoreyPlan;

/** Stairs by their treads, risers and strings, ramps by their runs and landings, guards along their lines. In mm. */
final readonly class ClimbParts
{
    private const RISER = 20.0;
    private const POST = 40.0;
    private const RAIL = 50.0;
    private const APART = 1000.0;

    /** A length is a whole number of these where it is but for rounding. */
    private const SAME = 1e-6;

    public function __construct(private Home $home, private StoreyPlan $plan) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $storey = $this->plan->storey->id;
        $parts = [];
        foreach ($this->home->stairs as $stair) {
            $prisms = $stair->storey() === $storey ? $this->treads($stair) : [];
            $parts = [...$parts, ...$prisms === [] ? [] : [new Part($stair->id(), $stair->name(), $storey, Material::Stair, $prisms)]];
        }
        foreach ($this->home->ramps as $ramp) {
            $prisms = $ramp->storey() === $storey ? $this->runs($ramp) : [];
            $parts = [...$parts, ...$prisms === [] ? [] : [new Part($ramp->id(), $ramp->name(), $storey, Material::Ground, $prisms)]];
        }
        foreach ($this->plan->storey->guards as $guard) {
            $prisms = $this->guard($guard);
            $parts = [...$parts, ...$prisms === [] ? [] : [new Part($guard->id, Text::of('Guard'), $storey, Material::Guard, $prisms)]];
        }

        return $parts;
    }

    /** @return list<Prism> strings, treads between them, and risers unless they are open; of steps outside, what stands below each */
    private function treads(PlacedStair $stair): array
    {
        $climb = Climb::of($stair);
        if (!$climb instanceof Climb) {
            return [];
        }
        $foot = $climb->foot();

        $prisms = $stair->from === null ? [] : (new StairStrings($climb))->prisms();
        $below = $foot;
        foreach ($stair->shape->steps as $step) {
            $level = $foot + $climb->level($step);
            $under = $level - UsualSize::TREAD;
            $hasStrings = $stair->from !== null && StairStrings::carry($step);
            $outline = $hasStrings ? $step->inset(StairStrings::THICK)->counterClockwise() : $step->outline;
            $prisms[] = Prism::box($outline, $stair->from === null ? min($foot, $under) : $under, $level);
            $hasBoard = $stair->from !== null && $stair->stair->openRisers !== true && $under - $below > 0.0;
            $riser = self::riser($step, $hasStrings ? StairStrings::THICK : 0.0);
            $prisms = [...$prisms, ...$hasBoard ? [Prism::box($riser, $below, $under)] : []];
            $below = $level;
        }

        return $prisms;
    }

    /** The board below the front of a step, between its strings. */
    private static function riser(Step $step, float $aside): Ring
    {
        $along = $step->front->direction()->times($step->front->length() - 2 * $aside);
        $in = $step->front->direction()->left();
        $isLeft = $step->front->leftOf($step->outline->middle()) > 0.0;

        return Ring::rectangle($step->front->at($aside), $along, $in->times($isLeft ? self::RISER : -self::RISER))
            ->counterClockwise();
    }

    /** @return list<Prism> */
    private function runs(PlacedRamp $ramp): array
    {
        $level = ($this->plan->storey->elevation ?? 0.0) + ($ramp->ramp->base ?? 0.0);
        $prisms = [];
        foreach ($ramp->shape->parts as $part) {
            $rise = $part->part instanceof RampRun ? $part->part->rise ?? 0.0 : 0.0;
            $top = self::slope($part, $level, $rise);
            $prisms[] = new Prism(new Polygon($part->outline), $top->raised(-UsualSize::RAMP), $top);
            $level += $rise;
        }

        return $prisms;
    }

    private static function slope(RampPart $part, float $level, float $rise): Surface
    {
        return $rise === 0.0 || $part->way->length() === 0.0
            ? Surface::level($level)
            : Surface::sloped($level, $part->way->from, $part->way->direction()->times($rise / $part->way->length()));
    }

    /** @return list<Prism> posts and a rail */
    private function guard(Guard $guard): array
    {
        $floor = $this->plan->storey->elevation ?? 0.0;
        $height = $guard->height ?? UsualSize::GUARD;
        $prisms = [];
        foreach (array_slice($guard->line, 1) as $number => $to) {
            $from = $guard->line[$number];
            $along = $to->minus($from);
            $count = max(1, (int) ceil($along->length() / self::APART - self::SAME));
            for ($post = 0; $post <= $count; ++$post) {
                $share = ($along->length() - self::POST) * $post / $count;
                $prisms[] = Prism::box(
                    self::bar($from->plus($along->unit()->times($share)), $along->unit(), self::POST),
                    $floor,
                    $floor + $height - self::RAIL,
                );
            }
            $prisms[] = Prism::box(self::bar($from, $along->unit(), $along->length()), $floor + $height - self::RAIL, $floor + $height);
        }

        return array_values(array_filter($prisms, static fn(Prism $prism): bool => $prism->outline->area() > 1.0));
    }

    private static function bar(Point $from, Point $way, float $length): Ring
    {
        $across = $way->left()->times(self::POST);

        return Ring::rectangle($from->minus($across->times(0.5)), $way->times($length), $across);
    }
}
