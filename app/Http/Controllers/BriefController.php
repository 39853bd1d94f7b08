<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\Brief;
use App\Http\Requests\BriefRequest;
use App\Models\Project;
use App\Models\User;
use App\Rules\Basis;
use App\Rules\BookCheck;
use Heurema\Spatial\Home;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The client's brief: a form that makes a rule book. */
final class BriefController
{
    public function edit(Project $project): View
    {
        return view('brief', ['project' => $project, 'brief' => Brief::from($project->brief ?? [])]);
    }

    /** The latest revision is held against it at once. */
    public function update(BriefRequest $request, Project $project, #[CurrentUser] User $user, BookCheck $check): RedirectResponse
    {
        $brief = $request->brief();
        $isEmpty = $brief->rooms === [] && $brief->total === [] && trim($brief->free) === '';
        $project->update(['brief' => $isEmpty ? null : $brief->toArray()]);
        $revision = $project->latestRevision;
        if ($revision === null) {
            return redirect()->route('board', $project->firstScheme);
        }
        $revision->update(['brief' => Basis::ofProject($project, $revision->layout->units)->brief]);
        $revision->update(['counts' => $check->report(new Home($revision->examined()), Basis::ofRevision($revision))->counts()]);
        $revision->log($user, $isEmpty ? 'took the brief away' : 'wrote the brief');

        return redirect()->route('review', $revision);
    }
}
