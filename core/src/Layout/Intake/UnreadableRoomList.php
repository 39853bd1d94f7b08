<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Language\Text;

/** A list of rooms in which some lines cannot be read. */
final class UnreadableRoomList extends \RuntimeException
{
    /** @param array<int, string> $problems by line, from 1 */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(
            ' ',
            array_map(static fn(int $line, string $problem): string => Text::of(
                'Line {line}: {problem}',
                line: $line,
                problem: $problem,
            ), array_keys($problems), $problems),
        ));
    }
}
