<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Office;
use App\Models\Revision;
use App\Models\RevisionState;
use Illuminate\Bus\Batch;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Cache;

/** Has every review of an office that is not over examined again, one after the other, by whoever works off the queue. */
final class ExamineAgain
{
    /** Seconds that whoever presses meanwhile waits at the most. */
    private const PATIENCE = 20;

    private const DAY = 86_400;

    /**
     * Null when there is nothing to examine; what is under way already goes on.
     *
     * @param string $press key of the form; pressed again it starts nothing
     */
    public function start(Office $office, string $press = ''): ?Batch
    {
        // not in a transaction: whoever works off the queue has to see the batch
        $batch = null;
        Cache::lock(
            "examining for office {$office->id}",
            2 * self::PATIENCE,
        )->block(self::PATIENCE, static function () use ($office, $press, &$batch): void {
            $batch = self::startOnce($office->refresh(), $press);
        });

        return $batch;
    }

    private static function startOnce(Office $office, string $press): ?Batch
    {
        $running = $office->examination === null ? null : Bus::findBatch($office->examination);
        $isPressedAgain = $press !== '' && !Cache::add("examining for office {$office->id}, pressed {$press}", true, self::DAY);
        if ($running !== null && ($isPressedAgain || !$running->finished())) {
            return $running;
        }
        $open = Revision::query()
            ->whereIn('state', [RevisionState::Submitted, RevisionState::InReview, RevisionState::Returned])
            ->whereHas('scheme.project', static fn(Builder $project) => $project->where('office_id', $office->id))
            ->pluck('id');
        $jobs = array_map(static fn(mixed $id): ExamineRevision => new ExamineRevision(is_numeric($id) ? (int) $id : 0), $open->all());
        $batch = $jobs === [] ? null : Bus::batch($jobs)->name(__('Examined again: :name', [
            'name' => $office->name,
        ]))->allowFailures()->dispatch();
        $office->update(['examination' => $batch?->id]);

        return $batch;
    }
}
