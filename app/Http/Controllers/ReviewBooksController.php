<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChooseBooks;
use App\Http\Requests\BooksRequest;
use App\Models\RefusedRuling;
use App\Models\Revision;
use App\Models\User;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The rule books that a review is held against. */
final readonly class ReviewBooksController
{
    public function __construct(private RuleBookLibrary $library) {}

    public function update(BooksRequest $request, Revision $revision, #[CurrentUser] User $user, ChooseBooks $action): RedirectResponse
    {
        try {
            $action->choose($revision, $user, $request->books(), $request->settings($this->library));
        } catch (RefusedRuling $e) {
            return redirect()->route('review', $revision)->withErrors(['review' => $e->getMessage()]);
        }

        return redirect()->route('review', $revision);
    }
}
