<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenProject;
use App\Actions\RemoveHome;
use App\Http\Requests\LayoutUpload;
use App\Http\Requests\ProjectRequest;
use App\Intake\HomeFile;
use App\Intake\UnreadableHomeFile;
use App\Models\LogEntry;
use App\Models\Project;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\Desk;
use App\Pages\ProjectPage;
use Heurema\Layout\Schema\UnreadableLayout;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Projects: a home handed in, what it is, its schemes and revisions, who did what when. */
final class ProjectController
{
    private const A_PAGE = 100;

    /** A file that cannot be read is answered 422 with the place, and nothing is stored. */
    public function store(
        LayoutUpload $upload,
        #[CurrentUser]
        User $user,
        OpenProject $action,
    ): RedirectResponse|Response {
        try {
            $file = HomeFile::read($upload->content());
            $revision = $action->open($user, $file->layout, $upload->address(), null, $file->imported());
        } catch (UnreadableHomeFile|UnreadableLayout $e) {
            return response()->view('desk', ['desk' => Desk::of($user->office), 'refused' => $e->getMessage()], 422);
        }

        return $file->import === null
            ? redirect()->route('review', $revision)
            : redirect()->route('board.file', $revision->scheme_id);
    }

    public function show(Project $project): View
    {
        $project->load(['schemes.revisions' => static fn(Relation $query) => $query->with('submitter')->oldest('number')]);
        $project->schemes->each(static fn(Scheme $scheme) => $scheme->setRelation('project', $project));

        return view(
            'project',
            ['page' => new ProjectPage(
                $project,
                LogEntry::query()
                    ->where('project_id', $project->id)
                    ->with(['user', 'revision:id,number'])
                    ->latest('id')
                    ->paginate(self::A_PAGE),
            )],
        );
    }

    public function update(ProjectRequest $request, Project $project): RedirectResponse
    {
        $project->update($request->project());

        return redirect()->route('project', $project);
    }

    public function destroy(Project $project, #[CurrentUser] User $user, RemoveHome $action): RedirectResponse
    {
        $action->remove($project, $user);

        return redirect()->route('desk')->with(
            'status',
            __(':project is removed. It can be brought back for :days days.', ['project' => $project->name, 'days' => RemoveHome::DAYS]),
        );
    }

    public function restore(Project $project, #[CurrentUser] User $user, RemoveHome $action): RedirectResponse
    {
        abort_unless($project->trashed(), 409, __('It is on the desk.'));
        $action->bringBack($project, $user);

        return redirect()->route('project', $project);
    }
}
