<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use App\Rules\BookCheck;

/** What a revision is held against; its drawing stays as it is, its counts are taken anew. The next revisions follow it. */
final readonly class ChooseBooks
{
    public function __construct(private BookCheck $check) {}

    /** @param list<string> $books ids */
    public function choose(Revision $revision, array $books): Revision
    {
        $report = $this->check->report($revision->layout, $books);
        $revision->update(['books' => $books, 'counts' => $report->counts()]);

        return $revision;
    }
}
