<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\Status;
use Heurema\Spatial\WallDatum;
use Heurema\Units\Amount;
use Heurema\Units\Decimal;
use Heurema\Units\ImperialNotation;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;
use Heurema\Units\UnitSystem;

/** Which dimensions a plan shows, from which lines of the walls, how they are written, and which marks go with them. */
final readonly class DimensionStyle
{
    public const OUTSIDE = ['overall' => 'overall', 'chain' => 'chains', 'base' => 'from one base line', 'none' => 'none'];
    public const UNITS = ['ft' => 'feet and inches', 'in' => 'inches', 'mm' => 'millimetres', 'cm' => 'centimetres', 'm' => 'metres'];
    /** Fractions of an inch, or decimals of the unit. */
    public const PRECISION = ['fine' => '1/16" or 1 mm', 'usual' => '1/8" or 5 mm', 'rough' => '1/2" or 10 mm'];

    /** What carries its mark on the plan. */
    public const MARKS = [
        'openings' => 'of rooms, doors, windows, stairs',
        'all' => 'of everything',
        'none' => 'none',
    ];

    public function __construct(
        public string $outside = 'overall',
        public bool $inside = false,
        public WallDatum $datum = WallDatum::Finished,
        public string $units = '',
        public string $precision = 'fine',
        public string $marks = 'openings',
    ) {}

    /** @param array<string, mixed> $values as they are kept; what makes no sense is left at its default */
    public static function from(array $values): self
    {
        $word = static fn(string $key, array $words, string $default): string => is_string($values[$key] ?? null)
            && array_key_exists($values[$key], $words)
            ? $values[$key]
            : $default;

        return new self(
            $word('outside', self::OUTSIDE, 'overall'),
            ($values['inside'] ?? false) === true,
            WallDatum::tryFrom(is_string($values['datum'] ?? null) ? $values['datum'] : '') ?? WallDatum::Finished,
            $word('units', self::UNITS, ''),
            $word('precision', self::PRECISION, 'fine'),
            $word('marks', self::MARKS, 'openings'),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'outside' => $this->outside, 'inside' => $this->inside, 'datum' => $this->datum->value, 'units' => $this->units,
            'precision' => $this->precision, 'marks' => $this->marks,
        ];
    }

    public function units(Layout $layout): string
    {
        return $this->units !== '' ? $this->units : ($layout->units === UnitSystem::Imperial ? 'ft' : 'mm');
    }

    /** A length in mm as the style writes it, without its unit where that is said beside the drawing; `≈` where it is rounded. */
    public function write(float $mm, Layout $layout): string
    {
        $unit = $this->units($layout);
        if ($this->isInches($layout)) {
            return (new ImperialNotation($this->finest(), $unit === 'ft'))->write(Amount::length($mm));
        }
        $rounded = $this->rounded($mm, $layout);
        $isExact = abs($rounded - $mm) < Quantity::Length->equalWithin();

        return ($isExact ? '' : Notation::ROUNDED).match ($unit) {
            'cm' => Decimal::trim($rounded / 10, 1),
            'm' => Decimal::trim($rounded / 1000, 3),
            default => Decimal::trim($rounded, 0),
        };
    }

    /** The length that is written, in mm. */
    public function rounded(float $mm, Layout $layout): float
    {
        $step = $this->isInches($layout)
            ? Amount::MM_PER_INCH / $this->finest()
            : (['fine' => 1.0, 'usual' => 5.0, 'rough' => 10.0][$this->precision] ?? 1.0);

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

    /** Said once beside the drawing: what the dimensions run to, their unit, and what one has to know of the walls. */
    public function says(Layout $layout): string
    {
        $to = [
            'finished face' => 'finished faces',
            'bare structure' => 'bare structure',
            'centre line' => 'centre lines',
        ][$this->datum->value];
        $walls = array_merge(...array_map(static fn(Storey $storey): array => $storey->standingWalls(), $layout->storeys));

        return "Dimensions to {$to}, in ".self::UNITS[$this->units($layout)].$this->unknownLinings($walls).self::altered($walls);
    }

    /**
     * Walls whose linings nobody said are taken to have none.
     *
     * @param list<Wall> $walls
     */
    private function unknownLinings(array $walls): string
    {
        $unknown = array_filter($walls, static fn(Wall $wall): bool => !$wall->isDivider() && $wall->lining === null);

        return match (true) {
            $this->datum !== WallDatum::Structure, $unknown === [] => '',
            count($unknown) === 1 => '; of one wall the linings are not known: it is taken to have none',
            default => '; of '.count($unknown).' walls the linings are not known: they are taken to have none',
        };
    }

    /** @param list<Wall> $walls */
    private static function altered(array $walls): string
    {
        $statuses = array_map(static fn(Wall $wall): Status => $wall->status, $walls);

        return in_array(Status::Existing, $statuses, true) && in_array(Status::New, $statuses, true)
            ? '; walls that stood before are grey'
            : '';
    }
}
