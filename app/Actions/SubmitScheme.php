<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use App\Rules\BookCheck;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Freezes a scheme as its next revision, examined at once. */
final readonly class SubmitScheme
{
    public function __construct(private BookCheck $check) {}

    public function submit(Scheme $scheme, User $by): Revision
    {
        return DB::transaction(function () use ($scheme, $by): Revision {
            $current = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $last = $current->revisions()->latest('number')->first();
            [$books, $settings] = [$current->project->books, $current->project->settings];
            $report = $this->check->report(new Home($current->layout), $books, $settings);

            return $current->revisions()->create([
                'number' => ($last->number ?? 0) + 1,
                'layout' => $current->layout,
                'books' => $books,
                'settings' => $settings,
                'counts' => $report->counts(),
                'submitted_by' => $by->id,
            ]);
        });
    }
}
