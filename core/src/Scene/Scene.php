<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Spatial\Home;

/** A home in space: the parts of all storeys and the ground, each of closed bodies. What nobody said is taken in a usual size. */
final readonly class Scene
{
    /** @param list<Part> $parts */
    private function __construct(public Home $home, public array $parts) {}

    /**
     * @param bool       $isOpen leaves of doors that swing stand open at a right angle, else they are shut
     * @param float|null $wanted where less height is left is a part of its own, mm; null: none is
     */
    public static function of(Home $home, bool $isOpen = false, ?float $wanted = null): self
    {
        $parts = self::built($home, $isOpen, $wanted, true);
        foreach ($home->plans as $plan) {
            array_push($parts, ...(new TileParts($home, $plan))->parts());
        }

        return new self($home, [...$parts, ...(new GroundParts($home))->parts()]);
    }

    /** @return list<Part> of the home as it is drawn upright and from above, without finishes and the ground around it, worked out once */
    public static function parts(Home $home): array
    {
        return $home->once('parts in the round', static fn(): array => self::built($home, false, null, false));
    }

    /** @return list<Part> of all storeys */
    private static function built(Home $home, bool $isOpen, ?float $wanted, bool $isFinished): array
    {
        $parts = [];
        foreach ($home->plans as $plan) {
            array_push(
                $parts,
                ...(new FloorParts($home, $plan, $isFinished))->parts(),
                ...(new WallParts($home, $plan, $isOpen))->parts(),
                ...(new RoofParts($home, $plan, $home->above($plan)))->parts(),
                ...(new ClimbParts($home, $plan))->parts(),
                ...(new RailParts($home, $plan))->parts(),
                ...(new FixtureParts($home, $plan))->parts(),
                ...$wanted === null ? [] : (new LowSpaces($home, $plan, $wanted))->parts(),
            );
        }

        return $parts;
    }
}
