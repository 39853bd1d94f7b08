<?php

declare(strict_types=1);

namespace Heurema\Projection;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** Joins lines that run on in one another, or over one another, so that each is drawn once. */
final class MergedLines
{
    /** Lines are one when they lie no farther apart, and run on over gaps no wider, mm. */
    private const APART = 0.2;
    private const GAP = 0.5;

    /**
     * @param list<SeenLine> $lines
     *
     * @return list<SeenLine>
     */
    public static function lines(array $lines): array
    {
        $groups = [];
        foreach ($lines as $line) {
            $way = self::way($line->line);
            $offset = $way->cross($line->line->from);
            $key = implode(' ', [
                round($way->x, 4) + 0.0, round($way->y, 4) + 0.0, round($offset / self::APART) + 0.0,
                $line->material->value, (int) $line->isCut,
            ]);
            $ends = [$way->dot($line->line->from), $way->dot($line->line->to)];
            $groups[$key][] = [min($ends), max($ends), $line, $way, $offset];
        }

        return array_merge(...array_map(self::joined(...), array_values($groups)));
    }

    /**
     * @param non-empty-list<array{float, float, SeenLine, Point, float}> $group
     *
     * @return list<SeenLine>
     */
    private static function joined(array $group): array
    {
        usort($group, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        [, , $line, $way, $offset] = $group[0];
        $stretches = [];
        foreach ($group as [$from, $to]) {
            $last = count($stretches) - 1;
            if ($last >= 0 && $from <= $stretches[$last][1] + self::GAP) {
                $stretches[$last][1] = max($stretches[$last][1], $to);
            } else {
                $stretches[] = [$from, $to];
            }
        }
        $at = static fn(float $along): Point => $way->times($along)->plus($way->left()->times($offset));

        return array_map(
            static fn(array $one): SeenLine => new SeenLine(new Segment($at($one[0]), $at($one[1])), $line->material, $line->isCut),
            $stretches,
        );
    }

    /** To the right, or up. */
    private static function way(Segment $line): Point
    {
        $way = $line->direction();

        return $way->x > 1e-9 || (abs($way->x) <= 1e-9 && $way->y > 0.0) ? $way : $way->times(-1);
    }
}
