<?php

declare(strict_types=1);

namespace App\Sheets;

use Heurema\Units\UnitSystem;

/** A sheet of paper, lying on its longer side (ISO 216; the inch sizes as ANSI Y14.1 has them, from memory). In mm. */
enum Paper: string
{
    case A4 = 'A4';
    case A3 = 'A3';
    case A2 = 'A2';
    case A1 = 'A1';
    case A0 = 'A0';
    case Letter = 'Letter';
    case Legal = 'Legal';
    case Tabloid = 'Tabloid';
    case ArchA = 'Arch A';
    case ArchB = 'Arch B';
    case ArchC = 'Arch C';
    case ArchD = 'Arch D';
    case ArchE = 'Arch E';
    case AnsiC = 'ANSI C';
    case AnsiD = 'ANSI D';
    case AnsiE = 'ANSI E';

    private const INCH = 25.4;

    public function width(): float
    {
        return $this->sides()[0];
    }

    public function height(): float
    {
        return $this->sides()[1];
    }

    /** What is taken where nobody chooses. */
    public static function usual(UnitSystem $units): self
    {
        return $units === UnitSystem::Imperial ? self::Tabloid : self::A3;
    }

    /** @return list<self> what letters are set on, upright */
    public static function forLetters(): array
    {
        return [self::A4, self::Letter, self::Legal];
    }

    /** What letters are set on where the office has not chosen. */
    public static function usualForLetters(UnitSystem $units): self
    {
        return $units === UnitSystem::Imperial ? self::Letter : self::A4;
    }

    /** Upright, as style sheets have it: `210mm 297mm`. */
    public function upright(): string
    {
        return "{$this->height()}mm {$this->width()}mm";
    }

    /** @return list<self> all, those that people of a system of units use first */
    public static function of(UnitSystem $units): array
    {
        $own = array_filter(self::cases(), static fn(self $paper): bool => $paper->system() === $units);

        return [...$own, ...array_filter(self::cases(), static fn(self $paper): bool => !in_array($paper, $own, true))];
    }

    private function system(): UnitSystem
    {
        return in_array($this, [self::A4, self::A3, self::A2, self::A1, self::A0], true) ? UnitSystem::Metric : UnitSystem::Imperial;
    }

    /** @return array{float, float} the longer first */
    private function sides(): array
    {
        return match ($this) {
            self::A4 => [297.0, 210.0],
            self::A3 => [420.0, 297.0],
            self::A2 => [594.0, 420.0],
            self::A1 => [841.0, 594.0],
            self::A0 => [1189.0, 841.0],
            self::Letter => self::inches(11.0, 8.5),
            self::Legal => self::inches(14.0, 8.5),
            self::Tabloid => self::inches(17.0, 11.0),
            self::ArchA => self::inches(12.0, 9.0),
            self::ArchB => self::inches(18.0, 12.0),
            self::ArchC => self::inches(24.0, 18.0),
            self::ArchD => self::inches(36.0, 24.0),
            self::ArchE => self::inches(48.0, 36.0),
            self::AnsiC => self::inches(22.0, 17.0),
            self::AnsiD => self::inches(34.0, 22.0),
            self::AnsiE => self::inches(44.0, 34.0),
        };
    }

    /** @return array{float, float} mm */
    private static function inches(float $long, float $short): array
    {
        return [round($long * self::INCH, 4), round($short * self::INCH, 4)];
    }
}
