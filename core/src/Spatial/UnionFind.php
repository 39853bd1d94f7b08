<?php

declare(strict_types=1);

namespace Heurema\Spatial;

/** What hangs together; it tells when two stretches of walls do. */
final class UnionFind
{
    /** @var array<int, int> */
    private array $leader;

    /** @var array<int, bool> by leader: does it hold a stretch of wall? */
    private array $isWall;

    public function __construct(int $count, int $stretches)
    {
        $numbers = range(0, max(0, $count - 1));
        $this->leader = array_combine($numbers, $numbers);
        $this->isWall = array_map(static fn(int $number): bool => $number < $stretches, $this->leader);
    }

    /** @return bool whether two stretches of wall, apart so far, hang together now */
    public function join(int $one, int $other): bool
    {
        [$first, $second] = [$this->find($one), $this->find($other)];
        if ($first === $second) {
            return false;
        }
        $both = $this->isWall[$first] && $this->isWall[$second];
        $this->leader[$second] = $first;
        $this->isWall[$first] = $this->isWall[$first] || $this->isWall[$second];

        return $both;
    }

    private function find(int $number): int
    {
        while ($this->leader[$number] !== $number) {
            $number = $this->leader[$number];
        }

        return $number;
    }
}
