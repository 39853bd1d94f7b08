<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BasisRequest;
use App\Models\Scheme;
use Illuminate\Http\RedirectResponse;

/** What a draft is held against, chosen on the board. Once it is handed in its review says so. */
final class BasisController
{
    public function update(BasisRequest $request, Scheme $scheme): RedirectResponse
    {
        abort_unless($scheme->isDraft(), 409, __('It has been handed in: its rule books are chosen in the review.'));
        $scheme->project->update(['books' => $request->books()]);

        return redirect()->route('board', $scheme);
    }
}
