<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LogEntry;
use App\Models\PendingPage;
use App\Models\PictureBeneath;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes a home away from the desk with all that belongs to it, and brings it back; after thirty days it is gone. */
final class RemoveHome
{
    public const DAYS = 30;

    public function remove(Project $project, User $by): void
    {
        DB::transaction(static function () use ($project, $by): void {
            $project->delete();
            $project->office->log($by, __(':name removed', ['name' => $project->name]));
            LogEntry::query()->create(['project_id' => $project->id, 'user_id' => $by->id, 'words' => __('removed the home')]);
        });
    }

    public function bringBack(Project $project, User $by): void
    {
        DB::transaction(static function () use ($project, $by): void {
            $project->restore();
            $project->office->log($by, __(':name brought back', ['name' => $project->name]));
            LogEntry::query()->create(['project_id' => $project->id, 'user_id' => $by->id, 'words' => __('brought the home back')]);
        });
    }

    /** Everything of a home, its pictures too: nothing brings it back. */
    public function forGood(Project $project): void
    {
        $files = array_map(
            static fn(string $kind): array => $kind::query()->whereIn('scheme_id', $project->schemes()->select('id'))->pluck('file')->all(),
            [PictureBeneath::class, PendingPage::class],
        );
        $project->forceDelete();
        Storage::disk(PictureBeneath::DISK)->delete(array_filter(array_merge(...$files), is_string(...)));
    }
}
