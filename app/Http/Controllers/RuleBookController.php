<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pages\RuleBookPage;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The rule books: to be read and searched. */
final readonly class RuleBookController
{
    public function __construct(private RuleBookLibrary $library) {}

    public function index(): View
    {
        return view('rule-books', ['books' => $this->library->readable(), 'unreadable' => $this->library->unreadable()]);
    }

    public function show(Request $request, string $book): View
    {
        abort_unless(in_array($book, $this->library->ids(), true), 404);

        return view(
            'rule-book',
            ['page' => new RuleBookPage($this->library->book($book), mb_substr($request->string('q')->trim()->value(), 0, 100))],
        );
    }
}
