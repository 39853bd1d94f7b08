<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Pages\ReviewPages;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class ReviewController
{
    /** The whole page, or only what a choice of a finding changes when htmx asks. */
    public function __invoke(Request $request, Revision $revision, ReviewPages $pages): View
    {
        $page = $pages->page($request, $revision, $pages->report($revision));

        return view($request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request') ? 'review.changed' : 'review', ['page' => $page]);
    }
}
