<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\DimensionStyle;
use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ElevationsPage;
use App\Pages\ReviewPages;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A home seen upright: of what is drawn, and of what was handed in. */
final readonly class ElevationController
{
    public function __construct(private KeptReports $reports, private ReviewPages $reviews) {}

    public function scheme(Request $request, Scheme $scheme): View
    {
        $home = new Home($scheme->layout);

        return view('elevations', ['page' => new ElevationsPage(
            title: $scheme->project->name,
            address: route('board.elevations', $scheme),
            back: route('board', $scheme),
            home: $home,
            style: $scheme->dimensionStyle(),
            asked: self::asked($request),
            report: $this->reports->report($home, Basis::ofProject($scheme->project, $scheme->layout->units)),
        )]);
    }

    public function revision(Request $request, Revision $revision): View
    {
        $revision->loadMissing('statements');

        return view('elevations', ['page' => new ElevationsPage(
            title: __(':name, revision :number', ['name' => $revision->scheme->project->name, 'number' => $revision->number]),
            address: route('review.elevations', $revision),
            back: route('review', $revision),
            home: new Home($revision->examined()),
            style: DimensionStyle::from([]),
            asked: self::asked($request),
            report: $this->reviews->report($revision),
        )]);
    }

    /** What is to be open: a room, a side or a section by its id. */
    private static function asked(Request $request): string
    {
        foreach (['room', 'face', 'section'] as $kind) {
            if ($request->filled($kind)) {
                return ElevationsPage::open($kind, $request->string($kind)->value());
            }
        }

        return '';
    }
}
