<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Pages\ReviewPage;
use App\Rules\BookCheck;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class ReviewController
{
    /** The whole page, or only what a choice of a finding changes when htmx asks. */
    public function __invoke(Request $request, Revision $revision, BookCheck $check, Shelf $shelf): View
    {
        $report = $check->report(new Home($revision->layout), $revision->books, $revision->settings);
        $page = new ReviewPage(
            $revision,
            $report,
            $shelf,
            $request->string('finding')->value(),
            $request->string('subject')->value(),
            $request->string('storey')->value(),
            $request->string('show')->value(),
            $request->string('book')->value(),
        );

        return view($request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request') ? 'review.changed' : 'review', ['page' => $page]);
    }
}
