<?php

declare(strict_types=1);

namespace App\Rules;

use Heurema\Layout\Layout;
use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;

/** Holds a drawn home against rule books that are named by their ids. */
final readonly class BookCheck
{
    public function __construct(private Examiner $examiner, private Shelf $shelf) {}

    /** @param list<string> $books */
    public function report(Layout $layout, array $books): Report
    {
        return $this->examiner->examine(new Home($layout), array_map($this->shelf->book(...), $books));
    }
}
