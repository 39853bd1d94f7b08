<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;

/** A plan as elements of a document: units, what is set in them, worktops, wall units where they are wanted. */
final readonly class BuiltUnits
{
    /** A sink is so much narrower than its unit at either side, mm. */
    public const SINK_MARGIN = 38.1;

    /** Depth and height of what is set in something; mm. */
    private const SINK_DEPTH = 500.0;
    private const BASIN = 200.0;
    private const COOKTOP_DEPTH = 520.0;
    private const COOKTOP = 50.0;
    private const OVEN_HEIGHT = 600.0;
    private const OVEN_BASE = 700.0;
    private const SHALLOWER = 40.0;
    private const OVEN_DOOR = 500.0;
    private const DISHWASHER_DOOR = 650.0;

    public function __construct(
        private UnitSizes $sizes,
        private UnitWidths $widths,
        private ?WorktopOptions $worktops = null,
        private ?WallUnitOptions $wallUnits = new WallUnitOptions(),
    ) {}

    /** How wide what is set in a unit is, mm. */
    public static function setInWidth(RowUnit $unit): float
    {
        return $unit->setIn === FixtureKind::Sink ? $unit->width - 2 * self::SINK_MARGIN : $unit->width;
    }

    /**
     * @param list<string> $ids for new elements; at least `3 x units + 2` a row
     *
     * @return list<Fixture>
     */
    public function of(KitchenPlan $plan, array $ids): array
    {
        $fixtures = [];
        foreach ($plan->rows as $number => $row) {
            foreach ($row->units as $unit) {
                $fixtures = [...$fixtures, ...$this->unit($row->stretch, $unit)];
            }
            array_push($fixtures, ...(new Worktops($this->sizes, $this->worktops))->over($plan, $number));
        }
        if ($this->wallUnits !== null) {
            array_push($fixtures, ...(new WallUnits($this->sizes, $this->widths, $this->wallUnits))->over($plan));
        }

        return array_map(
            static fn(Fixture $one, int $number): Fixture => $one->copied($ids[$number]),
            $fixtures,
            array_keys($fixtures),
        );
    }

    /**
     * Against a stretch, off its left end.
     *
     * @param float $off how far its back stands off the wall
     */
    public static function at(Stretch $stretch, FixtureKind $kind, float $left, float $width, float $off = 0.0): Fixture
    {
        $at = $stretch->face->at($left + $width / 2)->plus($stretch->facing()->times($off));

        return new Fixture(
            '',
            $kind,
            new Point(round($at->x, 4), round($at->y, 4)),
            round($stretch->facing()->degrees(), 4),
            round($width, 4),
        );
    }

    /** @return list<Fixture> */
    private function unit(Stretch $stretch, RowUnit $unit): array
    {
        [$depth, $height] = match ($unit->kind) {
            FixtureKind::Range => [$this->sizes->depth + $this->sizes->overhang, $this->sizes->worktop()],
            FixtureKind::Refrigerator => [$this->sizes->depth, $this->sizes->refrigerator],
            FixtureKind::TallCabinet => [$this->sizes->depth, $this->sizes->top],
            default => [$this->sizes->depth, $this->sizes->height],
        };
        $built = [
            self::at($stretch, $unit->kind, $unit->left, $unit->width)->sized($unit->width, $depth, $height, null)
                ->withDoorSwing(self::doorSwing($unit->kind, $unit->width)),
        ];
        if ($unit->diagonal !== null) {
            $outline = (new DiagonalCorner($depth, $unit->width))->outline($unit->width, $unit->width);
            $built[0] = $built[0]->withOutline($outline, round($unit->width, 4), round($unit->width, 4));
        }
        if ($unit->setIn !== null) {
            $built[] = $this->setIn($stretch, $unit);
        }

        return $built;
    }

    private function setIn(Stretch $stretch, RowUnit $unit): Fixture
    {
        $width = self::setInWidth($unit);
        [$depth, $height, $base] = match ($unit->setIn) {
            FixtureKind::Oven => [$this->sizes->depth - self::SHALLOWER, self::OVEN_HEIGHT, self::OVEN_BASE],
            FixtureKind::Sink => [self::SINK_DEPTH, self::BASIN, $this->sizes->worktop() - self::BASIN],
            default => [self::COOKTOP_DEPTH, self::COOKTOP, $this->sizes->worktop() - self::COOKTOP],
        };
        $off = $unit->setIn === FixtureKind::Oven
            ? $this->sizes->depth - $depth
            : ($this->sizes->depth + $this->sizes->overhang - $depth) / 2;

        return self::at($stretch, $unit->setIn ?? $unit->kind, $unit->left + ($unit->width - $width) / 2, $width, $off)
            ->sized($width, $depth, $height, $base)
            ->withDoorSwing(self::doorSwing($unit->setIn, $width))
            ->withRim($unit->setIn === FixtureKind::Sink ? $this->sizes->worktop() : null);
    }

    /** How far the door of an appliance sweeps, mm (common practice, no source); null: of what has leaves of its own width. */
    private static function doorSwing(?FixtureKind $kind, float $width): ?float
    {
        return match ($kind) {
            FixtureKind::Range, FixtureKind::Oven => self::OVEN_DOOR,
            FixtureKind::Dishwasher => self::DISHWASHER_DOOR,
            FixtureKind::Refrigerator => $width,
            default => null,
        };
    }
}
