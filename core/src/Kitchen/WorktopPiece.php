<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;

/** A piece of worktop with what is cut out of it. */
final readonly class WorktopPiece
{
    private const SET_IN = [FixtureKind::Sink, FixtureKind::Cooktop];

    /** @param list<CutOut> $cutOuts from left to right as one faces it */
    private function __construct(public int $number, public PlacedFixture $top, public array $cutOuts) {}

    /** @param list<PlacedFixture> $here what stands in the room */
    public static function of(int $number, PlacedFixture $top, array $here): self
    {
        $set = array_filter(
            $here,
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::SET_IN, true) && $one->isSetIn($top),
        );
        $cutOuts = array_values(array_map(static fn(PlacedFixture $one): CutOut => CutOut::of($one, $top), $set));
        usort($cutOuts, static fn(CutOut $a, CutOut $b): int => $a->left <=> $b->left);

        return new self($number, $top, $cutOuts);
    }

    /** Of its outline, what is cut out of it included, mm². */
    public function area(): float
    {
        return $this->top->outline?->area() ?? 0.0;
    }
}
