<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Box;

/** Along which of their edges, or through which middles, fixtures are lined up. */
enum LineUp: string
{
    case Left = 'left';
    case Right = 'right';
    case Bottom = 'bottom';
    case Top = 'top';
    case Across = 'across';
    case Up = 'up';

    /** Where a fixture stands by it, mm. */
    public function of(Box $box): float
    {
        return match ($this) {
            self::Left => $box->left,
            self::Right => $box->right,
            self::Bottom => $box->bottom,
            self::Top => $box->top,
            self::Across => $box->middle()->y,
            self::Up => $box->middle()->x,
        };
    }

    /** Does lining up move fixtures to the right or left? */
    public function isSideways(): bool
    {
        return in_array($this, [self::Left, self::Right, self::Up], true);
    }
}
