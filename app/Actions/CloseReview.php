<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\RulingKind;
use App\Models\User;
use App\Rulings\RefusedRuling;
use App\Rulings\Rulings;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Illuminate\Support\Facades\DB;

/** Signs a revision off: every open finding is waived or settled. */
final class CloseReview
{
    /** @throws RefusedRuling with what stands in the way */
    public function signOff(Revision $revision, User $by, Report $report): void
    {
        $rulings = Rulings::of($revision);
        $left = array_filter($report->findings, static fn(Finding $finding): bool => $finding->verdict()->isOpen() && !in_array($rulings->kind($finding), [RulingKind::Waive, RulingKind::Settle], true));
        if ($left !== []) {
            throw new RefusedRuling(count($left) === 1 ? 'One open finding is neither waived nor settled.' : count($left).' open findings are neither waived nor settled.');
        }
        DB::transaction(static function () use ($revision, $by): void {
            $current = Revision::query()->lockForUpdate()->findOrFail($revision->id);
            if (!$current->state->isOpen()) {
                throw new RefusedRuling("The revision is {$current->state->words()}.");
            }
            $revision->update(['state' => RevisionState::SignedOff]);
            $revision->log($by, 'signed off');
        });
    }
}
