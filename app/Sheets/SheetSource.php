<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use Heurema\Review\Report;
use Heurema\Spatial\Home;

/** What sheets of a home are drawn from. */
final readonly class SheetSource
{
    /**
     * @param \Closure(): Report|null $report    what schedules are taken from; null: there are none
     * @param list<list<string>>      $revisions rows of the table of revisions
     * @param list<string>            $changed   ids of what was drawn otherwise on the last revision
     */
    public function __construct(
        public Home $home,
        public DimensionStyle $style,
        public ?\Closure $report = null,
        public array $revisions = [],
        public array $changed = [],
    ) {}
}
