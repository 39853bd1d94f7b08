<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Storey;

/** Walls with their middle on stretches of axes: one wall along stretches that follow one another, none where one stands already. */
final readonly class WallsOnAxes
{
    /**
     * @param WallPen $outer for the stretches that bound the axes
     * @param WallPen $inner for the others
     */
    public function __construct(private Storey $storey, private WallPen $outer, private WallPen $inner) {}

    /**
     * @param list<AxisStretch>             $stretches
     * @param callable(int): list<string> $ids       so many that are free
     *
     * @throws RefusedEdit when there is nothing to build
     */
    public function build(array $stretches, callable $ids): Edit
    {
        if ($stretches === []) {
            throw new RefusedEdit(Text::of('Choose at least one stretch between two crossings.'));
        }
        $lines = [];
        foreach (self::runs($stretches) as [$first, $last]) {
            $pen = $first->isOuter ? $this->outer : $this->inner;
            $standing = new WallsAlong($this->storey, $pen->thickness);
            $line = new Segment($first->from->at, $last->to->at);
            foreach ($standing->gaps($line, $standing->beside($line)) as $gap) {
                $lines[] = [$pen, $gap];
            }
        }
        if ($lines === []) {
            throw new RefusedEdit(Text::of('Walls stand there already.'));
        }
        $free = $ids(count($lines));

        return new EditGroup(
            array_map(fn(array $line, string $id): Add => $line[0]->draw($this->storey, $id, $line[1]), $lines, $free),
            Text::of('{count} walls on axes added', count: count($lines)),
        );
    }

    /**
     * @param list<AxisStretch> $stretches
     *
     * @return list<array{AxisStretch, AxisStretch}> first and last of those that follow one another on an axis
     */
    private static function runs(array $stretches): array
    {
        usort($stretches, static fn(AxisStretch $a, AxisStretch $b): int => [$a->axis->id, $a->number] <=> [$b->axis->id, $b->number]);
        $runs = [];
        foreach ($stretches as $stretch) {
            $run = count($runs) - 1;
            if ($run >= 0 && $runs[$run][1]->axis->id === $stretch->axis->id && $runs[$run][1]->number === $stretch->number - 1) {
                $runs[$run] = [$runs[$run][0], $stretch];
            } else {
                $runs[] = [$stretch, $stretch];
            }
        }

        return $runs;
    }
}
