<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SendLetter;
use App\Exchange\CommaSeparated;
use App\Exchange\IssueArchive;
use App\Exchange\IssueVersion;
use App\Http\LetterFile;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Requests\LetterRequest;
use App\Letters\LetterDraft;
use App\Letters\PrintedLetters;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\RevisionState;
use App\Models\User;
use App\Pages\ReviewPages;
use App\Rulings\Rulings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The corrections letter: drafted from the rulings, sent, and handed on in several forms. */
final readonly class LetterController
{
    /** Whoever sends a letter again within so many minutes of sending it has pressed twice. */
    private const PRESSED_TWICE = 2;

    public function __construct(private ReviewPages $pages) {}

    public function show(Request $request, Revision $revision): View
    {
        return view(
            'letter',
            [
                'draft' => $this->draft($request, $revision),
                'rulings' => Rulings::of($revision),
                'letters' => $revision->letters()->with('user')->latest('id')->get(),
            ],
        );
    }

    /** The letter alone, as it would go out. */
    public function paper(Request $request, Revision $revision, #[CurrentUser] User $user): Response
    {
        return response()->view(
            'letter.paper',
            ['draft' => $this->draft($request, $revision), 'by' => $user, 'on' => now()],
        )->header(SecurityHeaders::FRAMED, 'yes');
    }

    public function file(
        Request $request,
        Revision $revision,
        string $format,
        #[CurrentUser]
        User $user,
        PrintedLetters $printed,
        IssueArchive $issues,
    ): Response {
        $draft = $this->draft($request, $revision);

        return match ($format) {
            'pdf' => LetterFile::printed(
                $revision,
                $printed->of(view('letter.paper', ['draft' => $draft, 'by' => $user, 'on' => now()])->render()),
            ),
            'bcf' => LetterFile::hand($revision, 'bcf', 'application/octet-stream', $issues->of($draft, IssueVersion::Two)),
            'bcf3' => LetterFile::hand($revision, 'bcf', 'application/octet-stream', $issues->of($draft, IssueVersion::Three)),
            'csv' => LetterFile::hand($revision, 'csv', 'text/csv; charset=UTF-8', CommaSeparated::of(self::table($draft))),
            'json' => LetterFile::hand(
                $revision,
                'json',
                'application/json',
                json_encode($draft->toArray(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            ),
            default => abort(404),
        };
    }

    public function store(LetterRequest $request, Revision $revision, #[CurrentUser] User $user, SendLetter $action): RedirectResponse
    {
        try {
            $letter = $action->send($this->draft($request, $revision), $user);
        } catch (RefusedRuling $e) {
            $sent = $revision->refresh()->state !== RevisionState::Returned
                ? null
                : $revision
                ->letters()
                ->where('user_id', $user->id)
                ->where('created_at', '>', now()->subMinutes(self::PRESSED_TWICE))
                ->latest('id')
                ->first();
            if ($sent !== null) {
                return redirect()->route('letters.show', $sent);
            }

            return redirect()->route('review.letter', $revision)->withErrors(['letter' => $e->getMessage()]);
        }

        return redirect()->route('letters.show', $letter);
    }

    private function draft(Request $request, Revision $revision): LetterDraft
    {
        $by = $request->string('by')->value() === LetterDraft::BY_CLAUSE ? LetterDraft::BY_CLAUSE : LetterDraft::BY_ROOM;

        return new LetterDraft($revision, $this->pages->report($revision), Rulings::of($revision), $by, $request->boolean('round'));
    }

    /** @return list<list<string|float|int|bool|null>> */
    private static function table(LetterDraft $draft): array
    {
        $rows = [[
            __('Number'), __('Where'), __('Element'), __('Clause'), __('Rule'), __('Measured'), __('Required'), __('Missed by'),
            __('Ruling'), __('Words'),
        ]];
        foreach ($draft->items as $item) {
            $rows[] = [
                $item->number, $item->room, $item->subject(), $item->clause(), $item->title(), $item->finding?->measuredText(),
                $item->finding?->limitText(), $item->finding?->missedText(), $item->kind(), $item->words(),
            ];
        }

        return $rows;
    }
}
