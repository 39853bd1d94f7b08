<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\Turn;

/**
 * A stair on plan: every tread and landing as an outline, and the line one walks up, in order of climb.
 *
 * Where a size is not drawn the shape ends there; what is drawn before it stands. A flight's last riser reaches what
 * comes next, so a flight of n risers has n−1 treads. After a landing that turns back the climb goes on to the left
 * for `back`, a gap away.
 */
final class StairShape
{
    /** @var list<Ring> */
    public array $treads = [];

    /** @var list<Ring> */
    public array $landings = [];

    /** @var list<Point> */
    public array $walkline;

    /** Where the next part begins: the middle of its first edge, y the direction of climb. */
    private Frame $frame;

    private function __construct(Stair $stair, private readonly float $width)
    {
        $this->frame = Frame::facing($stair->start, Point::towards($stair->facing));
        $this->walkline = [$stair->start];
    }

    public static function of(Stair $stair): self
    {
        $shape = new self($stair, $stair->width ?? 0.0);
        foreach ($stair->width === null ? [] : $stair->parts as $part) {
            $goesOn = match (true) {
                $part instanceof Flight => $shape->climb($part),
                $part instanceof Landing => $shape->rest($part),
                $part instanceof Winders => $shape->wind($part),
            };
            if (!$goesOn) {
                break;
            }
        }

        return $shape;
    }

    private function climb(Flight $flight): bool
    {
        if ($flight->tread === null) {
            return $flight->risers === 1;
        }
        for ($step = 0; $step < $flight->risers - 1; ++$step) {
            $this->treads[] = $this->box(-$this->width / 2, $step * $flight->tread, $this->width, $flight->tread);
        }
        $this->moveTo(0, ($flight->risers - 1) * $flight->tread, $this->frame->yAxis);

        return true;
    }

    private function rest(Landing $landing): bool
    {
        $depth = $landing->depth;
        if ($depth === null) {
            return false;
        }
        $half = $this->width / 2;
        $reach = $landing->turn === Turn::Back ? 2 * $this->width + ($landing->gap ?? 0.0) : $this->width;
        $this->landings[] = $this->box($half - $reach, 0, $reach, $depth);
        $this->walkline[] = $this->frame->toPlan(new Point(0, $depth / 2));
        $left = $this->frame->xAxis->times(-1);
        match ($landing->turn) {
            Turn::None => $this->moveTo(0, $depth, $this->frame->yAxis),
            Turn::Left => $this->moveTo(-$half, $depth - $half, $left),
            Turn::Right => $this->moveTo($half, $depth - $half, $this->frame->xAxis),
            Turn::Back => $this->turnBack($half - $reach + $half, $depth),
        };

        return true;
    }

    private function turnBack(float $across, float $depth): void
    {
        $this->walkline[] = $this->frame->toPlan(new Point($across, $depth / 2));
        $this->moveTo($across, 0, $this->frame->yAxis->times(-1));
    }

    /** Steps around the corner of a square as wide as the stair, each taking an equal angle. */
    private function wind(Winders $winders): bool
    {
        $side = $winders->turn === Turn::Left ? -1 : 1;
        $half = $this->width / 2;
        for ($step = 0; $step < $winders->risers; ++$step) {
            $from = $step / $winders->risers;
            $to = ($step + 1) / $winders->risers;
            $points = [new Point($side * $half, 0), $this->onSquare($from, $side)];
            if ($from < 0.5 && $to > 0.5) {
                $points[] = new Point(-$side * $half, $this->width);
            }
            $points[] = $this->onSquare($to, $side);
            $this->treads[] = new Ring(array_map($this->frame->toPlan(...), $points));
        }
        $this->walkline[] = $this->frame->toPlan(new Point(0, $half));
        $this->moveTo($side * $half, $half, $this->frame->xAxis->times($side));

        return true;
    }

    /** The point on the outer edges of the square at a share of the quarter turn around its inner corner. */
    private function onSquare(float $share, int $side): Point
    {
        $angle = $share * M_PI / 2;
        [$across, $ahead] = $share <= 0.5 ? [1.0, tan($angle)] : [1.0 / tan($angle), 1.0];
        $half = $this->width / 2;

        return new Point($side * ($half - $across * $this->width), $ahead * $this->width);
    }

    private function box(float $x, float $y, float $width, float $depth): Ring
    {
        return Ring::rectangle($this->frame->toPlan(new Point($x, $y)), $this->frame->xAxis->times($width), $this->frame->yAxis->times($depth));
    }

    private function moveTo(float $x, float $y, Point $direction): void
    {
        $this->frame = Frame::facing($this->frame->toPlan(new Point($x, $y)), $direction);
        $this->walkline[] = $this->frame->origin;
    }
}
