<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeScheme;
use App\Actions\StaleScheme;
use App\Board\RefusedValue;
use App\Board\StairEdits;
use App\Examination\Basis;
use App\Examination\BookCheck;
use App\Examination\KeptReports;
use App\Http\Requests\BoardRequest;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ReviewPages;
use App\Pages\StairPage;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A stair in section: read in a review, designed on a scheme. */
final readonly class StairController
{
    public function __construct(private BookCheck $check, private KeptReports $reports, private ReviewPages $pages) {}

    public function show(Revision $revision, string $stair): View
    {
        $report = $this->pages->report($revision);

        return view('stair', ['page' => new StairPage($revision->scheme, $revision, $report, self::find($report->home, $stair))]);
    }

    public function edit(Request $request, Scheme $scheme, string $stair): View
    {
        $home = new Home($scheme->layout);
        $basis = Basis::ofProject($scheme->project, $scheme->layout->units);
        [$space, $problem] = self::space($request, $scheme);

        return view('stair', [
            'page' => new StairPage(
                $scheme,
                null,
                $this->reports->report($home, $basis),
                self::find($home, $stair),
                $this->check->settings($basis),
                $space,
            ),
            'typedSpace' => $request->string('space')->value(),
            'spaceProblem' => $problem,
        ]);
    }

    /** Other steps, or the opening in the floor above that the stair needs. */
    public function update(BoardRequest $request, Scheme $scheme, string $stair, ChangeScheme $changes): RedirectResponse
    {
        $home = new Home($scheme->layout);
        $placed = self::find($home, $stair);
        $back = redirect()->route('board.stair', [$scheme, $stair]);
        try {
            $edit = $request->has('headroom')
                ? StairEdits::opening($placed, $scheme->layout, $request->asked()->length('headroom', $scheme->layout))
                : StairEdits::steps($placed, $request->integer('risers'), $request->asked()->length('tread', $scheme->layout));
            $changes->edit($scheme, $request->person(), $request->version(), $edit);
        } catch (StaleScheme) {
            return $back->withErrors([
                'stair' => __('Somebody else has changed this scheme. It is shown as it is now; what you chose is not made yet.'),
            ]);
        } catch (RefusedEdit|RefusedValue|UnreadableLayout|UnreadableLength $e) {
            return $back->withErrors(['stair' => $e->getMessage()]);
        }

        return $back;
    }

    private static function find(Home $home, string $id): PlacedStair
    {
        return $home->stair($id) ?? abort(404);
    }

    /** @return array{float|null, string|null} the run there is room for, or why it cannot be read */
    private static function space(Request $request, Scheme $scheme): array
    {
        $typed = mb_substr($request->string('space')->trim()->value(), 0, 100);
        if ($typed === '') {
            return [null, null];
        }
        try {
            return [$scheme->layout->lengths()->read($typed)->mm, null];
        } catch (UnreadableLength $e) {
            return [null, $e->getMessage()];
        }
    }
}
