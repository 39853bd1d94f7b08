<?php

declare(strict_types=1);

namespace App\Sheets;

use Heurema\Units\UnitSystem;

/** A sheet of paper, lying on its longer side (ISO 216; the inch sizes as ANSI Y14.1 has them). In mm. */
enum Paper: string
{
    case A4 = 'A4';
    case A3 = 'A3';
    case A2 = 'A2';
    case A1 = 'A1';
    case Letter = 'Letter';
    case Tabloid = 'Tabloid';
    case ArchC = 'Arch C';
    case ArchD = 'Arch D';

    public function width(): float
    {
        return match ($this) {
            self::A4 => 297.0,
            self::A3 => 420.0,
            self::A2 => 594.0,
            self::A1 => 841.0,
            self::Letter => 279.4,
            self::Tabloid => 431.8,
            self::ArchC => 609.6,
            self::ArchD => 914.4,
        };
    }

    public function height(): float
    {
        return match ($this) {
            self::A4 => 210.0,
            self::A3 => 297.0,
            self::A2 => 420.0,
            self::A1 => 594.0,
            self::Letter => 215.9,
            self::Tabloid => 279.4,
            self::ArchC => 457.2,
            self::ArchD => 609.6,
        };
    }

    /** @return list<self> as people of one system use them */
    public static function of(UnitSystem $units): array
    {
        return $units === UnitSystem::Imperial
            ? [self::Letter, self::Tabloid, self::ArchC, self::ArchD]
            : [self::A4, self::A3, self::A2, self::A1];
    }
}
