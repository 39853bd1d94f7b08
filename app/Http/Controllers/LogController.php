<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\LogEntry;
use App\Models\Project;
use Illuminate\View\View;

/** Who did what to a project when. */
final class LogController
{
    private const A_PAGE = 100;

    public function __invoke(Project $project): View
    {
        return view('log', ['project' => $project, 'entries' => LogEntry::query()->where('project_id', $project->id)->with(['user', 'revision'])->latest('id')->paginate(self::A_PAGE)]);
    }
}
