<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examination\BookList;
use App\Examination\ListedBook;
use App\Models\Scheme;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What a draft is held against, chosen on the board. Once it is handed in its review says so. */
final class BasisController
{
    public function update(Request $request, Scheme $scheme, BookList $list): RedirectResponse
    {
        abort_unless($scheme->isDraft(), 409, 'It has been handed in: its rule books are chosen in the review.');
        $request->validate(['books' => ['required', 'array', 'min:1'], 'books.*' => ['string', Rule::in(array_map(static fn(ListedBook $book): string => $book->id, $list->books()))]], ['books.required' => 'Choose at least one rule book.']);
        $books = array_values(array_filter($request->array('books'), is_string(...)));
        $scheme->project->update(['books' => $books]);

        return redirect()->route('board', $scheme);
    }
}
