<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Revision;
use App\Pages\ReviewPages;
use Heurema\Review\Report;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The review after something was decided in it: its parts for htmx, else the page anew; with the reason where nothing was. */
final readonly class ReviewAnswer
{
    public function __construct(private ReviewPages $pages) {}

    public function report(Revision $revision): Report
    {
        return $this->pages->report($revision);
    }

    /** @param string $finding the fingerprint of the one to be shown */
    public function answer(
        Request $request,
        Revision $revision,
        Report $report,
        string $finding,
        ?string $problem = null,
    ): Response|RedirectResponse {
        if (!$request->headers->has('HX-Request')) {
            $back = redirect()->route(
                'review',
                array_filter(
                    [
                        'revision' => $revision->id,
                        'finding' => $finding,
                        'show' => $request->string('show')->value(),
                        'book' => $request->string('book')->value(),
                    ],
                    static fn(int|string $part): bool => $part !== '',
                ),
            );

            return $problem === null ? $back : $back->withErrors(['ruling' => $problem]);
        }
        $page = $this->pages->page($request, $revision, $report, $finding);

        return response()->view(
            'review.ruled',
            ['page' => $page, 'problem' => $problem],
            $problem === null ? 200 : 422,
        )->header('HX-Push-Url', $page->address($finding));
    }
}
