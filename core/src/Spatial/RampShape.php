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

/** Where the runs and landings of a ramp lie on plan. */
final readonly class RampShape
{
    /** Where nobody said, mm: common practice, no source. */
    private const USUAL_WIDTH = 1200.0;

    /**
     * @param Segment        $foot  the line over which one comes onto it; the ground lies to its left
     * @param list<RampPart> $parts from the lower end up; where nobody said, landings are as deep as the ramp is wide
     */
    private function __construct(public Segment $foot, public array $parts) {}

    public static function of(Ramp $ramp): self
    {
        $width = $ramp->width ?? self::USUAL_WIDTH;
        [$at, $way] = [$ramp->start, Point::towards($ramp->facing)];
        $half = $way->left()->times($width / 2);
        $foot = new Segment($at->minus($half), $at->plus($half));
        $parts = [];
        foreach ($ramp->parts as $part) {
            $parts[] = $placed = $part instanceof RampRun ? self::run($part, $at, $way, $width) : self::landing($part, $at, $way, $width);
            [$at, $way] = [$placed->end->middle(), $placed->end->direction()->left()];
        }

        return new self($foot, $parts);
    }

    /** The line over which one leaves it at its upper end. */
    public function head(): Segment
    {
        return $this->parts[count($this->parts) - 1]->end;
    }

    /** @return list<Point> */
    public function corners(): array
    {
        return array_merge(...array_map(static fn(RampPart $part): array => $part->outline->points, $this->parts));
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
