<?php

declare(strict_types=1);

namespace Heurema\Units;

/** One length of a calculation: its value, how it reads, and the system it was written in. */
final readonly class LengthTerm
{
    /**
     * @param UnitSystem|null $system       null: a bare number, in whatever the layout uses
     * @param bool            $isBareNumber of inches without a fraction: it may be meant as feet
     */
    public function __construct(
        public float $mm,
        public string $words,
        public ?UnitSystem $system,
        public int $at,
        public bool $isBareNumber = false,
    ) {}
}
