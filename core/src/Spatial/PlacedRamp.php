<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Landing;
use Heurema\Layout\Ramp;
use Heurema\Layout\RampRun;
use Heurema\Layout\Words\Turn;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A ramp where it lies on plan. */
final readonly class PlacedRamp implements Subject
{
    /** Where nobody said, mm: common practice, no source. */
    private const USUAL_WIDTH = 1200.0;

    /** @var list<RampPart> from the lower end up; where nobody said, landings are as deep as the ramp is wide */
    public array $parts;

    /** The line over which one comes onto it; the ground lies to its left. */
    public Segment $foot;

    public function __construct(public Ramp $ramp, public StoreyPlan $plan)
    {
        $width = $ramp->width ?? self::USUAL_WIDTH;
        [$at, $way] = [$ramp->start, Point::towards($ramp->facing)];
        $half = $way->left()->times($width / 2);
        $this->foot = new Segment($at->minus($half), $at->plus($half));
        $parts = [];
        foreach ($ramp->parts as $part) {
            $parts[] = $placed = $part instanceof RampRun ? self::run($part, $at, $way, $width) : self::landing($part, $at, $way, $width);
            [$at, $way] = [$placed->end->middle(), $placed->end->direction()->left()];
        }
        $this->parts = $parts;
    }

    public function type(): SubjectType
    {
        return SubjectType::Ramp;
    }

    public function id(): string
    {
        return $this->ramp->id;
    }

    public function name(): string
    {
        return $this->ramp->name;
    }

    public function storey(): string
    {
        return $this->plan->storey->id;
    }

    /** The line over which one leaves it at its upper end. */
    public function head(): Segment
    {
        return $this->parts[count($this->parts) - 1]->end;
    }

    private static function run(RampRun $run, Point $at, Point $way, float $width): RampPart
    {
        $half = $way->left()->times($width / 2);
        $end = $at->plus($way->times($run->length));

        return new RampPart(
            $run,
            Ring::rectangle($at->minus($half), $way->times($run->length), $half->times(2)),
            new Segment($at, $end),
            new Segment($end->plus($half), $end->minus($half)),
        );
    }

    /** A turn to a side leaves over that side, flush with the far edge; a turn back lies beside the way up. */
    private static function landing(Landing $landing, Point $at, Point $way, float $width): RampPart
    {
        $depth = $landing->depth ?? $width;
        $side = $landing->turn->isRight() ? $way->left()->times(-1) : $way->left();
        $across = $landing->turn->isBack() ? 2 * $width + ($landing->gap ?? 0.0) : $width;
        $corner = $at->minus($side->times($width / 2));
        [$middle, $on] = match (true) {
            $landing->turn === Turn::None => [$at->plus($way->times($depth)), $way],
            $landing->turn->isBack() => [$at->plus($side->times($across - $width)), $way->times(-1)],
            default => [$at->plus($way->times($depth - $width / 2))->plus($side->times($width / 2)), $side],
        };
        $half = $on->left()->times($width / 2);

        return new RampPart(
            $landing,
            Ring::rectangle($corner, $way->times($depth), $side->times($across))->counterClockwise(),
            new Segment($at, $middle),
            new Segment($middle->plus($half), $middle->minus($half)),
        );
    }
}
