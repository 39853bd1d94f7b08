<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Ifc\Step\Instance;
use Heurema\Ifc\Step\UnreadableFile;
use Heurema\Language\Text;

/** Reads where elements stand. Lengths are brought from the file's unit to mm. */
final class Placement
{
    /** Placements stand within one another no deeper. */
    private const DEEPEST = 100;

    /** @var array<int, Transform> */
    private array $known = [];

    private readonly Transform $root;

    /**
     * @param float       $scale  mm in the file's unit of length
     * @param Vector|null $origin what is drawn at the origin, mm
     */
    public function __construct(public readonly float $scale, ?Vector $origin = null)
    {
        $root = Transform::identity();
        $this->root = $origin === null ? $root : new Transform($root->x, $root->y, $root->z, $origin->times(-1));
    }

    /**
     * Where an object stands in the project.
     *
     * @throws UnreadableFile when placements refer to one another in a ring
     */
    public function of(?Instance $placement, int $depth = 0): Transform
    {
        if ($placement === null) {
            return $this->root;
        }
        if ($depth > self::DEEPEST) {
            throw UnreadableFile::atEntity($placement->id, Text::of('placements stand within one another without end.'));
        }

        return $this->known[$placement->id] ??= $this->of($placement->one('PlacementRelTo'), $depth + 1)
            ->then($this->axes($placement->one('RelativePlacement')));
    }

    /** A placement of two or three dimensions, as a frame. */
    public function axes(?Instance $axes): Transform
    {
        if ($axes === null) {
            return Transform::identity();
        }
        $origin = $this->point($axes->one('Location'));
        $z = $axes->is('IFCAXIS2PLACEMENT2D') ? new Vector(0, 0, 1) : self::direction($axes->one('Axis')) ?? new Vector(0, 0, 1);
        $reference = self::direction($axes->one('RefDirection')) ?? new Vector(1, 0, 0);
        $x = $reference->minus($z->times($reference->dot($z)))->unit() ?? (abs($z->x) < 0.9 ? new Vector(1, 0, 0) : new Vector(0, 1, 0));

        return new Transform($x, $z->cross($x), $z, $origin);
    }

    /** A mapped item's operator: turned, moved and scaled. */
    public function operator(Instance $operator): Transform
    {
        $scale = $operator->number('Scale') ?? 1.0;
        $x = self::direction($operator->one('Axis1')) ?? new Vector(1, 0, 0);
        $y = self::direction($operator->one('Axis2')) ?? new Vector(0, 1, 0);
        $z = self::direction($operator->one('Axis3')) ?? $x->cross($y);

        return new Transform(
            $x->times($scale),
            $y->times($operator->number('Scale2') ?? $scale),
            $z->times($operator->number('Scale3') ?? $scale),
            $this->point($operator->one('LocalOrigin')),
        );
    }

    public function point(?Instance $point): Vector
    {
        return $this->coordinates($point?->numbers('Coordinates') ?? []);
    }

    /** @param list<float> $coordinates two or three, in the file's unit */
    public function coordinates(array $coordinates): Vector
    {
        return new Vector(
            ($coordinates[0] ?? 0.0) * $this->scale,
            ($coordinates[1] ?? 0.0) * $this->scale,
            ($coordinates[2] ?? 0.0) * $this->scale,
        );
    }

    /** Of length 1; null where none is given. */
    public static function direction(?Instance $direction): ?Vector
    {
        $ratios = $direction?->numbers('DirectionRatios') ?? [];

        return $ratios === [] ? null : (new Vector($ratios[0], $ratios[1] ?? 0.0, $ratios[2] ?? 0.0))->unit();
    }
}
