<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\OpenProject;
use App\Http\Requests\LayoutUpload;
use App\Models\User;
use App\Pages\Desk;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\UnreadableLayout;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class ProjectController
{
    /** A layout that cannot be read is answered 422 with the place, and nothing is stored. */
    public function store(LayoutUpload $upload, #[CurrentUser] User $user, LayoutReader $reader, OpenProject $action): RedirectResponse|Response
    {
        try {
            $revision = $action->open($user, $reader->read($upload->content()), $upload->address(), OpenProject::BOOKS);
        } catch (UnreadableLayout $e) {
            return response()->view('desk', ['desk' => Desk::of($user->office), 'refused' => $e->getMessage()], 422);
        }

        return redirect()->route('review', $revision);
    }
}
