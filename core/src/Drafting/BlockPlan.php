<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Language\Text;
use Heurema\Layout\Block;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\EditGroup;
use Heurema\Layout\Edit\RefusedEdit;

/**
 * The blocks of a storey and what is done to one in relation to the others. Blocks that stand edge to edge are the thickness of a partition
 * apart, so that their clear sizes stay what they are when the walls are made.
 */
final readonly class BlockPlan
{
    /** Sides that lie apart by less than this, mm, lie in one line. */
    private const SAME = 0.06;

    /** A block that is let go is drawn to a side within this, mm. */
    private const REACH = 300.0;

    /** mm; sides that are not in one line by more than this are meant so. */
    private const NEARLY = 305.0;

    /** mm; what is left between two blocks is a room of its own if it is wider. */
    private const STRIP = 900.0;

    /** mm; a block is not made narrower. */
    private const LEAST = 300.0;

    /**
     * @param list<Block> $blocks
     * @param float       $partition thickness of the walls to come between them, mm
     */
    public function __construct(public array $blocks, private float $partition) {}

    /** Moved, and where a side comes near that of another block, brought edge to edge or into line with it. */
    public function move(string $id, Point $by): Edit
    {
        $block = $this->block($id);
        $box = self::shifted($block->box(), $by);
        $across = $this->drawn($box, $id, BlockSide::Left, BlockSide::Right);
        $box = self::shifted($box, new Point($across, 0));
        $up = $this->drawn($box, $id, BlockSide::Lower, BlockSide::Upper);

        return $this->placed($block, self::shifted($box, new Point(0, $up)), Text::of('Block {id} moved', id: $id));
    }

    /** Brought edge to edge with the nearest block towards a side. */
    public function push(string $id, BlockSide $towards): Edit
    {
        $block = $this->block($id);
        $to = $this->nextTo($block, $towards)
            ?? throw new RefusedEdit(Text::of(
                'No block lies beyond the {towards} side of {name}.',
                towards: $towards->value,
                name: $block->name,
            ));
        $by = $to - $towards->of($block->box());

        return $this->placed(
            $block,
            self::shifted($block->box(), $towards->isAcross() ? new Point($by, 0) : new Point(0, $by)),
            Text::of('Block {id} pushed', id: $id),
        );
    }

    /** Made larger towards a side until it stands edge to edge with the next block, or lies in line with the outermost one. */
    public function stretch(string $id, BlockSide $towards): Edit
    {
        $block = $this->block($id);
        $edges = [$towards->of($block->box()), ...array_map(static fn(Block $one): float => $towards->of($one->box()), $this->blocks)];
        $to = $this->nextTo($block, $towards) ?? ($towards->way() > 0 ? max($edges) : min($edges));
        if ($towards->way() * ($to - $towards->of($block->box())) < self::SAME) {
            throw new RefusedEdit(Text::of(
                'Nothing is left beyond the {towards} side of {name}.',
                towards: $towards->value,
                name: $block->name,
            ));
        }

        return $this->placed($block, $towards->moved($block->box(), $to), Text::of('Block {id} stretched', id: $id));
    }

    /**
     * Two blocks in each other's place: side by side they keep the ends of the two together, else each takes the other's lower left corner.
     */
    public function swap(string $id, string $otherId): Edit
    {
        [$first, $second] = [$this->block($id), $this->block($otherId)];
        if ($id === $otherId) {
            throw new RefusedEdit(Text::of('A block is swapped with another one.'));
        }
        [$a, $b] = [$first->box(), $second->box()];
        foreach ([[BlockSide::Left, BlockSide::Right], [BlockSide::Lower, BlockSide::Upper]] as [$low, $high]) {
            foreach ([[$a, $b], [$b, $a]] as [$before, $after]) {
                if ($this->areEdgeToEdge($before, $high, $after)) {
                    [$moved, $back] = [$low->of($before) - $low->of($after), $high->of($after) - $high->of($before)];
                    [$ofA, $ofB] = $before === $a ? [$back, $moved] : [$moved, $back];
                    $by = static fn(float $mm): Point => $low->isAcross() ? new Point($mm, 0) : new Point(0, $mm);

                    return $this->both($first, self::shifted($a, $by($ofA)), $second, self::shifted($b, $by($ofB)));
                }
            }
        }
        $by = new Point($b->left - $a->left, $b->bottom - $a->bottom);

        return $this->both($first, self::shifted($a, $by), $second, self::shifted($b, $by->times(-1)));
    }

    /** Another size; the sides that stand edge to edge with another block stay, else the left and the lower one. */
    public function resize(string $id, float $width, float $depth): Edit
    {
        $block = $this->block($id);
        if ($width < self::LEAST || $depth < self::LEAST) {
            throw new RefusedEdit(Text::of('A block is at least 300 mm wide and deep.'));
        }
        $box = $block->box();
        $box = $this->stays($block, BlockSide::Right, BlockSide::Left)
            ? BlockSide::Left->moved($box, $box->right - $width)
            : BlockSide::Right->moved($box, $box->left + $width);
        $box = $this->stays($block, BlockSide::Upper, BlockSide::Lower)
            ? BlockSide::Lower->moved($box, $box->top - $depth)
            : BlockSide::Upper->moved($box, $box->bottom + $depth);

        return $this->placed($block, $box, Text::of('Block {id} made another size', id: $id));
    }

    /** A side brought where a question wants it: into line with the other's, or up to it. */
    public function giveWay(string $id, BlockSide $side, string $otherId, BlockSide $otherSide): Edit
    {
        [$block, $other] = [$this->block($id), $this->block($otherId)];
        $to = $otherSide->of($other->box()) + ($side === $otherSide ? 0.0 : $otherSide->way() * $this->partition);
        $box = $side->moved($block->box(), $to);
        if ($box->width() < self::LEAST || $box->height() < self::LEAST) {
            throw new RefusedEdit(Text::of('{name} would be too small.', name: $block->name));
        }

        return $this->placed($block, $box, Text::of('Block {id} gives way', id: $id));
    }

    /**
     * @return list<BlockQuestion> what neighbours disagree in: ends of sides that meet which are not in one line, and strips left between
     *                             two
     */
    public function questions(): array
    {
        $questions = [];
        foreach ($this->blocks as $number => $first) {
            foreach (array_slice($this->blocks, $number + 1) as $second) {
                foreach (BlockSide::cases() as $side) {
                    array_push($questions, ...$this->asked($first, $side, $second));
                }
            }
        }

        return $questions;
    }

    /** @return list<array{Block, Block}> that leave no room for a partition between them */
    public function overlaps(): array
    {
        $overlaps = [];
        foreach ($this->blocks as $number => $first) {
            foreach (array_slice($this->blocks, $number + 1) as $second) {
                if ($first->box()->overlaps($second->box()->grown($this->partition - self::SAME))) {
                    $overlaps[] = [$first, $second];
                }
            }
        }

        return $overlaps;
    }

    /** @return list<BlockQuestion> about two blocks of which the second lies beyond a side of the first */
    private function asked(Block $first, BlockSide $side, Block $second): array
    {
        [$a, $b] = [$first->box(), $second->box()];
        $apart = $side->way() * ($side->opposite()->of($b) - $side->of($a)) - $this->partition;
        if (!self::faces($a, $side, $b) || $apart < -self::SAME || $apart > self::STRIP || $this->liesBetween($first, $side, $second)) {
            return [];
        }
        if ($apart >= self::SAME) {
            return [new BlockQuestion($first, $side, $second, $side->opposite(), true, $apart)];
        }
        $questions = [];
        foreach ($side->isAcross() ? [BlockSide::Lower, BlockSide::Upper] : [BlockSide::Left, BlockSide::Right] as $end) {
            $difference = abs($end->of($a) - $end->of($b));
            if ($difference > self::SAME && $difference <= self::NEARLY) {
                $questions[] = new BlockQuestion($first, $end, $second, $end, false, $difference);
            }
        }

        return $questions;
    }

    /** Does a third block stand between two? */
    private function liesBetween(Block $first, BlockSide $side, Block $second): bool
    {
        foreach ($this->blocks as $third) {
            $box = $third->box();
            $isBeyond = $side->way() * ($side->opposite()->of($box) - $side->of($first->box())) > -self::SAME;
            $isBefore = $side->way() * ($side->opposite()->of($second->box()) - $side->of($box)) > -self::SAME;
            if (
                $third->id !== $first->id
                && $third->id !== $second->id
                && $isBeyond
                && $isBefore
                && self::faces($first->box(), $side, $box)
                && self::faces($box, $side, $second->box())
            ) {
                return true;
            }
        }

        return false;
    }

    /** By how much a block is drawn to what is near, across or up, mm. */
    private function drawn(Box $box, string $id, BlockSide $low, BlockSide $high): float
    {
        $best = null;
        foreach ($this->blocks as $other) {
            if ($other->id === $id) {
                continue;
            }
            $near = $other->box();
            $meets = self::faces($box, $low, $near)
                ? [$high->of($near) + $this->partition - $low->of($box), $low->of($near) - $this->partition - $high->of($box)]
                : [];
            foreach ([...$meets, $low->of($near) - $low->of($box), $high->of($near) - $high->of($box)] as $by) {
                if (abs($by) <= self::REACH && ($best === null || abs($by) < abs($best))) {
                    $best = $by;
                }
            }
        }

        return $best ?? 0.0;
    }

    /** Where a side would stand edge to edge with the nearest block beyond it; null: there is none. */
    private function nextTo(Block $block, BlockSide $side): ?float
    {
        $places = [];
        foreach ($this->blocks as $other) {
            $place = $side->opposite()->of($other->box()) - $side->way() * $this->partition;
            if (
                $other->id !== $block->id
                && self::faces($block->box(), $side, $other->box())
                && $side->way() * ($place - $side->of($block->box())) > -self::SAME
            ) {
                $places[] = $place;
            }
        }

        return $places === [] ? null : ($side->way() > 0 ? min($places) : max($places));
    }

    /** Does a block keep one side rather than the opposite one when it changes its size? */
    private function stays(Block $block, BlockSide $side, BlockSide $rather): bool
    {
        $touches = fn(BlockSide $one): bool => array_filter(
            $this->blocks,
            fn(Block $other): bool => $other->id !== $block->id && $this->areEdgeToEdge($block->box(), $one, $other->box()),
        ) !== [];

        return $touches($side) && !$touches($rather);
    }

    private function areEdgeToEdge(Box $box, BlockSide $side, Box $other): bool
    {
        return self::faces($box, $side, $other)
            && abs($side->way() * ($side->opposite()->of($other) - $side->of($box)) - $this->partition) < self::SAME;
    }

    /** Does a box lie opposite to a side of another, at least in part? */
    private static function faces(Box $box, BlockSide $side, Box $other): bool
    {
        $common = $side->isAcross()
            ? min($box->top, $other->top) - max($box->bottom, $other->bottom)
            : min($box->right, $other->right) - max($box->left, $other->left);

        return $common > self::SAME;
    }

    private static function shifted(Box $box, Point $by): Box
    {
        return new Box($box->left + $by->x, $box->bottom + $by->y, $box->right + $by->x, $box->top + $by->y);
    }

    private function block(string $id): Block
    {
        foreach ($this->blocks as $block) {
            if ($block->id === $id) {
                return $block;
            }
        }

        throw new RefusedEdit(Text::of('Choose a block.'));
    }

    private function placed(Block $block, Box $box, string $words): Edit
    {
        return new EditGroup(
            [new ChangeValues(
                $block->id,
                ['at' => $box->middle()->toArray(), 'width' => round($box->width(), 4), 'depth' => round($box->height(), 4)],
            )],
            $words,
        );
    }

    private function both(Block $first, Box $a, Block $second, Box $b): Edit
    {
        return new EditGroup(
            [$this->placed($first, $a, ''), $this->placed($second, $b, '')],
            Text::of('Blocks {first} and {second} swapped', first: $first->id, second: $second->id),
        );
    }
}
