<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;

/** The pieces of worktop over a row: broken at ranges and tall units, joined in corners, over the ends that nothing closes. */
final readonly class Worktops
{
    /** Joints are closed, mm. */
    private const JOINT = 0.5;

    private WorktopOptions $options;

    public function __construct(private UnitSizes $sizes, ?WorktopOptions $options = null)
    {
        $this->options = $options ?? new WorktopOptions($sizes->overhang);
    }

    /** @return list<Fixture> */
    public function over(KitchenPlan $plan, int $number): array
    {
        return array_map(
            fn(array $piece): Fixture => $this->top($plan, $number, $piece),
            self::pieces($plan->rows[$number]),
        );
    }

    /** @param array{float, float} $piece from where to where units lie under it */
    private function top(KitchenPlan $plan, int $number, array $piece): Fixture
    {
        [$row, $corner] = [$plan->rows[$number], $plan->corners[$number] ?? null];
        $left = $this->leftEnd($row, $piece[0], $plan->corners[$number - 1] ?? null);
        $right = $this->rightEnd($row, $piece[1], $corner);
        [$isIsland, $over] = [$row->stretch->isIsland, $this->sizes->overhang];
        $behind = $isIsland ? $over : 0.0;
        $top = BuiltUnits::at($row->stretch, FixtureKind::Counter, $left, $right - $left, -$behind)
            ->sized($right - $left, $this->sizes->depth + $over + $behind, $this->sizes->thickness, $this->sizes->height)
            ->asWorktop($isIsland ? null : $this->options->upstand, $this->options->isOnePiece && $plan->corners !== [] ? true : null);

        return $corner === CornerKind::Diagonal && $right > $row->to
            ? $this->overDiagonal($top, $right - $left, $this->goesOnAround($plan->rows[$number + 1]))
            : $top;
    }

    /** @return list<array{float, float}> from where to where worktop goes on over its units */
    private static function pieces(Row $row): array
    {
        $pieces = [];
        foreach ($row->units as $place => $unit) {
            $last = array_key_last($pieces);
            if (!$row->carriesWorktop($place)) {
                continue;
            }
            if ($last !== null && abs($pieces[$last][1] - $unit->left) <= self::JOINT) {
                $pieces[$last] = [$pieces[$last][0], $unit->right()];
            } else {
                $pieces[] = [$unit->left, $unit->right()];
            }
        }

        return $pieces;
    }

    /** How far the cut over a diagonal unit reaches from the corner: so that it is as far over the front there as elsewhere, mm. */
    private function reach(): float
    {
        return $this->sizes->corner + (M_SQRT2 - 1) * $this->sizes->overhang;
    }

    /** Does the worktop go on beside a diagonal unit, along the wall at the right of its corner? */
    private function goesOnAround(Row $right): bool
    {
        $piece = self::pieces($right)[0] ?? null;

        return $piece !== null && $piece[0] <= $right->from + self::JOINT && $piece[1] > $this->reach() + self::JOINT;
    }

    private function overDiagonal(Fixture $top, float $along, bool $goesOn): Fixture
    {
        $out = $goesOn ? $this->reach() : $this->sizes->corner;
        $outline = (new DiagonalCorner($this->sizes->depth + $this->sizes->overhang, $this->reach()))->outline($along, $out);

        return $top->withOutline($outline, round($along, 4), round($out, 4));
    }

    private function leftEnd(Row $row, float $at, ?CornerKind $corner): float
    {
        return match (true) {
            // the piece of the row at the left goes through to the wall, but where this row reaches into the corner
            $corner === CornerKind::BlindRight && $at <= $row->from => 0.0,
            $corner === CornerKind::Diagonal && $at <= $row->from + self::JOINT => $this->goesOnAround($row) ? $this->reach() : $at,
            $corner !== null && $at <= $row->from + self::JOINT => $this->sizes->depth + $this->sizes->overhang,
            $this->isFree($row, $at) => $at - min($this->options->atEnds, $at + $row->stretch->beyond[0]),
            default => $at,
        };
    }

    private function rightEnd(Row $row, float $at, ?CornerKind $corner): float
    {
        return match (true) {
            $corner === CornerKind::BlindRight && $at >= $row->to - self::JOINT => $row->stretch->length() - $this->sizes->depth
                - $this->sizes->overhang,
            $corner !== null && $at >= $row->to - self::JOINT => $row->stretch->length(),
            $this->isFree($row, $at) => $at + min($this->options->atEnds, $row->stretch->length() - $at + $row->stretch->beyond[1]),
            default => $at,
        };
    }

    /** Is there neither a wall nor another unit at a place? */
    private function isFree(Row $row, float $at): bool
    {
        $isBeside = array_filter(
            $row->units,
            static fn(RowUnit $one): bool => !$one->isUnderWorktop()
                && (abs($one->left - $at) <= self::JOINT || abs($one->right() - $at) <= self::JOINT),
        ) !== [];
        $isAtWall = ($row->stretch->left && $at <= self::JOINT) || ($row->stretch->right && $at >= $row->stretch->length() - self::JOINT);

        return !$isBeside && !$isAtWall;
    }
}
