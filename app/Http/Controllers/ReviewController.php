<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Models\User;
use App\Pages\KeptPages;
use App\Pages\ReviewPages;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ReviewController
{
    /** The whole page, or only what a choice of a finding changes when htmx asks. */
    public function __invoke(Request $request, Revision $revision, #[CurrentUser] User $user, ReviewPages $pages, KeptPages $kept): Response
    {
        if ($request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request')) {
            return response()->view('review.changed', ['page' => $pages->page($request, $revision, $pages->report($revision))]);
        }

        return response($kept->page($request, $user, static function () use ($request, $revision, $pages): string {
            // as it stands now: it was read before what follows is
            $revision = Revision::query()->findOrFail($revision->id);

            return view('review', ['page' => $pages->page($request, $revision, $pages->report($revision))])->render();
        }));
    }
}
