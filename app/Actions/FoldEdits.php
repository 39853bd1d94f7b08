<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use Heurema\Layout\Edit\Patch;
use Illuminate\Support\Facades\DB;

/** Edits that were handed in long ago become one that says how many they were: undoing stops there. */
final class FoldEdits
{
    public const DAYS = 90;

    /** @return int how many were folded */
    public function fold(Scheme $scheme): int
    {
        return DB::transaction(static function () use ($scheme): int {
            $current = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $handedIn = $current->revisions()->latest('id')->first(['created_at'])?->created_at;
            $until = $handedIn?->min(now()->subDays(self::DAYS));
            $old = $until === null
                ? []
                : $current->edits()->where('undone', false)->where('created_at', '<', $until)->orderBy('id')->get(['id', 'folded'])->all();
            $last = $old === [] ? null : $old[count($old) - 1];
            if ($last === null || (count($old) === 1 && $last->folded !== null)) {
                return 0;
            }
            $count = array_sum(array_map(static fn(SchemeEdit $edit): int => $edit->folded ?? 1, $old));
            $words = $count === 1 ? __('One edit') : __(':count edits', ['count' => $count]);
            $current->edits()->whereKey(array_map(static fn(SchemeEdit $edit): int => $edit->id, $old))->whereKeyNot($last->id)->delete();
            $current
                ->edits()
                ->whereKey($last->id)
                ->firstOrFail()
                ->update(['words' => $words, 'patch' => new Patch([], $words), 'folded' => $count]);

            return count($old);
        });
    }
}
