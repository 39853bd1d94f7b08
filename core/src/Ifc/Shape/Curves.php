<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\Typed;

/** Curves as lines through points; arcs become chords. In mm, in the frame that they are drawn in. */
final readonly class Curves
{
    /** Degrees of an arc that one chord takes. */
    private const CHORD = 7.5;

    /** @param float $degrees in the file's unit of angles */
    public function __construct(private Placement $placement, private float $degrees) {}

    /** @return list<Vector> empty where the curve is of a kind that is not read */
    public function points(?Instance $curve): array
    {
        return match ($curve?->type) {
            'IFCPOLYLINE' => array_map($this->placement->point(...), $curve->many('Points')),
            'IFCINDEXEDPOLYCURVE' => $this->indexed($curve),
            'IFCCOMPOSITECURVE' => $this->composite($curve),
            'IFCTRIMMEDCURVE' => $this->trimmed($curve),
            'IFCCIRCLE' => $this->arc($curve, 0.0, 360.0),
            default => [],
        };
    }

    /** @return list<Vector> */
    private function indexed(Instance $curve): array
    {
        $points = array_map($this->placement->coordinates(...), $curve->one('Points')?->rows('CoordList') ?? []);
        $segments = $curve->get('Segments');
        if (!is_array($segments)) {
            return $points;
        }
        $line = [];
        foreach ($segments as $segment) {
            $numbers = $segment instanceof Typed && is_array($segment->value) ? $segment->value : [];
            $through = [];
            foreach ($numbers as $number) {
                $point = is_float($number) ? $points[(int) $number - 1] ?? null : null;
                array_push($through, ...$point === null ? [] : [$point]);
            }
            $isArc = $segment instanceof Typed && $segment->type === 'IFCARCINDEX' && count($through) === 3;
            array_push($line, ...$isArc ? self::through($through[0], $through[1], $through[2]) : $through);
        }

        return $line;
    }

    /** @return list<Vector> */
    private function composite(Instance $curve): array
    {
        $line = [];
        foreach ($curve->many('Segments') as $segment) {
            $points = $this->points($segment->one('ParentCurve'));
            array_push($line, ...$segment->yesNo('SameSense') === false ? array_reverse($points) : $points);
        }

        return $line;
    }

    /** @return list<Vector> */
    private function trimmed(Instance $curve): array
    {
        $basis = $curve->one('BasisCurve');
        if ($basis?->is('IFCCIRCLE') !== true) {
            $ends = [...$curve->many('Trim1'), ...$curve->many('Trim2')];

            return count($ends) === 2 ? array_map($this->placement->point(...), $ends) : [];
        }
        [$from, $to] = [$this->angle($basis, $curve, 'Trim1'), $this->angle($basis, $curve, 'Trim2')];
        $isForward = $curve->yesNo('SenseAgreement') !== false;
        $sweep = fmod(($isForward ? $to - $from : $from - $to) + 720.0, 360.0);
        $sweep = $sweep < 1e-9 ? 360.0 : $sweep;

        return $this->arc($basis, $from, $isForward ? $sweep : -$sweep);
    }

    /** Where on a circle one of its ends lies, in degrees: told by an angle or by a point. */
    private function angle(Instance $circle, Instance $curve, string $end): float
    {
        $told = $curve->get($end);
        foreach (is_array($told) ? $told : [] as $value) {
            if ($value instanceof Typed && is_float($value->value)) {
                return $value->value * $this->degrees;
            }
        }
        $frame = $this->placement->axes($circle->one('Position'));
        $from = $this->placement->point($curve->many($end)[0] ?? null)->minus($frame->origin);

        return rad2deg(atan2($from->dot($frame->y), $from->dot($frame->x)));
    }

    /** @return list<Vector> of a circle, from an angle on, degrees counter-clockwise */
    private function arc(Instance $circle, float $from, float $sweep): array
    {
        $frame = $this->placement->axes($circle->one('Position'));
        $radius = ($circle->number('Radius') ?? 0.0) * $this->placement->scale;
        $count = max(1, (int) ceil(abs($sweep) / self::CHORD));

        return array_map(static function (int $number) use ($frame, $radius, $from, $sweep, $count): Vector {
            $angle = deg2rad($from + $sweep * $number / $count);

            return $frame->point(new Vector($radius * cos($angle), $radius * sin($angle), 0.0));
        }, range(0, $count));
    }

    /** @return list<Vector> of the circle through three points of a plane */
    private static function through(Vector $from, Vector $middle, Vector $to): array
    {
        $cross = 2 * (($middle->x - $from->x) * ($to->y - $from->y) - ($middle->y - $from->y) * ($to->x - $from->x));
        if (abs($cross) < 1e-9) {
            return [$from, $middle, $to];
        }
        [$b, $c] = [$middle->minus($from), $to->minus($from)];
        $centre = $from->plus(new Vector(
            ($c->y * $b->dot($b) - $b->y * $c->dot($c)) / $cross,
            ($b->x * $c->dot($c) - $c->x * $b->dot($b)) / $cross,
            0.0,
        ));
        $angle = static fn(Vector $point): float => rad2deg(atan2($point->y - $centre->y, $point->x - $centre->x));
        $sweep = fmod($angle($to) - $angle($from) + 720.0, 360.0);
        $sweep = $cross < 0 ? $sweep - 360.0 : $sweep;
        $count = max(1, (int) ceil(abs($sweep) / self::CHORD));
        $radius = $from->minus($centre)->length();

        return array_map(static fn(int $number): Vector => $centre->plus(new Vector(
            $radius * cos(deg2rad($angle($from) + $sweep * $number / $count)),
            $radius * sin(deg2rad($angle($from) + $sweep * $number / $count)),
            0.0,
        )), range(0, $count));
    }
}
