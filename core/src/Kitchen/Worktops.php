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

    private WorktopWish $wish;

    public function __construct(private UnitSizes $sizes, ?WorktopWish $wish = null)
    {
        $this->wish = $wish ?? new WorktopWish($sizes->overhang);
    }

    /** @return list<Fixture> */
    public function over(KitchenPlan $plan, int $number): array
    {
        $row = $plan->rows[$number];
        $pieces = [];
        foreach ($row->units as $place => $unit) {
            $last = count($pieces) - 1;
            if (!$row->carriesWorktop($place)) {
                continue;
            }
            if ($last >= 0 && abs($pieces[$last][1] - $unit->left) <= self::JOINT) {
                $pieces[$last][1] = $unit->right();
            } else {
                $pieces[] = [$unit->left, $unit->right()];
            }
        }
        [$depth, $over] = [$this->sizes->depth + $this->sizes->overhang, $this->sizes->overhang];
        $goesOn = $this->wish->isOnePiece && $plan->corners !== [];

        return array_map(function (array $piece) use ($row, $plan, $number, $depth, $over, $goesOn): Fixture {
            [$left, $right] = [$this->leftEnd($row, $piece[0], $plan->corners[$number - 1] ?? null),
                $this->rightEnd($row, $piece[1], $plan->corners[$number] ?? null)];
            $out = $row->stretch->isIsland ? $over : 0.0;

            return BuiltUnits::at($row->stretch, FixtureKind::Counter, $left, $right - $left, -$out)
                ->sized($right - $left, $depth + $out, $this->sizes->thickness, $this->sizes->height)
                ->asWorktop($row->stretch->isIsland ? null : $this->wish->upstand, $goesOn ? true : null);
        }, $pieces);
    }

    private function leftEnd(Row $row, float $at, ?CornerKind $corner): float
    {
        return match (true) {
            // the piece of the row at the left goes through to the wall, but where this row reaches into the corner
            $corner === CornerKind::BlindRight && $at <= $row->from => 0.0,
            $corner !== null && $at <= $row->from + self::JOINT => $this->sizes->depth + $this->sizes->overhang,
            $this->isFree($row, $at) => $at - min($this->wish->atEnds, $at + $row->stretch->beyond[0]),
            default => $at,
        };
    }

    private function rightEnd(Row $row, float $at, ?CornerKind $corner): float
    {
        return match (true) {
            $corner === CornerKind::BlindRight && $at >= $row->to - self::JOINT => $row->stretch->length() - $this->sizes->depth
                - $this->sizes->overhang,
            $corner !== null && $at >= $row->to - self::JOINT => $row->stretch->length(),
            $this->isFree($row, $at) => $at + min($this->wish->atEnds, $row->stretch->length() - $at + $row->stretch->beyond[1]),
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
