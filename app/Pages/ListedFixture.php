<?php

declare(strict_types=1);

namespace App\Pages;

use Heurema\Layout\Words\FixtureKind;

/** An entry of the fixture list. */
final readonly class ListedFixture
{
    /**
     * @param string                $like     the id of the fixture that it is taken from; empty: a usual one
     * @param array<string, string> $sizes    width, depth, height and base as they are typed; empty: not said
     * @param string                $picture  SVG
     * @param string                $also     other words by which it is looked for
     * @param int                   $enlarged how many times as large as the others its picture is
     */
    public function __construct(
        public FixtureKind $kind,
        public string $name,
        public string $like,
        public array $sizes,
        public string $picture,
        public string $also,
        public int $enlarged,
    ) {}

    /** `60" × 30"` */
    public function size(): string
    {
        return implode(' × ', array_filter([$this->sizes['width'], $this->sizes['depth']], static fn(string $size): bool => $size !== ''));
    }
}
