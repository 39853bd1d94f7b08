<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;

/** Several chosen elements of a home: lined up, spaced evenly, and where they lie. */
final readonly class Selection
{
    /** @var array<string, Box> by id, in the order in which they were chosen */
    private array $boxes;

    /** @param list<string> $ids */
    public function __construct(Home $home, private array $ids)
    {
        $all = [];
        foreach ($home->fixtures as $fixture) {
            $all[$fixture->id()] = $fixture->bounds;
        }
        foreach ($home->openings as $opening) {
            $all[$opening->id()] = Box::around([$opening->span()->from, $opening->span()->to]);
        }
        foreach ($home->plans as $plan) {
            foreach ($plan->storey->walls as $wall) {
                $all[$wall->id] = Box::around([$wall->from, $wall->to]);
            }
            foreach ($plan->storey->notes as $note) {
                $all[$note->id] = Box::around([$note->at]);
            }
            foreach ($plan->storey->blocks as $block) {
                $all[$block->id] = $block->box();
            }
            foreach ($plan->storey->voids as $void) {
                $all[$void->id] = $void->outline->bounds();
            }
        }
        foreach ($home->stairs as $stair) {
            $all[$stair->id()] = Box::around([$stair->stair->start]);
        }
        $this->boxes = array_filter(
            array_intersect_key(array_replace(array_flip($ids), $all), array_flip($ids)),
            static fn(mixed $box): bool => $box instanceof Box,
        );
    }

    /** The middle of all of them. */
    public function middle(): Point
    {
        if ($this->boxes === []) {
            throw new RefusedEdit(Text::of('Choose something.'));
        }
        $corners = array_merge(...array_map(
            static fn(Box $box): array => [new Point($box->left, $box->bottom), new Point($box->right, $box->top)],
            array_values($this->boxes),
        ));

        return Box::around($corners)->middle();
    }

    /**
     * Each brought to where the first stands.
     *
     * @throws RefusedEdit
     */
    public function lineUp(LineUp $along): Edit
    {
        $this->refuseFewer(2);
        $to = $along->of($this->boxes[array_key_first($this->boxes) ?? '']);
        $moves = [];
        foreach ($this->boxes as $id => $box) {
            $moves[] = self::move($id, $to - $along->of($box), $along->isSideways());
        }

        return new EditGroup(array_values(array_filter($moves)), Text::of('{count} elements lined up', count: count($this->ids)));
    }

    /**
     * With gaps as large between one and the next; the first and the last stay.
     *
     * @throws RefusedEdit
     */
    public function space(bool $sideways): Edit
    {
        $this->refuseFewer(3);
        $start = static fn(Box $box): float => $sideways ? $box->left : $box->bottom;
        $size = static fn(Box $box): float => $sideways ? $box->width() : $box->height();
        $boxes = $this->boxes;
        uasort($boxes, static fn(Box $one, Box $other): int => $start($one) <=> $start($other));
        $last = $boxes[array_key_last($boxes)];
        $from = $start($boxes[array_key_first($boxes)]);
        $gap = ($start($last) + $size($last) - $from - array_sum(array_map($size, $boxes))) / (count($boxes) - 1);
        $moves = [];
        foreach ($boxes as $id => $box) {
            $moves[] = self::move($id, $from - $start($box), $sideways);
            $from += $size($box) + $gap;
        }

        return new EditGroup(array_values(array_filter($moves)), Text::of('{count} elements spaced evenly', count: count($this->ids)));
    }

    private static function move(string $id, float $by, bool $sideways): ?Edit
    {
        return abs($by) < 1e-6 ? null : new Move([$id], $sideways ? new Point(round($by, 4), 0) : new Point(0, round($by, 4)));
    }

    private function refuseFewer(int $than): void
    {
        if (count($this->boxes) < $than) {
            throw new RefusedEdit(Text::of('Choose {than} elements or more.', than: $than));
        }
    }
}
