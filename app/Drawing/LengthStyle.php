<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Language\Text;
use Heurema\Language\Texts;
use Heurema\Layout\Layout;
use Heurema\Units\Amount;
use Heurema\Units\Decimal;
use Heurema\Units\ImperialNotation;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;

/** How the lengths of dimensions are written. */
final readonly class LengthStyle
{
    #[Texts]
    public const UNITS = ['ft' => 'feet and inches', 'in' => 'inches', 'mm' => 'millimetres', 'cm' => 'centimetres', 'm' => 'metres'];
    /** Fractions of an inch, or decimals of the unit. */
    #[Texts]
    public const PRECISION = ['fine' => '1/16" or 1 mm', 'usual' => '1/8" or 5 mm', 'rough' => '1/2" or 10 mm'];
    /** Of metric units, however many of them are noughts. */
    #[Texts]
    public const DECIMALS = ['' => 'as many as needed', '0' => 'none', '1' => '1', '2' => '2', '3' => '3'];

    /** Of a metric unit as many decimals as a millimetre needs. */
    private const NEEDED = ['mm' => 0, 'cm' => 1, 'm' => 3];
    private const MM = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0];

    /** @param string $units a key of UNITS; empty: the home's own */
    public function __construct(
        public string $units = '',
        public string $precision = 'fine',
        public string $decimals = '',
        public bool $hasSuffix = false,
    ) {}

    public function units(Layout $layout): string
    {
        return $this->units !== '' ? $this->units : ($layout->units === UnitSystem::Imperial ? 'ft' : 'mm');
    }

    /** A length in mm as the style writes it, with its unit where that is wished; `≈` where it is rounded. */
    public function write(float $mm, Layout $layout): string
    {
        $unit = $this->units($layout);
        if ($this->isInches($layout)) {
            return (new ImperialNotation($this->finest(), $unit === 'ft'))->write(Amount::length($mm));
        }
        $rounded = $this->rounded($mm, $layout);
        $isExact = abs($rounded - $mm) < Quantity::Length->equalWithin();
        $number = $rounded / self::MM[$unit];
        $words = $this->decimals === ''
            ? Decimal::trim($number, self::NEEDED[$unit])
            : number_format($number, (int) $this->decimals, Text::language()->decimalMark(), '');

        return ($isExact ? '' : Notation::ROUNDED).$words.($this->hasSuffix ? " {$unit}" : '');
    }

    /** The length that is written, in mm. */
    public function rounded(float $mm, Layout $layout): float
    {
        $step = $this->isInches($layout) ? Amount::MM_PER_INCH / $this->finest() : max(
            ['fine' => 1.0, 'usual' => 5.0, 'rough' => 10.0][$this->precision] ?? 1.0,
            $this->decimals === '' ? 0.0 : self::MM[$this->units($layout)] / 10 ** (int) $this->decimals,
        );

        return round($mm / $step) * $step;
    }

    private function isInches(Layout $layout): bool
    {
        return in_array($this->units($layout), ['ft', 'in'], true);
    }

    private function finest(): int
    {
        return ['fine' => 16, 'usual' => 8, 'rough' => 2][$this->precision] ?? 16;
    }
}
