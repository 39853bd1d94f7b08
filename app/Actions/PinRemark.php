<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\RefusedRuling;
use App\Models\Remark;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** A reviewer's remarks on the plan of an open review: pinned, put into its letter or left out of it, taken away. */
final class PinRemark
{
    /**
     * @param array{storey: string, x: float, y: float, words: string} $remark
     *
     * @throws RefusedRuling when the review is over
     */
    public function pin(Revision $revision, User $by, array $remark): void
    {
        DB::transaction(static function () use ($revision, $by, $remark): void {
            $revision->lockOpen();
            // pressed twice it is pinned once
            if (!$revision->remarks()->firstOrCreate(['user_id' => $by->id, ...$remark])->wasRecentlyCreated) {
                return;
            }
            $revision->log($by, __('pinned a remark: :words', ['words' => $remark['words']]));
        });
    }

    /** @throws RefusedRuling when the review is over */
    public function write(Revision $revision, User $by, Remark $remark): void
    {
        DB::transaction(static function () use ($revision, $by, $remark): void {
            $revision->lockOpen();
            $remark->update(['in_letter' => !$remark->in_letter]);
            $revision->log($by, __('put a remark :it: :words', [
                'it' => $remark->in_letter ? __('into the letter') : __('out of the letter'),
                'words' => $remark->words,
            ]));
        });
    }

    /** @throws RefusedRuling when the review is over */
    public function unpin(Revision $revision, User $by, Remark $remark): void
    {
        DB::transaction(static function () use ($revision, $by, $remark): void {
            $revision->lockOpen();
            $remark->delete();
            $revision->log($by, __('took a remark away: :words', ['words' => $remark->words]));
        });
    }
}
