<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Plane;
use Heurema\Ifc\Shape\Slope;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Shape\Vector;

/** The runs of a ramp, told by its bodies: sloping rectangles that look up. In mm. */
final class RampRuns
{
    /** What slopes less is level, what slopes more is no ramp, mm in mm. */
    private const LEVEL = 0.004;
    private const STEEPEST = 0.35;

    /** A smaller face on plan, mm², is an edge. */
    private const LEAST = 50_000.0;

    /** How much of the rectangle around it a run fills at the least. */
    private const FILLED = 0.98;

    /**
     * @param list<Solid> $solids
     *
     * @return list<Slope>|null lowest first; null where something slopes that is no rectangle
     */
    public static function of(array $solids): ?array
    {
        $runs = [];
        foreach (self::planes($solids) as [$plane, $faces]) {
            $area = array_sum(array_map(static fn(array $face): float => self::ring($face)->area(), $faces));
            if ($area < self::LEAST) {
                continue;
            }
            $run = self::run($plane, array_merge(...$faces));
            if ($area < self::FILLED * $run->length * $run->width) {
                return null;
            }
            $runs[] = $run;
        }
        usort($runs, static fn(Slope $a, Slope $b): int => $a->level <=> $b->level);

        return $runs;
    }

    /**
     * Sloping faces that look up, those of one plane together: a mesh has its rectangles in triangles.
     *
     * @param list<Solid> $solids
     *
     * @return list<array{Plane, non-empty-list<non-empty-list<Vector>>}>
     */
    private static function planes(array $solids): array
    {
        $planes = [];
        foreach ($solids as $solid) {
            foreach ($solid->faces as $face) {
                $plane = self::plane($face);
                if ($plane === null) {
                    continue;
                }
                $of = count($planes);
                foreach ($planes as $number => [$other]) {
                    $of = $plane->isSame($other) ? $number : $of;
                }
                $planes[$of] = [$planes[$of][0] ?? $plane, [...$planes[$of][1] ?? [], $face]];
            }
        }

        return array_values($planes);
    }

    /** @param non-empty-list<Vector> $face */
    private static function plane(array $face): ?Plane
    {
        $plane = Plane::lookingUp($face);
        $slope = $plane?->gradient()->length() ?? 0.0;

        return $slope < self::LEVEL || $slope > self::STEEPEST ? null : $plane;
    }

    /** @param non-empty-list<Vector> $corners */
    private static function run(Plane $plane, array $corners): Slope
    {
        $way = $plane->gradient()->unit();
        $points = array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $corners);
        $along = array_map(static fn(Point $point): float => $way->dot($point), $points);
        $across = array_map(static fn(Point $point): float => $way->left()->dot($point), $points);
        $foot = $way->times(min($along))->plus($way->left()->times((min($across) + max($across)) / 2));
        $length = max($along) - min($along);

        return new Slope(
            $foot,
            $way,
            $length,
            max($across) - min($across),
            $plane->heightAt($foot),
            $plane->gradient()->length() * $length,
        );
    }

    /** @param non-empty-list<Vector> $face */
    private static function ring(array $face): Ring
    {
        return new Ring(array_map(static fn(Vector $corner): Point => new Point($corner->x, $corner->y), $face));
    }
}
