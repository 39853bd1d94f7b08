<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\StepFile;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Language\Text;
use Heurema\Units\UnitSystem;

/** In what a file counts lengths, areas and angles. */
final readonly class Units
{
    private const PREFIXES = [
        'EXA' => 1e18, 'PETA' => 1e15, 'TERA' => 1e12, 'GIGA' => 1e9, 'MEGA' => 1e6, 'KILO' => 1e3, 'HECTO' => 1e2, 'DECA' => 1e1,
        'DECI' => 1e-1, 'CENTI' => 1e-2, 'MILLI' => 1e-3, 'MICRO' => 1e-6, 'NANO' => 1e-9,
    ];

    /**
     * @param float $mm      in its unit of length
     * @param float $m2      in its unit of area
     * @param float $degrees in its unit of angles
     */
    private function __construct(public float $mm, public float $m2, public float $degrees, public UnitSystem $system) {}

    /** @throws UnreadableFile when the file has no project, or none with a unit of length */
    public static function of(StepFile $file): self
    {
        $project = $file->all('IFCPROJECT')[0] ?? throw new UnreadableFile(Text::of('It has no IfcProject.'));
        $units = $project->one('UnitsInContext')?->many('Units') ?? [];
        $length = self::named($units, 'LENGTHUNIT');
        if ($length === null) {
            throw UnreadableFile::atEntity($project->id, Text::of('the project has no unit of length.'));
        }
        $metres = self::scale($length);
        $area = self::named($units, 'AREAUNIT');
        $angle = self::named($units, 'PLANEANGLEUNIT');

        return new self(
            1000 * $metres,
            $area === null ? $metres ** 2 : self::scale($area, 2),
            $angle === null ? rad2deg(1.0) : rad2deg(self::scale($angle)),
            $length->is('IFCCONVERSIONBASEDUNIT') ? UnitSystem::Imperial : UnitSystem::Metric,
        );
    }

    /** An area in m2: of a quantity in its own unit, or else in the file's. */
    public function area(Instance $quantity): ?float
    {
        $unit = $quantity->one('Unit');
        $number = $quantity->number('Value');

        return $number === null ? null : $number * ($unit === null ? $this->m2 : self::scale($unit, 2));
    }

    /** @param list<Instance> $units */
    private static function named(array $units, string $type): ?Instance
    {
        foreach ($units as $unit) {
            if ($unit->word('UnitType') === $type) {
                return $unit;
            }
        }

        return null;
    }

    /** In metres, square metres or radians. */
    private static function scale(Instance $unit, int $power = 1): float
    {
        if ($unit->is('IFCSIUNIT')) {
            return (self::PREFIXES[$unit->word('Prefix') ?? ''] ?? 1.0) ** $power;
        }
        $factor = $unit->one('ConversionFactor');
        $base = $factor?->one('UnitComponent');
        $value = $factor?->number('ValueComponent');
        if ($value === null || $value <= 0.0 || $base === null) {
            throw UnreadableFile::atEntity($unit->id, Text::of('its unit does not say how large it is.'));
        }

        return $value * self::scale($base, $power);
    }
}
