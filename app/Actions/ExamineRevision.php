<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Queue\Once;
use Heurema\Spatial\Home;
use Illuminate\Bus\Batchable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Examines a revision again, with the rule books as they are now. */
final class ExamineRevision implements ShouldQueue
{
    use Batchable;
    use Queueable;

    public function __construct(private readonly int $revision)
    {
        $this->through(new Once());
    }

    public function handle(KeptReports $reports): void
    {
        if ($this->batch()?->cancelled() === true) {
            return;
        }
        // what was decided in the meantime stays as it was decided
        $revision = Revision::query()->lockForUpdate()->with('statements')->whereNull('decided')->find($this->revision);
        $revision?->update(['counts' => $reports->report(new Home($revision->examined()), Basis::ofRevision($revision))->counts()]);
    }
}
