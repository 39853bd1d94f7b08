<?php

declare(strict_types=1);

namespace App\Actions;

use App\Board\RefusedValue;
use App\Board\TypedValues;
use App\Models\Revision;
use App\Models\User;
use App\Rules\Basis;
use App\Rules\BookCheck;
use App\Rulings\RefusedRuling;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Records a value that nobody drew as a reviewer's statement; the revision is examined with it, its drawing stays as it was handed in. */
final readonly class StateValue
{
    public function __construct(private Editor $editor, private BookCheck $check) {}

    /**
     * @throws RefusedEdit
     * @throws RefusedValue
     * @throws RefusedRuling
     */
    public function state(Revision $revision, User $by, string $element, string $key, string $typed): void
    {
        if (!$revision->state->isOpen()) {
            throw new RefusedRuling("The revision is {$revision->state->words()}: nothing can be stated of it any more.");
        }
        $layout = $revision->examined();
        $values = (new TypedValues($layout))->read((new Draft($layout))->find($element), [$key => $typed]);
        if ($values === []) {
            throw new RefusedValue($key, 'That value cannot be stated here.');
        }
        $edited = $this->editor->apply($layout, new ChangeValues($element, $values));
        $counts = $this->check->report(new Home($edited->layout), Basis::ofRevision($revision))->counts();
        DB::transaction(static function () use ($revision, $by, $element, $key, $typed, $edited, $counts): void {
            $revision->statements()->create(['user_id' => $by->id, 'element' => $element, 'key' => $key, 'typed' => $typed, 'patch' => $edited->patch]);
            $revision->update(['counts' => $counts]);
            $revision->log($by, "stated {$element}.{$key}: {$typed}");
        });
        $revision->unsetRelation('statements');
    }
}
