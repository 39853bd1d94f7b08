<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Revision;
use App\Rules\Basis;
use App\Rules\BookCheck;
use Heurema\Spatial\Home;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Examines a revision again, with the rule books as they are now. */
final class ExamineRevision implements ShouldQueue
{
    use Batchable;
    use Queueable;

    public function __construct(private readonly int $revision) {}

    public function handle(BookCheck $check): void
    {
        $revision = Revision::query()->with('statements')->find($this->revision);
        if ($revision === null || $this->batch()?->cancelled() === true) {
            return;
        }
        $revision->update(['counts' => $check->report(new Home($revision->examined()), Basis::ofRevision($revision))->counts()]);
    }
}
