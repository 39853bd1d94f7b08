<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PickedSchemeRequest;
use App\Models\Project;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The one scheme of a project that is picked. */
final class PickedSchemeController
{
    public function store(PickedSchemeRequest $request, Project $project, #[CurrentUser] User $user): RedirectResponse
    {
        $scheme = $project->schemes()->findOrFail($request->integer('scheme'));
        $project->update(['picked_scheme_id' => $scheme->id]);
        $scheme->revisions()->latest('number')->first()?->log($user, __('picked :name', ['name' => $scheme->name]));

        return redirect()->back();
    }
}
