<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteBrief;
use App\Examination\BookCheck;
use App\Http\Requests\BriefRequest;
use App\Models\Project;
use App\Models\RefusedRuling;
use App\Models\User;
use App\Pages\BriefPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** The client's brief: sentences that make a rule book. */
final class BriefController
{
    public function edit(Project $project, BookCheck $check): View
    {
        return view('brief', ['page' => new BriefPage($project, $check)]);
    }

    /** Of a draft by whoever draws it; once it is handed in, by whoever may rule on it. */
    public function update(BriefRequest $request, Project $project, #[CurrentUser] User $user, WriteBrief $action): RedirectResponse
    {
        if ($project->latestRevision !== null) {
            Gate::authorize('update', $project->latestRevision);
        }
        $back = redirect()->route('brief', $project);
        try {
            $action->write($project, $user, $request->brief());
        } catch (RefusedRuling $e) {
            return $back->withErrors(['brief' => $e->getMessage()])->withInput();
        }

        return $back->with('saved', true);
    }
}
