<?php

declare(strict_types=1);

namespace App\Actions;

use App\Briefs\KeptBrief;
use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Project;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\User;
use Heurema\Brief\Brief;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Writes the client's brief; a review that is open is held against it at once. */
final readonly class WriteBrief
{
    public function __construct(private KeptReports $reports) {}

    /** @throws RefusedRuling when the latest review is over: it was decided on the brief as it is */
    public function write(Project $project, User $by, Brief $brief): void
    {
        DB::transaction(function () use ($project, $by, $brief): void {
            $revision = $project->latestRevision;
            $revision?->lockOpen();
            $before = KeptBrief::read($project->brief)->words();
            $project->update(['brief' => KeptBrief::write($brief)]);
            if ($revision !== null) {
                $this->hold($revision, $project);
                $revision->log($by, __('wrote the brief: :before → :brief', ['before' => $before, 'brief' => $brief->words()]));
            }
        });
    }

    private function hold(Revision $revision, Project $project): void
    {
        $revision->update(['brief' => Basis::ofProject($project, $revision->layout->units)->brief]);
        $revision->update(['counts' => $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision))->counts()]);
    }
}
