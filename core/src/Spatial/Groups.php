<?php

declare(strict_types=1);

namespace Heurema\Spatial;

/** Groups of members in which each belongs to another one of its group, and to none of the others. */
final class Groups
{
    /**
     * @template T
     *
     * @param list<T>              $members
     * @param \Closure(T, T): bool $belong do two of them belong together by themselves?
     *
     * @return list<non-empty-list<T>>
     */
    public static function of(array $members, \Closure $belong): array
    {
        $groups = [];
        foreach ($members as $member) {
            [$joined, $apart] = [[$member], []];
            foreach ($groups as $group) {
                $isOne = array_filter($group, static fn(mixed $one): bool => $belong($one, $member)) !== [];
                [$joined, $apart] = $isOne ? [[...$joined, ...$group], $apart] : [$joined, [...$apart, $group]];
            }
            $groups = [...$apart, $joined];
        }

        return $groups;
    }
}
