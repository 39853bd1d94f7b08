<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RemoveHome;
use App\Models\LogEntry;
use App\Models\Project;
use App\Models\ProjectKind;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** One project: what it is, its schemes and revisions, and who did what when. */
final class ProjectPageController
{
    private const A_PAGE = 100;

    public function show(Project $project): View
    {
        $project->load('schemes.revisions:id,scheme_id,number,state,created_at');

        return view('project', ['project' => $project, 'entries' => LogEntry::query()->where('project_id', $project->id)->with(['user', 'revision:id,number'])->latest('id')->paginate(self::A_PAGE)]);
    }

    public function update(Request $request, Project $project): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:200'], 'address' => ['nullable', 'string', 'max:200'], 'kind' => ['nullable', Rule::enum(ProjectKind::class)]]);
        $project->update(['name' => $request->string('name')->value(), 'address' => $request->filled('address') ? $request->string('address')->value() : null, 'kind' => $request->enum('kind', ProjectKind::class)]);

        return redirect()->route('project', $project);
    }

    public function remove(Project $project, #[CurrentUser] User $user, RemoveHome $action): RedirectResponse
    {
        $action->remove($project, $user);

        return redirect()->route('desk')->with('status', "{$project->name} is removed. It can be brought back for ".RemoveHome::DAYS.' days.');
    }

    public function bringBack(Project $project, #[CurrentUser] User $user, RemoveHome $action): RedirectResponse
    {
        abort_unless($project->trashed(), 409, 'It is on the desk.');
        $action->bringBack($project, $user);

        return redirect()->route('project', $project);
    }
}
