<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeProject;
use App\Exchange\ProjectArchive;
use App\Exchange\ProjectContents;
use App\Exchange\UnreadableProject;
use App\Http\Requests\ProjectArchiveUpload;
use App\Models\Project;
use App\Models\User;
use App\Pages\Desk;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Whole projects, handed out and taken in as one archive. */
final class ProjectArchiveController
{
    public function show(Project $project, RuleBookLibrary $library): Response
    {
        $name = Str::slug($project->name);

        return response(ProjectArchive::of($project, $library), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="'.($name === '' ? 'project' : $name).'.zip"',
        ]);
    }

    public function store(ProjectArchiveUpload $upload, #[CurrentUser] User $user, TakeProject $action): RedirectResponse|Response
    {
        try {
            $project = $action->take($user, ProjectContents::read($upload->archive()));
        } catch (UnreadableProject $e) {
            return response()->view('desk', ['desk' => Desk::of($user->office), 'refusedArchive' => $e->getMessage()], 422);
        }

        return redirect()->route('project', $project);
    }
}
