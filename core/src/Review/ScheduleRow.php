<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Spatial\Subject\Subject;

/** One thing in a schedule. */
final readonly class ScheduleRow
{
    /**
     * @param string                      $mark  empty where it has none
     * @param array<string, ScheduleCell> $cells by column
     */
    public function __construct(public Subject $subject, public string $mark, public string $storey, public array $cells) {}
}
