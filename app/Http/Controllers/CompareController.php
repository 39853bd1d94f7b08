<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Examination\Basis;
use App\Examination\KeptReports;
use App\Models\Revision;
use App\Models\Scheme;
use App\Pages\ComparedSide;
use App\Pages\ComparePage;
use App\Pages\ReviewPages;
use Heurema\Spatial\Home;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** Homes of one project beside one another. */
final readonly class CompareController
{
    private const MOST = 3;

    public function __construct(private ReviewPages $pages, private KeptReports $reports) {}

    public function __invoke(Request $request): View
    {
        $keys = array_values(array_unique(array_filter(
            $request->collect('with')->all(),
            static fn(mixed $key): bool => is_string($key) && preg_match('/^s?\d{1,12}$/', $key) === 1,
        )));
        $sides = array_map($this->side(...), array_slice($keys, 0, self::MOST));
        abort_if($sides === [], 404);
        $project = $sides[0]->scheme->project;
        abort_if(array_filter($sides, static fn(ComparedSide $side): bool => $side->scheme->project_id !== $project->id) !== [], 404);
        $project->load('schemes.revisions:id,scheme_id,number');

        return view('compare', ['page' => new ComparePage(
            $project,
            $sides,
            max(0, $request->integer('level')),
            $request->boolean('over'),
        )]);
    }

    private function side(string $key): ComparedSide
    {
        if ($key[0] !== 's') {
            $revision = Revision::query()->with('scheme.project')->findOrFail((int) $key);
            Gate::authorize('view', $revision);

            return new ComparedSide($key, $revision->scheme, $revision, $this->pages->report($revision));
        }
        $scheme = Scheme::query()->with('project')->findOrFail((int) substr($key, 1));
        Gate::authorize('update', $scheme);

        return new ComparedSide(
            $key,
            $scheme,
            null,
            $this->reports->report(new Home($scheme->layout), Basis::ofProject($scheme->project, $scheme->layout->units)),
        );
    }
}
