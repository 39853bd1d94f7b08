<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Where along a line a value is greatest, by halving the stretches in which it could still be greater (branch and bound). */
final class BestPlace
{
    /** Stretches looked at, at the most. */
    private const MOST = 600;

    /**
     * @param list<float>                   $places  to begin with, ascending
     * @param callable(float): float        $value   at a place, 0 where there is none
     * @param callable(float, float): float $bound   no place between the two has a greater value
     * @param float                         $exactly how finely a stretch is cut, mm; INF: only the places count
     * @param float                         $enough  a value with which it may end
     *
     * @return float|null null when no place has a value
     */
    public static function of(array $places, callable $value, callable $bound, float $exactly, float $enough = INF): ?float
    {
        [$best, $greatest] = [null, 0.0];
        foreach ($places as $place) {
            $here = $value($place);
            [$best, $greatest] = $here > $greatest ? [$place, $here] : [$best, $greatest];
        }
        if ($exactly === INF) {
            return $best;
        }
        /** @var \SplPriorityQueue<float, array{float, float}> $queue */
        $queue = new \SplPriorityQueue();
        for ($i = 1, $count = count($places); $i < $count; ++$i) {
            $queue->insert([$places[$i - 1], $places[$i]], $bound($places[$i - 1], $places[$i]));
        }
        $queue->setExtractFlags(\SplPriorityQueue::EXTR_BOTH);
        for ($looked = 0; $looked < self::MOST && !$queue->isEmpty(); ++$looked) {
            /** @var array{data: array{float, float}, priority: float} $next */
            $next = $queue->extract();
            [$first, $last] = $next['data'];
            if ($greatest >= $enough || $next['priority'] <= $greatest + Tolerance::UPRIGHT) {
                break;
            }
            if ($last - $first <= $exactly) {
                continue;
            }
            $middle = ($first + $last) / 2;
            $here = $value($middle);
            [$best, $greatest] = $here > $greatest ? [$middle, $here] : [$best, $greatest];
            $queue->insert([$first, $middle], $bound($first, $middle));
            $queue->insert([$middle, $last], $bound($middle, $last));
        }

        return $best;
    }
}
