<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\StairKind;
use Heurema\Layout\Words\Turn;

/**
 * A stair on plan: every tread and landing as an outline, and the line one walks up, in order of climb.
 *
 * Where a size is not drawn the shape ends there; what is drawn before it stands. A flight's last riser reaches the landing or
 * floor at its end, so that it has a tread less than risers; before winders it has as many, and so have winders before a flight.
 * After a landing that turns back the climb goes on beside itself, a gap away. A spiral turns to its hand, to the left where none is
 * said, its treads as deep as is said 305 mm from the inner side.
 */
final class StairShape
{
    /** Where the tread of a spiral is as deep as is said, mm from its inner side: 12 in. */
    private const SPIRAL_WALKLINE = 304.8;

    /** @var list<Step> */
    public array $steps = [];

    /** @var list<Point> from nosing to nosing, in the middle of the width */
    public array $walkline;

    /** @var array<int, WinderTurn> by part */
    public array $turns = [];

    /** The nosing of the floor it reaches, from left to right as one climbs; null where the shape ends before. */
    public ?Segment $head = null;

    /** Where the next part begins: the middle of its first edge, y the direction of climb. */
    private Frame $frame;

    private int $risers = 0;

    private function __construct(private readonly Stair $stair, private readonly float $width)
    {
        $this->frame = Frame::facing($stair->start, Point::towards($stair->facing));
        $this->walkline = [$stair->start];
    }

    public static function of(Stair $stair): self
    {
        $shape = new self($stair, $stair->width ?? 0.0);
        foreach ($stair->width === null ? [] : $stair->parts as $number => $part) {
            $next = $stair->parts[$number + 1] ?? null;
            $goesOn = match (true) {
                $part instanceof Landing => $shape->rest($part, $number),
                $stair->kind === StairKind::Spiral => $shape->spiral($part, $number, $next),
                $part instanceof Flight => $shape->climb($part, $number, $next),
                $part instanceof Winders => $shape->wind($part, $number, $next),
            };
            if (!$goesOn) {
                return $shape;
            }
        }
        if ($stair->width !== null) {
            $shape->head = $shape->across($shape->frame);
        }

        return $shape;
    }

    /** @return list<Ring> */
    public function treads(): array
    {
        return $this->outlines(static fn(Step $step): bool => $step->kind !== StepKind::Landing);
    }

    /** @return list<Ring> */
    public function landings(): array
    {
        return $this->outlines(static fn(Step $step): bool => $step->kind === StepKind::Landing);
    }

    /** The nosing of the first step: the floor at its foot ends there. */
    public function foot(): ?Segment
    {
        return $this->steps === [] ? $this->head : $this->steps[0]->front;
    }

    /**
     * @param callable(Step): bool $isWanted
     *
     * @return list<Ring>
     */
    private function outlines(callable $isWanted): array
    {
        return array_values(array_map(static fn(Step $step): Ring => $step->outline, array_filter($this->steps, $isWanted)));
    }

    private function climb(Flight $flight, int $part, Flight|Landing|Winders|null $next): bool
    {
        $treads = $this->treadsOf($flight, $next);
        if ($flight->tread === null) {
            $this->risers += $flight->risers;

            return $treads === 0;
        }
        for ($step = 0; $step < $treads; ++$step) {
            $ahead = $this->ahead($flight->tread);
            $this->add($ahead, $part, StepKind::Tread, ++$this->risers);
            $this->frame = $ahead;
        }
        $this->risers += $flight->risers - $treads;
        $this->walkTo($this->frame->origin);

        return true;
    }

    private function treadsOf(Flight|Winders $part, Flight|Landing|Winders|null $next): int
    {
        return $part->risers - ($next === null || $next instanceof Landing ? 1 : 0);
    }

    private function rest(Landing $landing, int $part): bool
    {
        $depth = $landing->depth;
        if ($depth === null) {
            return false;
        }
        $half = $this->width / 2;
        $isBack = $landing->turn->isBack();
        $reach = $isBack ? 2 * $this->width + ($landing->gap ?? 0.0) : $this->width;
        $outline = $this->box($landing->turn->isRight() ? -$half : $half - $reach, $reach, $depth);
        // the middle of the flight that goes on beside this one
        $beside = ($landing->turn->isRight() ? 1 : -1) * ($reach - $this->width);
        $front = $this->across($this->frame);
        $turns = [$this->frame->toPlan(new Point(0, $depth / 2))];
        if ($isBack) {
            $turns[] = $this->frame->toPlan(new Point($beside, $depth / 2));
        }
        array_map($this->walkTo(...), $turns);
        $left = $this->frame->xAxis->times(-1);
        $this->frame = match ($landing->turn) {
            Turn::None => $this->placed(0, $depth, $this->frame->yAxis),
            Turn::Left => $this->placed(-$half, $depth - $half, $left),
            Turn::Right => $this->placed($half, $depth - $half, $this->frame->xAxis),
            Turn::Back, Turn::BackLeft, Turn::BackRight => $this->placed($beside, 0, $this->frame->yAxis->times(-1)),
        };
        $this->steps[] = new Step(
            outline: $outline,
            front: $front,
            back: $this->across($this->frame),
            risers: $this->risers,
            part: $part,
            kind: StepKind::Landing,
            turns: $turns,
        );
        $this->walkTo($this->frame->origin);

        return true;
    }

    private function wind(Winders $winders, int $part, Flight|Landing|Winders|null $next): bool
    {
        $treads = max(1, $this->treadsOf($winders, $next));
        $turn = new WinderTurn($treads, $this->width, $winders->inner ?? 0.0);
        $this->turns[$part] = $turn;
        $side = $winders->turn === Turn::Left ? -1 : 1;
        $pivot = $side * ($this->width / 2 + $turn->offset);
        $start = $this->frame;
        $place = static fn(Point $point): Point => $start->toPlan(new Point($pivot - $side * $point->x, $point->y));
        // the outer end of a riser lies to the left where one turns right
        $riser = static fn(int $number): Segment => $side > 0
            ? new Segment($place($turn->outer($number)), $place($turn->inner($number)))
            : new Segment($place($turn->inner($number)), $place($turn->outer($number)));
        for ($step = 0; $step < $treads; ++$step) {
            $this->steps[] = new Step(
                (new Ring(array_map($place, $turn->tread($step))))->counterClockwise(),
                $riser($step),
                $riser($step + 1),
                ++$this->risers,
                $part,
                StepKind::Winder,
            );
            $this->walkTo($place($turn->at($step, $this->width / 2)));
        }
        $this->risers += $winders->risers - $treads;
        $this->frame = Frame::facing($place($turn->at($treads, $this->width / 2)), $start->xAxis->times($side));
        $this->walkTo($this->frame->origin);

        return true;
    }

    /** Steps around a middle, in as large an angle as makes them as deep as is said. */
    private function spiral(Flight|Winders $part, int $number, Flight|Landing|Winders|null $next): bool
    {
        $inner = $this->stair->innerRadius;
        $treads = $this->treadsOf($part, $next);
        if ($inner === null || ($part instanceof Flight && $part->tread === null)) {
            return false;
        }
        $side = ($part instanceof Winders ? $part->turn : $this->stair->hand) === Turn::Right ? 1 : -1;
        $angle = $part instanceof Winders
            ? M_PI / 2 / max(1, $treads)
            : 2 * asin(min(1.0, $part->tread / 2 / ($inner + self::SPIRAL_WALKLINE)));
        for ($step = 0; $step < $treads; ++$step) {
            $ahead = $this->turned($side, $inner + $this->width / 2, $angle);
            $this->add($ahead, $number, StepKind::Winder, ++$this->risers);
            $this->frame = $ahead;
        }
        $this->risers += $part->risers - $treads;
        $this->walkTo($this->frame->origin);

        return true;
    }

    /** The frame carried around a middle to its side. */
    private function turned(int $side, float $radius, float $angle): Frame
    {
        $middle = $this->frame->toPlan(new Point($side * $radius, 0));
        $turn = -$side * $angle;
        $rotate = static fn(Point $vector): Point => new Point(
            $vector->x * cos($turn) - $vector->y * sin($turn),
            $vector->x * sin($turn) + $vector->y * cos($turn),
        );

        return Frame::facing($middle->plus($rotate($this->frame->origin->minus($middle))), $rotate($this->frame->yAxis));
    }

    /** A tread from the riser where the frame is to the riser ahead. */
    private function add(Frame $ahead, int $part, StepKind $kind, int $risers): void
    {
        [$front, $back] = [$this->across($this->frame), $this->across($ahead)];
        $this->steps[] = new Step(new Ring([$front->from, $front->to, $back->to, $back->from]), $front, $back, $risers, $part, $kind);
        $this->walkTo($this->frame->origin);
    }

    private function across(Frame $frame): Segment
    {
        return new Segment($frame->toPlan(new Point(-$this->width / 2, 0)), $frame->toPlan(new Point($this->width / 2, 0)));
    }

    private function ahead(float $distance): Frame
    {
        return $this->placed(0, $distance, $this->frame->yAxis);
    }

    private function placed(float $x, float $y, Point $direction): Frame
    {
        return Frame::facing($this->frame->toPlan(new Point($x, $y)), $direction);
    }

    private function box(float $x, float $width, float $depth): Ring
    {
        return Ring::rectangle(
            $this->frame->toPlan(new Point($x, 0)),
            $this->frame->xAxis->times($width),
            $this->frame->yAxis->times($depth),
        );
    }

    private function walkTo(Point $point): void
    {
        if ($point->distanceTo($this->walkline[count($this->walkline) - 1]) > 0.01) {
            $this->walkline[] = $point;
        }
    }
}
