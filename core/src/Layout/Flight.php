<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** Straight steps. A flight of n risers has n−1 treads of its own; its last riser reaches the landing or floor. */
final readonly class Flight implements StairPart
{
    use ReadsByKeys;

    /**
     * @param float|null       $tread nosing edge to nosing edge, mm
     * @param list<float>|null $rises each riser, in mm, where each was measured
     */
    public function __construct(
        #[Key(Value::Whole, least: 1, most: 500)]
        public int $risers,
        #[Key(Value::Size)]
        public ?float $tread = null,
        #[Key(Value::Sizes)]
        public ?array $rises = null,
    ) {}

    public function risers(): int
    {
        return $this->risers;
    }

    private function check(JsonCursor $place): void
    {
        if ($this->rises !== null && count($this->rises) !== $this->risers) {
            throw $place->get('rises')->refuse(Text::of(
                'expected {risers} heights, one a riser, found {count}',
                risers: $this->risers,
                count: count($this->rises),
            ));
        }
    }
}
