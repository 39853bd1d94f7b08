<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** All plans along some stretches that hold what is wanted in its order, the best first. */
final readonly class KitchenPlans
{
    /** Not more of them are compared, and not more are kept. */
    private const MOST = 4000;
    private const KEPT = 60;

    public function __construct(private Rows $rows) {}

    /**
     * @param non-empty-list<Stretch> $stretches from left to right; where there are several, each turns into the next
     * @param list<WantedFixture>            $wanted    from left to right along all of them
     *
     * @return list<KitchenPlan> none where it does not fit
     */
    public function of(array $stretches, array $wanted, CornerKind $corner = CornerKind::BlindLeft): array
    {
        $corners = array_fill(0, count($stretches) - 1, $corner);
        $plans = [];
        $shares = iterator_to_array(Compositions::of(count($wanted), count($stretches)), false);
        $most = (int) ceil(self::MOST / count($shares));
        foreach ($shares as $counts) {
            array_push($plans, ...$this->shared($stretches, $wanted, $counts, $corners, $most));
        }
        usort($plans, static fn(KitchenPlan $one, KitchenPlan $other): int => $one->compare($other));

        return array_slice($plans, 0, self::KEPT);
    }

    /**
     * @param non-empty-list<Stretch> $stretches
     * @param list<WantedFixture>            $wanted
     * @param list<int>               $counts    how many of them stand along each
     * @param list<CornerKind>        $corners
     *
     * @return list<KitchenPlan>
     */
    private function shared(array $stretches, array $wanted, array $counts, array $corners, int $most): array
    {
        /** @var list<non-empty-list<Row>> $together */
        $together = [];
        foreach ($stretches as $number => $stretch) {
            $here = array_splice($wanted, 0, $counts[$number]);
            $isEnd = static fn(WantedFixture $one): bool => ($one->anchor === Anchor::LeftEnd && $number > 0)
                || ($one->anchor === Anchor::RightEnd && $number < count($stretches) - 1);
            // an end is one of all stretches together: a corner is none
            $rows = array_filter($here, $isEnd) !== [] ? [] : $this->rows->along(
                $stretch,
                $here,
                $corners[$number - 1] ?? null,
                $corners[$number] ?? null,
            );
            $next = [];
            foreach ($number === 0 ? [[]] : $together as $before) {
                foreach ($rows as $row) {
                    if (count($next) < $most) {
                        $next[] = [...$before, $row];
                    }
                }
            }
            $together = $next;
        }

        return array_map(static fn(array $rows): KitchenPlan => new KitchenPlan($rows, $corners), $together);
    }
}
