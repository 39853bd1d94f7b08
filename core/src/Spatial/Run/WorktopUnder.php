<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;

/** The worktops, counters and base units that something hangs over. */
final readonly class WorktopUnder
{
    private const TOPS = [FixtureKind::Counter, FixtureKind::BaseCabinet, FixtureKind::Island];

    /** @param non-empty-list<PlacedFixture> $below */
    private function __construct(private PlacedFixture $hung, private array $below) {}

    /** Null where it hangs over none. */
    public static function of(PlacedFixture $hung, Home $home): ?self
    {
        $below = array_values(array_filter(
            $hung->bounds === null ? [] : $home->fixturesNear($hung->storey(), $hung->bounds),
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::TOPS, true) && $one->overlaps($hung),
        ));

        return $below === [] ? null : new self($hung, $below);
    }

    /** @return list<string> what the document lacks for the height between them */
    public function missing(): array
    {
        return array_merge(
            $this->hung->knownBase() === null ? ["{$this->hung->id()}.base"] : [],
            ...array_map(static fn(PlacedFixture $one): array => $one->missingForTop(), $this->below),
        );
    }

    public function highest(): PlacedFixture
    {
        $below = $this->below;
        usort($below, static fn(PlacedFixture $a, PlacedFixture $b): int => $b->top() <=> $a->top());

        return $below[0];
    }

    /** From the highest of them up to its underside, mm; where nothing is missing. */
    public function clear(): float
    {
        return $this->hung->base() - ($this->highest()->top() ?? 0.0);
    }
}
