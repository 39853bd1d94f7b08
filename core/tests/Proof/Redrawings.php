<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

/** The ways in which a home is drawn again to see that its findings stay the same. */
final readonly class Redrawings
{
    /** To what coordinates are rounded when a home was turned: 0.1 µm, 0.01 mm, 0.1 mm. */
    private const ROUNDINGS = [1e-4, 1e-2, 1e-1];

    /**
     * @param array<string, mixed>    $document
     * @param callable(string): string $name      what an id is called in it
     * @param float                   $rounding  of its coordinates, mm
     * @param bool                    $sameWalls are its walls those of the home?
     * @param bool                    $isMirrored is left right in it?
     */
    private function __construct(
        public string $says,
        public array $document,
        private mixed $name,
        public float $rounding,
        public bool $sameWalls,
        public bool $isMirrored = false,
    ) {}

    /**
     * @param array<string, mixed> $document
     * @param list<float>          $angles   in degrees
     *
     * @return \Generator<self>
     */
    public static function of(array $document, array $angles): \Generator
    {
        $home = Redrawn::of($document);
        $same = static fn(string $id): string => $id;
        yield new self('moved', $home->moved(1234.5, -987.25)->document(), $same, 0.0, true);
        yield new self('moved by 9 km', $home->moved(9e6, -9e6)->document(), $same, 0.0, true);
        yield new self('walls reversed', $home->reversed()->document(), $same, 0.0, true);
        yield new self('walls split', $home->split()->document(), $same, 0.0, false);
        yield new self('reordered', $home->reordered()->document(), $same, 0.0, true);
        yield new self('renamed', $home->renamed()->document(), Redrawn::name(...), 0.0, true);
        if ($home->canBeMirrored()) {
            yield new self('mirrored', $home->mirrored()->document(), $same, 0.0, true, true);
        }
        foreach ($angles as $number => $angle) {
            $isMirrored = $number % 2 === 1 && $home->canBeMirrored();
            $drawn = $isMirrored ? $home->mirrored() : $home;
            foreach (self::ROUNDINGS as $rounding) {
                yield new self(
                    "turned by {$angle} degrees, to {$rounding} mm",
                    $drawn->turned($angle, $rounding)->document(),
                    $same,
                    $rounding,
                    true,
                    $isMirrored,
                );
            }
        }
    }

    public function name(string $id): string
    {
        return ($this->name)($id);
    }
}
