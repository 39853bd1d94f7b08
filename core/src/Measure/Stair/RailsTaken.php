<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Handrail;
use Heurema\Layout\Handrails;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** What the handrails of a stair or a ramp take of its width. */
final readonly class RailsTaken
{
    /** How far a handrail stands in from its side where nobody said, mm: 3 1/2 in. */
    private const PROJECTION = 88.9;

    /** @param list<Handrail> $rails */
    private function __construct(private array $rails) {}

    public static function of(?Handrails $handrails): self
    {
        return new self($handrails?->there() ?? []);
    }

    /** In mm. */
    public function width(): float
    {
        return array_sum(array_map(static fn(Handrail $rail): float => $rail->projection ?? self::PROJECTION, $this->rails));
    }

    /** @return list<Message> */
    public function working(float $clear): array
    {
        return $this->rails === [] ? [] : [Message::of(
            'stair.width.less_handrails',
            rails: count($this->rails),
            projections: array_map(
                static fn(Handrail $rail): Amount => Amount::length($rail->projection ?? self::PROJECTION),
                $this->rails,
            ),
            clear: Amount::length($clear),
        )];
    }

    /** @return list<Message> */
    public function assumptions(): array
    {
        $isTaken = array_filter($this->rails, static fn(Handrail $rail): bool => $rail->projection === null) !== [];

        return $isTaken ? [Message::of('stair.width.handrails_are_taken_to', projection: Amount::length(self::PROJECTION))] : [];
    }
}
