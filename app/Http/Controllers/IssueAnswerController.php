<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeAnswers;
use App\Exchange\UnreadableIssues;
use App\Http\Requests\IssuesUpload;
use App\Models\Scheme;
use Illuminate\Http\RedirectResponse;

/** Answers to the letter that is out, from issues that were commented on elsewhere. */
final class IssueAnswerController
{
    public function store(IssuesUpload $request, Scheme $scheme, TakeAnswers $action): RedirectResponse
    {
        try {
            $taken = $action->take($scheme, $request->content());
        } catch (UnreadableIssues $e) {
            return redirect()->route('board.file', $scheme)->withErrors(['issues' => $e->getMessage()]);
        }

        return redirect()->route('board.file', $scheme)->with('status', match ($taken) {
            0 => __('The file has no new comment on an item of the letter.'),
            1 => __('One item of the letter has a new answer.'),
            default => __(':taken items of the letter have new answers.', ['taken' => $taken]),
        });
    }
}
