<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\RulingKind;
use App\Models\User;
use App\Rulings\Rulings;
use App\Rulings\StandingRuling;
use Heurema\Review\Finding;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Decides about findings of a revision, one or many at once, and takes the last decision back. */
final class RuleOnFindings
{
    /**
     * @param non-empty-list<Finding> $findings
     *
     * @throws RefusedRuling
     */
    public function rule(Revision $revision, User $by, array $findings, RulingKind $kind, ?string $words): void
    {
        if ($kind->needsWords() && trim((string) $words) === '') {
            throw new RefusedRuling($kind === RulingKind::Waive ? __('Say why it may stay as it is.') : __('Write the question.'));
        }
        DB::transaction(static function () use ($revision, $by, $findings, $kind, $words): void {
            $revision->lockOpen();
            $words = trim((string) $words) === '' ? null : trim((string) $words);
            $rulings = Rulings::of($revision);
            // pressed twice it is decided once
            $findings = array_values(array_filter(
                $findings,
                static fn(Finding $finding): bool => !self::stands($rulings->for($finding), $by, $kind, $words),
            ));
            if ($findings === []) {
                return;
            }
            $batch = (string) Str::ulid();
            foreach ($findings as $finding) {
                $revision->rulings()->create([
                    'user_id' => $by->id, 'finding' => $finding->fingerprint(), 'kind' => $kind, 'words' => $words,
                    'facts' => $finding->facts(), 'found' => $finding->foundFacts()->write(), 'batch' => $batch,
                ]);
            }
            $revision->update(['state' => RevisionState::InReview]);
            $count = count($findings);
            $revision->log(
                $by,
                $count === 1
                    ? "{$kind->words()}: {$findings[0]->rule->title}, {$findings[0]->subject->name()}"
                    : __(':kind :count at once: :title', [
                        'kind' => $kind->words(),
                        'count' => $count,
                        'title' => $findings[0]->rule->title,
                    ]),
            );
        });
    }

    /** Has the same person decided the same of the finding as it is now, on this revision? */
    private static function stands(?StandingRuling $standing, User $by, RulingKind $kind, ?string $words): bool
    {
        return $standing !== null
            && !$standing->isCarried
            && !$standing->isOutdated
            && $standing->ruling->user_id === $by->id
            && $standing->ruling->kind === $kind
            && $standing->ruling->words === $words;
    }

    /**
     * Takes back what somebody decided last, all that was decided together.
     *
     * @throws RefusedRuling when there is nothing
     */
    public function undo(Revision $revision, User $by): void
    {
        DB::transaction(static function () use ($revision, $by): void {
            $revision->lockOpen();
            $last = $revision->rulings()->where('user_id', $by->id)->latest('id')->first()
                ?? throw new RefusedRuling(__('You have decided nothing here that could be taken back.'));
            $together = $revision->rulings()->where('batch', $last->batch)->get();
            $count = $together->count();
            $together->each->delete();
            $revision->log($by, $count === 1
                ? __('took the last ruling back')
                : __('took the last :count rulings back', ['count' => $count]));
        });
    }
}
