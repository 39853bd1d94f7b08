<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Ifc\Step\Instance;

/** The outlines that bodies are drawn out of. In mm. */
final readonly class Profiles
{
    /** A circle becomes so many chords. */
    private const CHORDS = 48;

    public function __construct(private Placement $placement, private Curves $curves) {}

    /**
     * @param Transform $frame of the body
     *
     * @return list<non-empty-list<Vector>> its outer border and its holes; empty where the profile is of a kind that is not read
     */
    public function borders(?Instance $profile, Transform $frame): array
    {
        $borders = match ($profile?->type) {
            'IFCRECTANGLEPROFILEDEF', 'IFCROUNDEDRECTANGLEPROFILEDEF' => [$this->rectangle($profile, 'XDim', 'YDim')],
            'IFCISHAPEPROFILEDEF' => [$this->rectangle($profile, 'OverallWidth', 'OverallDepth')],
            'IFCCIRCLEPROFILEDEF', 'IFCCIRCLEHOLLOWPROFILEDEF' => [$this->circle($profile)],
            'IFCARBITRARYCLOSEDPROFILEDEF' => [$this->curves->points($profile->one('OuterCurve'))],
            'IFCARBITRARYPROFILEDEFWITHVOIDS' => [
                $this->curves->points($profile->one('OuterCurve')),
                ...array_map($this->curves->points(...), $profile->many('InnerCurves')),
            ],
            default => [],
        };

        $found = [];
        foreach (array_map(self::withoutRepeats(...), $borders) as $border) {
            $found = [...$found, ...count($border) > 2 ? [array_map($frame->point(...), $border)] : []];
        }

        return $found;
    }

    /** @return list<Vector> */
    private function rectangle(Instance $profile, string $width, string $depth): array
    {
        $frame = $this->placement->axes($profile->one('Position'));
        [$x, $y] = array_map(fn(string $side): float => ($profile->number($side) ?? 0.0) * $this->placement->scale / 2, [$width, $depth]);

        return array_map(
            static fn(array $at): Vector => $frame->point(new Vector($at[0], $at[1], 0.0)),
            [[-$x, -$y], [$x, -$y], [$x, $y], [-$x, $y]],
        );
    }

    /** @return list<Vector> */
    private function circle(Instance $profile): array
    {
        $frame = $this->placement->axes($profile->one('Position'));
        $radius = ($profile->number('Radius') ?? 0.0) * $this->placement->scale;

        return array_map(static function (int $number) use ($frame, $radius): Vector {
            $angle = 2 * M_PI * $number / self::CHORDS;

            return $frame->point(new Vector($radius * cos($angle), $radius * sin($angle), 0.0));
        }, range(0, self::CHORDS - 1));
    }

    /**
     * @param list<Vector> $border
     *
     * @return list<Vector> no corner follows on itself, the last one neither on the first
     */
    private static function withoutRepeats(array $border): array
    {
        $left = [];
        foreach ($border as $point) {
            $before = $left[count($left) - 1] ?? null;
            if ($before === null || $point->minus($before)->length() > 0.01) {
                $left[] = $point;
            }
        }
        if (count($left) > 1 && $left[0]->minus($left[count($left) - 1])->length() <= 0.01) {
            array_pop($left);
        }

        return $left;
    }
}
