<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Http\Requests\SearchRequest;
use App\Models\User;
use App\Pages\ReviewPages;
use App\Pages\SearchPage;
use Heurema\Review\Report;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Spatial\Home;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

/** What is found by typing, wherever one is. */
final readonly class SearchController
{
    public function __construct(private RuleBookLibrary $library, private KeptReports $reports, private ReviewPages $reviews) {}

    public function index(SearchRequest $request, #[CurrentUser] User $user): View
    {
        [$scheme, $revision] = [$request->scheme(), $request->revision()];
        $report = match (true) {
            $revision !== null => fn(): Report => $this->reviews->report($revision),
            $scheme !== null => fn(): Report => $this->reports->report(
                new Home($scheme->layout),
                Basis::ofProject($scheme->project, $scheme->layout->units),
            ),
            default => null,
        };

        return view('search', ['page' => new SearchPage($request->words(), $user, $this->library, $scheme, $revision, $report)]);
    }
}
