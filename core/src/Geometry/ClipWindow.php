<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * A convex outline that others are clipped by. A place on its edge is told by the number of the side and how far along it, 0 to 1:
 * 2.25 is a quarter of the way along the third side.
 */
final readonly class ClipWindow
{
    /** What comes so near a side or a corner, mm, may lie on either side of it. */
    private const NEAR = 1e-6;

    private Box $bounds;

    /** @var list<array{float, float, float, float, float}> where each side begins, its direction, its length */
    private array $sides;

    /** @param Ring $ring convex, counter-clockwise */
    public function __construct(Ring $ring)
    {
        $this->bounds = $ring->bounds()->grown(self::NEAR);
        $this->sides = array_map(static function (Segment $side): array {
            $length = max($side->length(), self::NEAR);

            return [
                $side->from->x, $side->from->y, ($side->to->x - $side->from->x) / $length, ($side->to->y - $side->from->y) / $length,
                $length,
            ];
        }, $ring->edges());
    }

    /**
     * What of a line lies in the window, from which share of its length to which, and where it crosses the window's edge, null where
     * it begins or ends inside.
     *
     * @return array{float, float, float|null, float|null}|null|false null: nothing; false: too near a side or a corner to tell
     */
    public function within(Point $from, Point $to): array|false|null
    {
        if (
            max($from->x, $to->x) < $this->bounds->left
            || min($from->x, $to->x) > $this->bounds->right
            || max($from->y, $to->y) < $this->bounds->bottom
            || min($from->y, $to->y) > $this->bounds->top
        ) {
            return null;
        }
        [$enter, $leave, $entered, $left, $isNear] = [0.0, 1.0, null, null, false];
        foreach ($this->sides as $number => [$x, $y, $dx, $dy]) {
            $first = $dx * ($from->y - $y) - $dy * ($from->x - $x);
            $second = $dx * ($to->y - $y) - $dy * ($to->x - $x);
            if ($first < -self::NEAR && $second < -self::NEAR) {
                return null;
            }
            if (abs($first) <= self::NEAR || abs($second) <= self::NEAR) {
                $isNear = true;
            } elseif ($first < 0) {
                [$enter, $entered] = $first / ($first - $second) > $enter ? [$first / ($first - $second), $number] : [$enter, $entered];
            } elseif ($second < 0) {
                [$leave, $left] = $first / ($first - $second) < $leave ? [$first / ($first - $second), $number] : [$leave, $left];
            }
        }
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        if (($leave - $enter) * $length < -self::NEAR) {
            return null;
        }
        $places = [$this->place($from, $to, $enter, $entered), $this->place($from, $to, $leave, $left)];

        return $isNear || ($leave - $enter) * $length <= self::NEAR || in_array(false, $places, true)
            ? false
            : [$enter, $leave, ...$places];
    }

    /** @return list<Point> the corners that one passes from one place to another, counter-clockwise */
    public function corners(float $from, float $to): array
    {
        $count = count($this->sides);
        $corners = [];
        for ($corner = (int) $from + 1; $corner < ($to > $from ? $to : $to + $count); ++$corner) {
            $corners[] = new Point($this->sides[$corner % $count][0], $this->sides[$corner % $count][1]);
        }

        return $corners;
    }

    /** @return float|null|false null: nowhere; false: too near a corner */
    private function place(Point $from, Point $to, float $share, ?int $number): float|false|null
    {
        if ($number === null) {
            return null;
        }
        [$x, $y, $dx, $dy, $length] = $this->sides[$number];
        $along = ($from->x + $share * ($to->x - $from->x) - $x) * $dx + ($from->y + $share * ($to->y - $from->y) - $y) * $dy;

        return $along <= self::NEAR || $along >= $length - self::NEAR ? false : $number + $along / $length;
    }
}
