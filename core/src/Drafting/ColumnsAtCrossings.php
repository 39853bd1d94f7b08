<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Fixture;
use Heurema\Layout\Storey;
use Heurema\Layout\Words\FixtureKind;

/** Columns, or ducts, with their middle where axes cross, square to the axis that is numbered, none where one stands already. */
final readonly class ColumnsAtCrossings
{
    /** A column with its middle nearer than this, mm, is the one. */
    private const SAME = 50.0;

    /** @param float $width along the other axis @param float $depth along the numbered one, both in mm */
    public function __construct(
        private Storey $storey,
        private float $width,
        private float $depth,
        private FixtureKind $kind = FixtureKind::Column,
    ) {}

    /**
     * @param list<AxisCrossing>            $crossings
     * @param callable(int): list<string> $ids       so many that are free
     *
     * @throws RefusedEdit when there is nothing to set
     */
    public function set(array $crossings, callable $ids): Edit
    {
        if ($crossings === []) {
            throw new RefusedEdit(Text::of('Choose at least one crossing.'));
        }
        $empty = array_values(array_filter($crossings, fn(AxisCrossing $crossing): bool => !$this->isTaken($crossing->at)));
        if ($empty === []) {
            throw new RefusedEdit(Text::of('{kind}s stand there already.', kind: Text::capital($this->kind->words())));
        }

        return new EditGroup(
            array_map($this->column(...), $empty, $ids(count($empty))),
            Text::of('{count} {kind}s added', count: count($empty), kind: $this->kind->words()),
        );
    }

    private function column(AxisCrossing $crossing, string $id): Add
    {
        $upright = ctype_digit($crossing->axis->name) || !ctype_digit($crossing->other->name) ? $crossing->axis : $crossing->other;
        $facing = $upright->line()->direction();

        return new Add($this->storey->id, new Fixture(
            $id,
            $this->kind,
            $crossing->at->minus($facing->times($this->depth / 2)),
            $facing->degrees(),
            $this->width,
            $this->depth,
        ));
    }

    private function isTaken(Point $at): bool
    {
        $middle = static fn(Fixture $column): Point => $column->at->plus(Point::towards($column->facing)->times(
            ($column->depth ?? 0.0) / 2,
        ));

        return array_filter(
            $this->storey->fixtures,
            fn(Fixture $one): bool => $one->kind === $this->kind
                && $one->stands()
                && $middle($one)->distanceTo($at) < self::SAME,
        ) !== [];
    }
}
