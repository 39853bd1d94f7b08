<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** Which way the climb goes on after a landing. */
enum Turn: string
{
    case None = 'none';
    case Left = 'left';
    case Right = 'right';
    /** As documents said before they told the side: to the left. */
    case Back = 'back';
    case BackLeft = 'back_left';
    case BackRight = 'back_right';

    public function isBack(): bool
    {
        return $this === self::Back || $this === self::BackLeft || $this === self::BackRight;
    }

    public function isRight(): bool
    {
        return $this === self::Right || $this === self::BackRight;
    }
}
