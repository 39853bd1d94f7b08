<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;

/** A side of a block as it lies on the sheet. */
enum BlockSide: string
{
    case Left = 'left';
    case Right = 'right';
    case Lower = 'lower';
    case Upper = 'upper';

    public function isAcross(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    /** 1 towards greater coordinates, -1 towards smaller ones. */
    public function way(): int
    {
        return $this === self::Right || $this === self::Upper ? 1 : -1;
    }

    public function opposite(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Lower => self::Upper,
            self::Upper => self::Lower,
        };
    }

    /** Where it lies, mm: x of a left or right side, y of an upper or lower one. */
    public function of(Box $box): float
    {
        return match ($this) {
            self::Left => $box->left,
            self::Right => $box->right,
            self::Lower => $box->bottom,
            self::Upper => $box->top,
        };
    }

    /** A box with this side in another place. */
    public function moved(Box $box, float $to): Box
    {
        return new Box(
            $this === self::Left ? $to : $box->left,
            $this === self::Lower ? $to : $box->bottom,
            $this === self::Right ? $to : $box->right,
            $this === self::Upper ? $to : $box->top,
        );
    }
}
