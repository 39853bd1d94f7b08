<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenProject;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\File;

/** A first home, made of the demonstration's, with a guide that says what to do next. */
final readonly class GuideController
{
    private const HOME = 'demo/ferry-cottage.json';

    public function store(#[CurrentUser] User $user, OpenProject $open, LayoutReader $reader): RedirectResponse
    {
        $revision = $open->open($user, $reader->read(File::get(database_path(self::HOME))), null);
        $revision->scheme->project->update(['name' => __('A first home'), 'guided' => true]);

        return $user->role === Role::Designer
            ? redirect()->route('board', $revision->scheme)
            : redirect()->route('review', $revision);
    }

    /** The home stays; nobody is told what to do any more. */
    public function destroy(Project $project): RedirectResponse
    {
        $project->update(['guided' => false]);

        return redirect()->back();
    }
}
