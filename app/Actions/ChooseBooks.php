<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use Heurema\Review\Examiner;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;

/** What a revision is held against; its drawing stays as it is, its counts are taken anew. The next revisions follow it. */
final readonly class ChooseBooks
{
    public function __construct(private Examiner $examiner, private Shelf $shelf) {}

    /** @param list<string> $books ids */
    public function choose(Revision $revision, array $books): Revision
    {
        $report = $this->examiner->examine(new Home($revision->layout), array_map($this->shelf->book(...), $books));
        $revision->update(['books' => $books, 'counts' => $report->counts()]);

        return $revision;
    }
}
