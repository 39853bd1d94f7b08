<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\Basis;
use App\Examination\DecidedReports;
use App\Examination\KeptReports;
use App\Letters\LetterProgress;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Spatial\Home;
use Illuminate\Support\Facades\DB;

/** Freezes a scheme as its next revision, examined at once. */
final readonly class SubmitScheme
{
    public function __construct(private KeptReports $reports, private DecidedReports $decided) {}

    /**
     * The revision before is superseded, unless it was signed off.
     *
     * @param string|null $answer what the designer says to its letter
     * @param int|null    $after  id of the revision that it follows as whoever handed it in saw it, 0: of none; pressed twice it is handed
     *                            in once
     */
    public function submit(Scheme $scheme, User $by, ?string $answer = null, ?int $after = null): Revision
    {
        return DB::transaction(function () use ($scheme, $by, $answer, $after): Revision {
            $current = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $last = $current->revisions()->latest('number')->first();
            if ($last !== null && $after !== null && $last->id !== $after) {
                return $last;
            }
            $basis = Basis::ofProject($current->project, $current->layout->units);
            $report = $this->reports->report(new Home($current->layout), $basis);
            $answers = LetterProgress::of($current)?->answered();

            if ($last !== null && $last->state !== RevisionState::SignedOff) {
                $this->supersede($last);
            }
            $next = $current->revisions()->create([
                'number' => ($last->number ?? 0) + 1,
                'layout' => $current->layout,
                'books' => $basis->books,
                'settings' => $basis->settings,
                'brief' => $basis->brief,
                'counts' => $report->counts(),
                'submitted_by' => $by->id,
                'answer' => $answer === null || trim($answer) === '' ? null : trim($answer),
                'answers' => $answers,
            ]);
            $current->update(['answers' => null]);
            $next->log($by, $next->answer === null
                ? __('submitted revision :number', ['number' => $next->number])
                : __('submitted revision :number, answering: :answer', ['number' => $next->number, 'answer' => $next->answer]));

            return $next;
        });
    }

    /** Its report stays as it was when its letter went out, else as it is now. */
    private function supersede(Revision $revision): void
    {
        if ($revision->decided === null) {
            $this->decided->keep($revision, $this->reports->report(new Home($revision->examined()), Basis::ofRevision($revision)));
        }
        $revision->update(['state' => RevisionState::Superseded]);
    }
}
