<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Revision;
use App\Rules\Basis;
use App\Rules\BookCheck;
use App\Rulings\Rulings;
use Heurema\Review\Report;
use Heurema\Rulebook\Shelf;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;

/** Makes the page of a review from what an address asks for. */
final readonly class ReviewPages
{
    public function __construct(private BookCheck $check, private Shelf $shelf) {}

    public function report(Revision $revision): Report
    {
        return $this->check->report(new Home($revision->examined()), Basis::ofRevision($revision));
    }

    /** @param string|null $finding shown instead of the one that is asked for */
    public function page(Request $request, Revision $revision, Report $report, ?string $finding = null): ReviewPage
    {
        return new ReviewPage(
            $revision,
            $report,
            Rulings::of($revision),
            $this->shelf,
            $finding ?? $request->string('finding')->value(),
            $request->string('subject')->value(),
            $request->string('storey')->value(),
            $request->string('show')->value(),
            $request->string('book')->value(),
        );
    }
}
