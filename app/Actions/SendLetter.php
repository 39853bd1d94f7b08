<?php

declare(strict_types=1);

namespace App\Actions;

use App\Examination\DecidedReports;
use App\Letters\LetterDraft;
use App\Mail\InLanguageOf;
use App\Mail\Link;
use App\Mail\Notice;
use App\Models\Letter;
use App\Models\RefusedRuling;
use App\Models\RevisionState;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Sends a corrections letter: it is kept as it went out, and the revision goes back to its designer. */
final readonly class SendLetter
{
    public function __construct(private DecidedReports $decided) {}

    /** @throws RefusedRuling */
    public function send(LetterDraft $draft, User $by): Letter
    {
        if ($draft->items === []) {
            throw new RefusedRuling(__('Nothing is upheld or asked: there is nothing to write about.'));
        }

        return DB::transaction(function () use ($draft, $by): Letter {
            $draft->revision->lockOpen();
            $letter = $draft->revision->letters()->create([
                'user_id' => $by->id,
                'html' => view('letter.paper', ['draft' => $draft, 'by' => $by, 'on' => now()])->render(),
                'content' => $draft->toArray(),
            ]);
            $this->decided->keep($draft->revision, $draft->report);
            $draft->revision->update(['state' => RevisionState::Returned]);
            $reader = $draft->revision->submitter;
            Mail::to($reader->email)->send(InLanguageOf::write($reader, static fn(): Notice => new Notice(
                $by->office_id,
                __('Corrections, :name', ['name' => $draft->revision->scheme->project->name]),
                __(':name has sent corrections to revision :number.', ['name' => $by->name, 'number' => $draft->revision->number]),
                Link::to('letters.show', $letter),
            )));
            $draft->revision->log($by, trans_choice(
                '{1} sent the letter, one item|[2,*] sent the letter, :count items',
                count($draft->items),
            ));

            return $letter;
        });
    }
}
