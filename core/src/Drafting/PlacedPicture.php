<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Language\Text;

/**
 * A picture that lies under a plan to be drawn over: where its top left corner is, how many millimetres a pixel stands for, and how
 * far it is turned, counter-clockwise in degrees.
 */
final readonly class PlacedPicture
{
    /** How wide a picture is taken to be until a distance in it is known, mm. */
    private const USUAL_WIDTH = 12_000.0;

    private const LEAST_PIXELS = 5.0;

    public function __construct(
        public int $width,
        public int $height,
        public Point $corner,
        public float $mmPerPixel,
        public float $angle = 0.0,
    ) {}

    /** A picture of so many pixels, its lower left corner at the origin. */
    public static function of(int $width, int $height): self
    {
        $scale = self::USUAL_WIDTH / $width;

        return new self($width, $height, new Point(0, $height * $scale), $scale);
    }

    /**
     * Drawn so large that two places on the plan come to lie a known distance apart; the first stays.
     *
     * @throws UntraceablePicture when the places are too near to each other to tell
     */
    public function scaled(Point $from, Point $to, float $distance): self
    {
        $this->refuseNear($from, $to);
        if ($distance <= 0.0) {
            throw new UntraceablePicture(Text::of('The distance is to be more than nothing.'));
        }
        $factor = $distance / $from->distanceTo($to);
        if ($this->mmPerPixel * $factor < 0.01 || $this->mmPerPixel * $factor > 1000.0) {
            throw new UntraceablePicture(Text::of('At that scale a pixel would stand for less than 0.01 mm or more than a metre.'));
        }

        return new self(
            $this->width,
            $this->height,
            $from->plus($this->corner->minus($from)->times($factor)),
            $this->mmPerPixel * $factor,
            $this->angle,
        );
    }

    /**
     * Turned so that the line through two places runs straight across or straight up, whichever is nearer; the first stays.
     *
     * @throws UntraceablePicture when the places are too near to each other to tell
     */
    public function straightened(Point $from, Point $to): self
    {
        $this->refuseNear($from, $to);
        $angle = rad2deg(atan2($to->y - $from->y, $to->x - $from->x));
        $turn = round($angle / 90) * 90 - $angle;
        $axis = Point::towards($turn);
        $away = $this->corner->minus($from);
        $corner = $from->plus(new Point($away->x * $axis->x - $away->y * $axis->y, $away->x * $axis->y + $away->y * $axis->x));

        return new self($this->width, $this->height, $corner, $this->mmPerPixel, fmod($this->angle + $turn, 360));
    }

    /** Moved so that one place comes to lie where another is. */
    public function moved(Point $from, Point $to): self
    {
        return new self($this->width, $this->height, $this->corner->plus($to->minus($from)), $this->mmPerPixel, $this->angle);
    }

    /** Where a pixel lies on the plan; pixels count to the right and down. */
    public function toPlan(float $x, float $y): Point
    {
        $along = Point::towards($this->angle);

        return $this->corner->plus($along->times($x * $this->mmPerPixel))->plus($along->left()->times(-$y * $this->mmPerPixel));
    }

    private function refuseNear(Point $from, Point $to): void
    {
        if ((new Segment($from, $to))->length() < self::LEAST_PIXELS * $this->mmPerPixel) {
            throw new UntraceablePicture(Text::of('Point at two places farther apart.'));
        }
    }
}
