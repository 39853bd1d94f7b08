<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\DecidedReports;
use App\Examination\KeptReports;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\RulingKind;
use App\Models\User;
use App\Rulings\Rulings;
use Heurema\Review\Finding;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Signs a revision off: every open finding is waived or settled, and the report is kept as it was decided on. */
final readonly class CloseReview
{
    public function __construct(private KeptReports $reports, private DecidedReports $decided) {}

    /** @throws RefusedRuling with what stands in the way */
    public function signOff(Revision $revision, User $by): void
    {
        DB::transaction(function () use ($revision, $by): void {
            $revision->lockOpen();
            $report = $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision));
            $rulings = Rulings::of($revision);
            $left = array_filter(
                $report->findings,
                static fn(Finding $finding): bool => $finding->verdict()->isOpen()
                    && !in_array($rulings->kind($finding), [RulingKind::Waive, RulingKind::Settle], true),
            );
            if ($left !== []) {
                throw new RefusedRuling(
                    count($left) === 1
                        ? __('One open finding is neither waived nor settled.')
                        : __(':count open findings are neither waived nor settled.', ['count' => count($left)]),
                );
            }
            $this->decided->keep($revision, $report);
            $revision->update(['state' => RevisionState::SignedOff]);
            $revision->log($by, __('signed off'));
        });
    }
}
