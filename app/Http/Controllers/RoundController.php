<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Http\Middleware\SecurityHeaders;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ReviewPages;
use App\Pages\RoundPage;
use Heurema\Spatial\Home;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A home in the round: of what is drawn, and of what was handed in. */
final readonly class RoundController
{
    public function __construct(private KeptReports $reports, private ReviewPages $reviews) {}

    public function scheme(Request $request, Scheme $scheme): Response
    {
        return self::page($request, $this->ofScheme($scheme));
    }

    public function schemeFacts(Scheme $scheme): JsonResponse
    {
        return response()->json($this->ofScheme($scheme)->facts());
    }

    public function revision(Request $request, Revision $revision): Response
    {
        return self::page($request, $this->ofRevision($revision));
    }

    /** `small`: as it stands in a frame beside the plan. */
    private static function page(Request $request, RoundPage $page): Response
    {
        $isSmall = $request->boolean('small');
        $response = response()->view('round', ['page' => $page, 'small' => $isSmall]);

        return $isSmall ? $response->header(SecurityHeaders::FRAMED, '1') : $response;
    }

    public function revisionFacts(Revision $revision): JsonResponse
    {
        return response()->json($this->ofRevision($revision)->facts());
    }

    public function schemeDrawing(Request $request, Scheme $scheme): Response
    {
        return self::drawing($request, $this->ofScheme($scheme));
    }

    public function revisionDrawing(Request $request, Revision $revision): Response
    {
        return self::drawing($request, $this->ofRevision($revision));
    }

    private static function drawing(Request $request, RoundPage $page): Response
    {
        $drawn = $page->drawing($request->string('storey')->value(), $request->string('finding')->value());

        return response($drawn, 200, ['Content-Type' => 'image/svg+xml']);
    }

    private function ofScheme(Scheme $scheme): RoundPage
    {
        return new RoundPage(
            title: $scheme->project->name,
            address: route('board.round', $scheme),
            model: route('board.home', [$scheme, 'glb']),
            facts: route('board.round.facts', $scheme),
            drawing: route('board.round.drawing', $scheme),
            plan: route('board', $scheme),
            choose: 'select',
            channel: "scheme {$scheme->id}",
            report: $this->reports->report(new Home($scheme->layout), Basis::ofProject($scheme->project, $scheme->layout->units)),
        );
    }

    private function ofRevision(Revision $revision): RoundPage
    {
        $revision->loadMissing('statements');

        return new RoundPage(
            title: __(':name, revision :number', ['name' => $revision->scheme->project->name, 'number' => $revision->number]),
            address: route('review.round', $revision),
            model: route('review.home', [$revision, 'glb']),
            facts: route('review.round.facts', $revision),
            drawing: route('review.round.drawing', $revision),
            plan: route('review', $revision),
            choose: 'subject',
            channel: "revision {$revision->id}",
            report: $this->reviews->report($revision),
        );
    }
}
