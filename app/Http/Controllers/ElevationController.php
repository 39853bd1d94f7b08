<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\DimensionStyle;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ElevationsPage;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** The walls of rooms seen from the front: of what is drawn, and of what was handed in. */
final class ElevationController
{
    public function scheme(Request $request, Scheme $scheme): View
    {
        return view('elevations', ['page' => new ElevationsPage(
            $scheme->project->name,
            route('board.elevations', $scheme),
            route('board', $scheme),
            $scheme->layout,
            $scheme->dimensionStyle(),
            $request->string('room')->value(),
        )]);
    }

    public function revision(Request $request, Revision $revision): View
    {
        $revision->loadMissing('statements');

        return view('elevations', ['page' => new ElevationsPage(
            "{$revision->scheme->project->name}, revision {$revision->number}",
            route('review.elevations', $revision),
            route('review', $revision),
            $revision->examined(),
            DimensionStyle::from([]),
            $request->string('room')->value(),
        )]);
    }
}
