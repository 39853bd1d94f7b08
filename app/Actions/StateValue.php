<?php

declare(strict_types=1);

namespace App\Actions;

use App\Board\RefusedValue;
use App\Board\TypedValues;
use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\Statement;
use App\Models\User;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Edited;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/**
 * Records a value that nobody drew as a reviewer's statement, and takes it back; the revision is examined with it, its drawing stays as it
 * was handed in.
 */
final readonly class StateValue
{
    public function __construct(private Editor $editor, private KeptReports $reports) {}

    /**
     * @throws RefusedEdit
     * @throws RefusedValue
     * @throws RefusedRuling when the review is over, or the value has been stated already
     */
    public function state(Revision $revision, User $by, string $element, string $key, string $typed): void
    {
        DB::transaction(function () use ($revision, $by, $element, $key, $typed): void {
            $revision->lockOpen();
            $before = $revision->statements->first(static fn(Statement $one): bool => $one->element === $element && $one->key === $key);
            if ($before !== null) {
                throw new RefusedRuling(__('That has been stated already, as :typed: take it back to state another value.', [
                    'typed' => $before->typed,
                ]));
            }
            $edited = $this->edited($revision->examined(), $element, $key, $typed);
            $revision->statements()->create([
                'user_id' => $by->id, 'element' => $element, 'key' => $key, 'typed' => $typed, 'patch' => $edited->patch,
            ]);
            $this->count($revision);
            $revision->log($by, __('stated :element.:key: not said → :typed', ['element' => $element, 'key' => $key, 'typed' => $typed]));
        });
    }

    /**
     * The other statements stand as they are.
     *
     * @throws RefusedRuling when the review is over
     * @throws RefusedEdit   when another statement rests on it
     * @throws RefusedValue
     */
    public function takeBack(Revision $revision, User $by, Statement $statement): void
    {
        DB::transaction(function () use ($revision, $by, $statement): void {
            $revision->lockOpen();
            $layout = $revision->layout;
            foreach ($revision->statements->where('id', '!=', $statement->id) as $other) {
                $edited = $this->edited($layout, $other->element, $other->key, $other->typed);
                $other->update(['patch' => $edited->patch]);
                $layout = $edited->layout;
            }
            $statement->setRelation('revision', $revision)->delete();
            $this->count($revision);
            $revision->log($by, __('took the statement back: :element.:key: :typed → not said', [
                'element' => $statement->element,
                'key' => $statement->key,
                'typed' => $statement->typed,
            ]));
        });
    }

    private function edited(Layout $layout, string $element, string $key, string $typed): Edited
    {
        $values = (new TypedValues($layout))->read((new Draft($layout))->find($element)->element, [$key => $typed]);

        return $values === []
            ? throw new RefusedValue($key, __('That value cannot be stated here.'))
            : $this->editor->apply($layout, new ChangeValues($element, $values));
    }

    private function count(Revision $revision): void
    {
        $revision->unsetRelation('statements');
        $revision->update(['counts' => $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision))->counts()]);
    }
}
