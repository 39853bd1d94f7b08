<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/** A doorway as one comes up to it from one side. Its frame has its origin in the middle of the wall's face, y coming towards one. */
final readonly class Doorway
{
    public const PULL = 'pull';
    public const PUSH = 'push';
    public const INSIDE = 'inside';
    public const OUTSIDE = 'outside';
    public const LEFT = 'left';
    public const RIGHT = 'right';

    public const SIDES = [self::PULL, self::PUSH, self::INSIDE, self::OUTSIDE, self::LEFT, self::RIGHT];

    /** So far around a door, mm, most zones that are asked about lie. */
    private const AROUND = 1900.0;

    /** @param int $latch on which side of the frame the latch is: 1 or −1 along its x */
    private function __construct(public Frame $frame, public float $halfWidth, public int $latch, private PlacedOpening $door) {}

    /** @return self|list<string> what the document lacks to tell */
    public static function of(PlacedOpening $door, string $side): self|array
    {
        $wall = match ($side) {
            self::PULL => $door->opening->door?->opens,
            self::PUSH => self::other($door->opening->door?->opens),
            self::LEFT => WallSide::Left,
            self::RIGHT => WallSide::Right,
            default => self::towards($door, $side === self::OUTSIDE),
        };
        $width = $door->opening->width;
        if ($wall === null || $width === null) {
            return [...($width === null ? ["{$door->id()}.width"] : []), ...($wall === null ? self::missing($door, $side) : [])];
        }
        $along = $door->wall->line()->direction();
        $out = $along->left()->times($wall === WallSide::Left ? 1 : -1);
        $frame = Frame::facing($door->middle()->plus($out->times($door->wall->thickness / 2)), $out);
        $toEnd = $frame->xAxis->dot($along) > 0 ? 1 : -1;

        return new self($frame, $width / 2, $door->opening->door?->hinge === HingeEnd::To ? -$toEnd : $toEnd, $door);
    }

    /**
     * The floor before the closed door.
     *
     * @param float $depth       mm
     * @param float $beyondLatch mm past the edge of the opening
     * @param float $beyondHinge mm
     */
    public function floor(float $depth, float $beyondLatch, float $beyondHinge): Ring
    {
        return $this->box(-$this->halfWidth - $beyondHinge, $this->halfWidth + $beyondLatch, $depth);
    }

    /** The floor before the wall beside the latch. */
    public function besideLatch(float $width, float $depth): Ring
    {
        return $this->box($this->halfWidth, $this->halfWidth + $width, $depth);
    }

    /** What stands in some floor before the door. */
    public function zone(Ring $floor, Home $home): FreeZone
    {
        $near = $home->lately(
            "floor at {$this->door->id()}",
            fn(): FloorNear => FloorNear::within(
                Box::around([$this->door->span()->from, $this->door->span()->to])->grown(self::AROUND),
                $this->door->plan,
                $home,
            ),
        );

        return $near->holds($floor->bounds()) ? FreeZone::on($near, $floor) : FreeZone::of($floor, $this->door->plan, $home);
    }

    /**
     * How far one can go before something taken begins.
     *
     * @param list<Polygon> $taken
     * @param float         $reach how far at the most, mm
     */
    public function freeDepth(array $taken, float $reach): float
    {
        foreach ($taken as $part) {
            foreach ($part->outer->points as $point) {
                $reach = min($reach, $this->frame->fromPlan($point)->y);
            }
        }

        return self::fromStart($reach);
    }

    /**
     * How far one can go from the latch edge along the wall before something taken begins.
     *
     * @param list<Polygon> $taken
     */
    public function freeWidth(array $taken, float $reach): float
    {
        foreach ($taken as $part) {
            foreach ($part->outer->points as $point) {
                $reach = min($reach, $this->latch * $this->frame->fromPlan($point)->x - $this->halfWidth);
            }
        }

        return self::fromStart($reach);
    }

    /** What begins where a zone begins leaves nothing free, though it is looked for a little inside the zone. */
    public static function fromStart(float $free): float
    {
        return $free <= Tolerance::GRAZE + Tolerance::TOUCH ? 0.0 : $free;
    }

    /** @param float $from mm from the middle, latch side positive */
    private function box(float $from, float $to, float $depth): Ring
    {
        $corner = $this->frame->toPlan(new Point($this->latch * $from, 0));

        return Ring::rectangle($corner, $this->frame->xAxis->times($this->latch * ($to - $from)), $this->frame->yAxis->times($depth));
    }

    private static function other(?WallSide $side): ?WallSide
    {
        return match ($side) {
            WallSide::Left => WallSide::Right,
            WallSide::Right => WallSide::Left,
            null => null,
        };
    }

    private static function towards(PlacedOpening $door, bool $outside): ?WallSide
    {
        return match (true) {
            $door->left->isOpenAir() === $outside => WallSide::Left,
            $door->right->isOpenAir() === $outside => WallSide::Right,
            default => null,
        };
    }

    /** @return list<string> */
    private static function missing(PlacedOpening $door, string $side): array
    {
        return in_array($side, [self::PULL, self::PUSH], true)
            ? ["{$door->id()}.opens"]
            : ($door->missingSides() === [] ? ["{$side} of {$door->id()}"] : $door->missingSides());
    }
}
