<?php

declare(strict_types=1);

namespace App\Queue;

use Illuminate\Support\Facades\DB;

/**
 * Around a job: what it writes into the database is written once, though a worker that was killed before it could say that it had finished
 * has the job handed out again.
 */
final class Once
{
    /** Marks of jobs are kept for so many days; a job is handed out again within minutes. */
    public const DAYS = 7;

    /**
     * @param object{job: \Illuminate\Contracts\Queue\Job|null} $work
     * @param \Closure(object): mixed                           $next
     */
    public function handle(object $work, \Closure $next): void
    {
        DB::transaction(static function () use ($work, $next): void {
            $isFirst = $work->job === null
                || DB::table('done_jobs')->insertOrIgnore(['id' => $work->job->uuid(), 'done_at' => now()]) === 1;
            if ($isFirst) {
                $next($work);
            }
        });
    }
}
