<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Distances straight out from a line, to its right as one goes along it; mm. */
final readonly class OutwardDistances
{
    /** What comes in by less at an end of the line, or lies no farther out, only touches, mm. */
    private const GRAZE = 1.0;

    public function __construct(private Segment $line) {}

    /**
     * @param list<Segment> $sides
     *
     * @return Segment|null the shortest line from it to one of the sides; null: it meets none
     */
    public function nearest(array $sides): ?Segment
    {
        $along = $this->line->direction();
        $out = $along->left()->times(-1.0);
        $shortest = null;
        foreach ($sides as $side) {
            [$a, $b] = [$this->line->along($side->from), $this->line->along($side->to)];
            [$low, $high] = [max(self::GRAZE, min($a, $b)), min($this->line->length() - self::GRAZE, max($a, $b))];
            foreach ($high - $low < self::GRAZE ? [] : [$low, $high] as $place) {
                $at = $side->from->towardsPoint($side->to, ($place - $a) / ($b - $a));
                $away = $out->dot($at->minus($this->line->from));
                if ($away > self::GRAZE && ($shortest === null || $away < $shortest->length())) {
                    $shortest = new Segment($at->minus($out->times($away)), $at);
                }
            }
        }

        return $shortest;
    }
}
