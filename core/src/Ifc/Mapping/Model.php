<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Ifc\Shape\Bodies;
use Heurema\Ifc\Shape\Placement;
use Heurema\Ifc\Shape\Vector;
use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\StepFile;
use Heurema\Words\Message;

/** A file with what all that is read from it rests on. */
final readonly class Model
{
    private const KILOMETRE = 1_000_000.0;

    public Units $units;
    public Relations $relations;
    public Bodies $bodies;
    public Report $report;
    public KeptElements $kept;

    public function __construct(public StepFile $file)
    {
        $this->units = Units::of($file);
        $this->relations = new Relations($file);
        $this->report = new Report();
        $this->bodies = new Bodies(new Placement($this->units->mm, $this->origin()), $this->units->degrees);
        $this->kept = new KeptElements($this->relations, $this->bodies);
    }

    /** Of a model that lies far from its origin, in a national grid, whole kilometres are taken off. */
    private function origin(): ?Vector
    {
        $asDrawn = new Bodies(new Placement($this->units->mm), $this->units->degrees);
        foreach ($this->file->all(...WallMapper::TYPES, ...['IFCSPACE']) as $element) {
            $corner = ($asDrawn->of($element)[0] ?? null)?->corners()[0];
            if ($corner !== null) {
                $away = new Vector(round($corner->x / self::KILOMETRE), round($corner->y / self::KILOMETRE), 0.0);
                if ($away->length() < 0.5) {
                    return null;
                }
                foreach ($this->file->all('IFCPROJECT') as $project) {
                    $this->report->simplify($project, Message::of('ifc.far_away', x: (int) $away->x, y: (int) $away->y));
                }

                return $away->times(self::KILOMETRE);
            }
        }

        return null;
    }

    /** The id that a layout had for it; else its GlobalId, in which a dash stands for the dollar sign that no id may have. */
    public function id(Instance $element): string
    {
        $global = $element->get('GlobalId');
        $usual = is_string($global) && preg_match('/^[0-9A-Za-z_$]{1,40}$/', $global) === 1 ? strtr($global, '$', '-') : "e{$element->id}";

        return $this->kept->id($element) ?? $usual;
    }

    /** A length of an element, in mm; null where the file gives none or one that is not above zero. */
    public function length(?Instance $element, string $attribute): ?float
    {
        $length = $element?->number($attribute);

        return $length === null || $length <= 0.0 ? null : round($length * $this->units->mm, 4);
    }

    /** Direction of true north, degrees counter-clockwise from +x; null where nobody said. */
    public function north(): ?float
    {
        foreach ($this->file->all('IFCGEOMETRICREPRESENTATIONCONTEXT') as $context) {
            $north = Placement::direction($context->one('TrueNorth'));
            if ($north instanceof Vector) {
                return (new Point($north->x, $north->y))->degrees();
            }
        }

        return null;
    }
}
