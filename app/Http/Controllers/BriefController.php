<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteBrief;
use App\Briefs\Brief;
use App\Http\Requests\BriefRequest;
use App\Models\Project;
use App\Models\RefusedRuling;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** The client's brief: a form that makes a rule book. */
final class BriefController
{
    public function edit(Project $project): View
    {
        return view('brief', ['project' => $project, 'brief' => Brief::from($project->brief ?? [])]);
    }

    /** Of a draft by whoever draws it; once it is handed in, by whoever may rule on it. */
    public function update(BriefRequest $request, Project $project, #[CurrentUser] User $user, WriteBrief $action): RedirectResponse
    {
        $revision = $project->latestRevision;
        if ($revision !== null) {
            Gate::authorize('update', $revision);
        }
        try {
            $action->write($project, $user, $request->brief());
        } catch (RefusedRuling $e) {
            return redirect()->route('brief', $project)->withErrors(['brief' => $e->getMessage()]);
        }

        return $revision === null ? redirect()->route('board', $project->firstScheme) : redirect()->route('review', $revision);
    }
}
