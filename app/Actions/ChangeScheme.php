<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Scheme;
use App\Models\SchemeEdit;
use App\Models\User;
use Heurema\Kitchen\EditWithMarks;
use Heurema\Layout\Edit\Edit;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Illuminate\Support\Facades\DB;

/**
 * Edits a scheme, and undoes and redoes without end. Each takes the version that it was made on; on another the scheme is
 * left alone.
 */
final readonly class ChangeScheme
{
    /** Whoever loses to another in the database tries again. */
    private const ATTEMPTS = 5;

    public function __construct(private Editor $editor) {}

    /**
     * A new edit leaves nothing to redo; one that changes nothing is none.
     *
     * @param string|null $sentAs what the sender knows it by, should its answer get lost and he send it again
     *
     * @throws StaleScheme
     * @throws RefusedEdit
     */
    public function edit(Scheme $scheme, User $by, int $version, Edit $edit, ?string $sentAs = null): Scheme
    {
        return $this->onCurrent($scheme, $version, function (Scheme $current) use ($by, $edit, $sentAs): ?Layout {
            $edited = $this->editor->apply($current->layout, new EditWithMarks($edit, $current->layout));
            if ($edited->patch->changes === []) {
                return null;
            }
            // to delete none would lock the place where others insert
            if ($current->edits()->where('undone', true)->exists()) {
                $current->edits()->where('undone', true)->delete();
            }
            $current->edits()->create([
                'user_id' => $by->id,
                'words' => mb_strimwidth($edited->patch->words(), 0, 500),
                'patch' => $edited->patch,
                'undone' => false,
                'sent_as' => $sentAs,
            ]);

            return $edited->layout;
        });
    }

    /**
     * @throws StaleScheme
     * @throws RefusedEdit when there is nothing to undo
     */
    public function undo(Scheme $scheme, int $version): Scheme
    {
        return $this->onCurrent($scheme, $version, function (Scheme $current): Layout {
            $last = self::lastDone($current) ?? throw new RefusedEdit(__('There is nothing to undo.'));
            if ($last->folded !== null) {
                throw new RefusedEdit(__('What was handed in more than :days days ago is not undone any more.', [
                    'days' => FoldEdits::DAYS,
                ]));
            }
            $last->update(['undone' => true]);

            return $this->editor->apply($current->layout, $last->patch->reversed())->layout;
        });
    }

    /**
     * @throws StaleScheme
     * @throws RefusedEdit when there is nothing to redo
     */
    public function redo(Scheme $scheme, int $version): Scheme
    {
        return $this->onCurrent($scheme, $version, function (Scheme $current): Layout {
            $next = self::firstUndone($current) ?? throw new RefusedEdit(__('There is nothing to redo.'));
            $next->update(['undone' => false]);

            return $this->editor->apply($current->layout, $next->patch)->layout;
        });
    }

    /** Has an edit been made already that is sent again? */
    public function wasMade(Scheme $scheme, ?string $sentAs): bool
    {
        return $sentAs !== null && $scheme->edits()->where('sent_as', $sentAs)->exists();
    }

    /** @param list<string> $columns */
    public static function lastDone(Scheme $scheme, array $columns = ['*']): ?SchemeEdit
    {
        return $scheme->edits()->where('undone', false)->latest('id')->first($columns);
    }

    /** @param list<string> $columns */
    public static function firstUndone(Scheme $scheme, array $columns = ['*']): ?SchemeEdit
    {
        return $scheme->edits()->where('undone', true)->oldest('id')->first($columns);
    }

    /** @param callable(Scheme): (Layout|null) $change null: nothing to change */
    private function onCurrent(Scheme $scheme, int $version, callable $change): Scheme
    {
        return DB::transaction(function () use ($scheme, $version, $change): Scheme {
            $current = Scheme::query()->lockForUpdate()->whereKey($scheme->id)->value('version');
            if ($current !== $version) {
                throw new StaleScheme();
            }
            // what was read before the lock is still what stands there, unless it was older
            $scheme = $scheme->version === $version ? $scheme : $scheme->refresh();
            $layout = $change($scheme);
            if ($layout !== null) {
                $scheme->update(['layout' => $layout, 'version' => $version + 1]);
            }

            return $scheme;
        }, self::ATTEMPTS);
    }
}
