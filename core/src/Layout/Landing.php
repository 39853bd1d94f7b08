<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\Turn;

/** A level stretch between flights; `gap` is the space between the two flights of a turn back. In mm. */
final readonly class Landing
{
    public function __construct(public ?float $depth = null, public Turn $turn = Turn::None, public ?float $gap = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['depth', 'turn', 'gap']);

        return new self(
            $place->optional('depth')?->size(),
            $place->optional('turn')?->word(Turn::class) ?? Turn::None,
            $place->optional('gap')?->length(),
        );
    }

    public function risers(): int
    {
        return 0;
    }

    /** @return array{landing: array<string, mixed>} */
    public function toArray(): array
    {
        return ['landing' => Document::known(['depth' => $this->depth, 'turn' => $this->turn->value, 'gap' => $this->gap])];
    }
}
